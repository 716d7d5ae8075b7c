import Box from '@mui/material/Box'
import type { Piece } from '../../api/client'
import { Heads } from '../../ui/Heads'
import { usePreferences, useShown } from '../../ui/preferences'
import { lengthWords } from '../../units/units'
import { plain } from './words'

// The pieces that were found.
export function StoreTable({ listed, setOpen }: { listed: Piece[]; setOpen: (piece: Piece) => void }) {
  const shown = useShown()
  const { system } = usePreferences().preferences
  return (
    <>
      {listed.length > 0 && (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Pieces">
          <table className="grid store">
            <Heads
              of={[
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
              ]}
            />
            <tbody>
              {listed.map((piece) => (
                <tr key={piece.id} data-piece={piece.fields.number}>
                  <th scope="row">
                    <button type="button" onClick={() => setOpen(piece)}>
                      {piece.fields.number}
                    </button>
                  </th>
                  <td>{plain(piece.fields.kind ?? '')}</td>
                  <td>{piece.fields.size}</td>
                  <td>{piece.sort === 'sling' ? piece.data.legs : ''}</td>
                  <td className="nowrap">
                    {piece.sort === 'sling'
                      ? shown(piece.reach)
                      : piece.data.spans.map(({ span_m }) => lengthWords(span_m, system)).join(', ')}
                  </td>
                  <td className="nowrap">{shown(piece.rating) || 'not legible'}</td>
                  <td className="nowrap">{shown(piece.mass) || 'not known'}</td>
                  <td
                    style={
                      piece.fields.state === 'ready' ? undefined : { color: 'var(--stop)', fontWeight: 600 }
                    }
                  >
                    {piece.fields.state}
                  </td>
                  <td className="nowrap">{piece.fields.examined || 'not known'}</td>
                  <td
                    className="nowrap"
                    style={
                      piece.overdue || !piece.due ? { color: 'var(--stop)', fontWeight: 600 } : undefined
                    }
                  >
                    {piece.due ? `${piece.due}${piece.overdue ? ', overdue' : ''}` : 'not known'}
                  </td>
                  <td>{piece.fields.place}</td>
                  <td>{piece.fields.note}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
      )}
    </>
  )
}
