import Box from '@mui/material/Box'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type Piece } from '../../api/client'
import { Heads } from '../../ui/Heads'
import { Reading } from '../../ui/Reading'
import { Heading } from '../../ui/Row'
import { Due } from './StoreTable'
import { kindWords, useKinds } from './words'

const SPANS = ['14', '30', '60', '90', '180', '365']

function Rows({ pieces, label }: { pieces: Piece[]; label: string }) {
  const kinds = useKinds()
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={label}>
      <table className="grid store stack">
        <Heads of={['due', 'number', 'kind', 'size', 'state', 'last examined', 'use', 'place']} />
        <tbody>
          {pieces.map((piece) => (
            <tr key={piece.id} data-piece={piece.fields.number}>
              <td data-of="due">
                <Due piece={piece} />
              </td>
              <th scope="row">
                <Link to={`/store/${piece.id}`}>{piece.fields.number}</Link>
              </th>
              <td data-of="kind">{kindWords(kinds, piece.fields.kind)}</td>
              <td data-of="size">{piece.fields.size}</td>
              <td data-of="state">{piece.fields.state}</td>
              <td data-of="last examined" className="nowrap">
                {piece.fields.examined ?? 'never'}
              </td>
              <td data-of="use">{piece.fields.use ?? 'not known: counts as the hardest'}</td>
              <td data-of="place">{piece.fields.place}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  )
}

// What is to be examined in the days ahead: overdue first, then by day, then what nobody examined yet.
export function DueList() {
  const [within, setWithin] = useState('60')
  const due = useQuery({
    queryKey: ['due_pieces', within],
    queryFn: () => api.duePieces(within),
    placeholderData: keepPreviousData,
    refetchOnMount: 'always',
  })
  const { data } = due
  const late = data?.due.filter((piece) => piece.overdue) ?? []
  const ahead = data?.due.filter((piece) => !piece.overdue) ?? []
  return (
    <>
      <div className="store-find">
        <select aria-label="Days ahead" value={within} onChange={(event) => setWithin(event.target.value)}>
          {SPANS.map((days) => (
            <option key={days} value={days}>
              {`${days} days ahead`}
            </option>
          ))}
        </select>
        <a className="as-button" href="/api/calendar">
          As a calendar file
        </a>
      </div>
      <Reading query={due} what="examinations" pad={{ py: 3 }} />
      {data && (
        <>
          {data.due_count > data.due.length && (
            <Box role="status">{`The first ${data.due.length} of ${data.due_count}.`}</Box>
          )}
          {late.length > 0 && (
            <section>
              <Heading aside="out of date: no plan takes them">{`Overdue: ${late.length}`}</Heading>
              <Rows pieces={late} label="Overdue" />
            </section>
          )}
          <section>
            <Heading aside={`until ${data.until}`}>{`Due: ${ahead.length}`}</Heading>
            {ahead.length === 0 ? (
              <Box sx={{ py: 1 }}>Nothing is due until then.</Box>
            ) : (
              <Rows pieces={ahead} label="Due" />
            )}
          </section>
          {data.never_count > 0 && (
            <section>
              <Heading aside="not known is no pass">{`Never examined: ${data.never_count}`}</Heading>
              <Rows pieces={data.never} label="Never examined" />
            </section>
          )}
        </>
      )}
    </>
  )
}
