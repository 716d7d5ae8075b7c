import type { StoreReading } from '../../api/client'
import { kindWords, labelOf, useKinds } from './words'

type Row = StoreReading['rows'][number]

const STOP = { color: 'var(--stop)', fontWeight: 600 }

// One piece of a file: what it says, and what it would change in the store.
export function CsvRow({ row }: { row: Row }) {
  const kinds = useKinds()
  const problems = row.problems.map(
    (one) => `${labelOf(kinds, one.field)}: ${one.message}; expected ${one.expected}`,
  )
  return (
    <tr data-csv-line={row.line}>
      <td>{row.line}</td>
      <th scope="row">{row.fields.number}</th>
      <td>{kindWords(kinds, row.fields.kind)}</td>
      <td>{row.fields.size}</td>
      <td>{row.fields.reach}</td>
      <td>{row.fields.vertical || row.fields.wll || row.fields.span_ratings}</td>
      <td>{row.fields.state}</td>
      <td>{row.fields.examined}</td>
      <td style={row.problems.length > 0 ? STOP : undefined}>
        {problems.length > 0 ? problems.join('. ') : row.known ? <Changes changes={row.changes} /> : 'new'}
      </td>
    </tr>
  )
}

// A piece that comes back into use by a file stands out.
function Changes({ changes }: { changes: Row['changes'] }) {
  const kinds = useKinds()
  return changes.length === 0
    ? 'as it is in the store'
    : changes.map(({ field, from, to }) => (
        <div key={field} style={field === 'state' && to === 'ready' ? STOP : undefined}>
          {`${labelOf(kinds, field)}: ${from || 'empty'} → ${to || 'empty'}`}
        </div>
      ))
}
