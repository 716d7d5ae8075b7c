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
      <table className="grid store">
        <Heads of={HEADS} />
        <tbody>
          {listed.map((piece) => (
            <tr key={piece.id} data-piece={piece.fields.number}>
              <th scope="row">
                <Link to={`/store/${piece.id}`}>{piece.fields.number}</Link>
              </th>
              <td>{kindWords(kinds, piece.fields.kind)}</td>
              <td>{piece.fields.size}</td>
              <td>{piece.sort === 'sling' ? piece.data.legs : ''}</td>
              <td className="nowrap">{reach(piece)}</td>
              <td className="nowrap">
                {shown(piece.rating) || (piece.sort === 'support' ? '' : 'not legible')}
              </td>
              <td className="nowrap">{shown(piece.mass) || 'not known'}</td>
              <td style={isOff(piece.fields.state) ? OFF : undefined}>{piece.fields.state}</td>
              <td className="nowrap">
                {piece.fields.examined ?? (piece.sort === 'support' ? '' : 'not known')}
              </td>
              <td>
                <Due piece={piece} wanted={piece.sort !== 'support'} />
              </td>
              <td>{piece.fields.place}</td>
              <td>{piece.fields.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  )
}
