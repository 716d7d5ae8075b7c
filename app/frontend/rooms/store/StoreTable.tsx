import Box from '@mui/material/Box'
import { Link } from 'react-router'
import type { Piece } from '../../api/client'
import { Heads } from '../../ui/Heads'
import { usePreferences, useShown } from '../../ui/preferences'
import { lengthWords } from '../../units/units'
import { isOff, kindWords, useKinds } from './words'

const OFF = { color: 'var(--stop)', fontWeight: 600 }
const HEADS = [
  'number',
  'kind',
  'size',
  'legs',
  'reach',
  'rating',
  'mass',
  'state',
  'examined',
  'due',
  'place',
  'note',
]

// When its next examination is, and whether that is past.
export const Due = ({ piece, wanted = true }: { piece: Piece; wanted?: boolean }) => (
  <span className="nowrap" style={piece.overdue || (wanted && !piece.due) ? OFF : undefined}>
    {piece.due ? `${piece.due}${piece.overdue ? ', overdue' : ''}` : wanted ? 'not known' : 'none wanted'}
  </span>
)

// The pieces that were found.
export function StoreTable({ listed }: { listed: Piece[] }) {
  const shown = useShown()
  const kinds = useKinds()
  const { system } = usePreferences().preferences
  if (listed.length === 0) return null
  const reach = (piece: Piece) =>
    piece.sort === 'beam'
      ? piece.data.spans.map(({ span_m }) => lengthWords(span_m, system)).join(', ')
      : shown(piece.reach)
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Pieces">
      <table className="grid store stack">
        <Heads of={HEADS} />
        <tbody>
          {listed.map((piece) => (
            <tr key={piece.id} data-piece={piece.fields.number}>
              <th scope="row">
                <Link to={`/store/${piece.id}`}>{piece.fields.number}</Link>
              </th>
              <td data-of="kind">{kindWords(kinds, piece.fields.kind)}</td>
              <td data-of="size">{piece.fields.size}</td>
              <td data-of="legs">{piece.sort === 'sling' ? piece.data.legs : ''}</td>
              <td data-of="reach" className="nowrap">
                {reach(piece)}
              </td>
              <td data-of="rating" className="nowrap">
                {shown(piece.rating) || (piece.sort === 'support' ? '' : 'not legible')}
              </td>
              <td data-of="mass" className="nowrap">
                {shown(piece.mass) || 'not known'}
              </td>
              <td data-of="state" style={isOff(piece.fields.state) ? OFF : undefined}>
                {piece.fields.state}
              </td>
              <td data-of="examined" className="nowrap">
                {piece.fields.examined ?? (piece.sort === 'support' ? '' : 'not known')}
              </td>
              <td data-of="due">
                <Due piece={piece} wanted={piece.sort !== 'support'} />
              </td>
              <td data-of="place">{piece.fields.place}</td>
              <td data-of="note">{piece.fields.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  )
}
