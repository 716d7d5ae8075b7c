import type { StoreReading } from '../../api/client'
import { labelOf, plain } from './words'

type Row = StoreReading['rows'][number]

const STOP = { color: 'var(--stop)', fontWeight: 600 }

// One piece of a file: what it says, and what it would change in the store.
export const CsvRow = ({ row }: { row: Row }) => (
  <tr data-csv-line={row.line}>
    <td>{row.line}</td>
    <th scope="row">{row.fields.number}</th>
    <td>{plain(row.fields.kind ?? '')}</td>
    <td>{row.fields.size}</td>
    <td>{row.fields.reach}</td>
    <td>{row.fields.vertical || row.fields.span_ratings}</td>
    <td>{row.fields.state}</td>
    <td>{row.fields.examined}</td>
    <td style={row.problems.length > 0 ? STOP : undefined}>
      {row.problems.length > 0 ? problems(row) : row.known ? <Changes changes={row.changes} /> : 'new'}
    </td>
  </tr>
)

const problems = (row: Row) =>
  row.problems.map((one) => `${labelOf(one.field)}: ${one.message}; expected ${one.expected}`).join('. ')

// A piece that comes back into use by a file stands out.
const Changes = ({ changes }: { changes: Row['changes'] }) =>
  changes.length === 0
    ? 'as it is in the store'
    : changes.map(({ field, from, to }) => (
        <div key={field} style={field === 'state' && to === 'ready' ? STOP : undefined}>
          {`${labelOf(field)}: ${from || 'empty'} → ${to || 'empty'}`}
        </div>
      ))
