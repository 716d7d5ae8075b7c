import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { VerdictLine } from '../../ladder/VerdictLine'
import { WORD } from '../../ladder/verdict'
import { Asked } from '../../ui/Asked'
import type { RiggingProps } from './taking'
import '../../ui/tables.css'
import '../../ui/charts.css'
import { Heads } from '../../ui/Heads'

// Every chart of the library for this lift, with the boom and the parts of line that suit it best; those
// that cannot, with why.
export function Comparison({ editor, take }: RiggingProps) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['comparison', editor.id, editor.document],
    queryFn: () => api.comparison(editor.document),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      <Box sx={{ mb: 1, maxWidth: 860 }}>
        From where the crane stands now, each machine as its chart describes it, with its best boom and the
        fewest parts of line. Only what the crane itself decides is looked at. Taking one leaves its identity
        to be ticked against the machine.
      </Box>
      {asked.data?.length === 0 && <Box>No chart is in the library.</Box>}
      {(asked.data?.length ?? 0) > 0 && (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Cranes">
          <table className="grid compare">
            <Heads
              of={[
                'crane and configuration',
                'boom, parts',
                'verdict',
                'gross of allowed',
                'left',
                'radius left',
                '',
              ]}
            />
            <tbody>
              {asked.data?.map((row) => (
                <tr key={row.id} data-crane={row.id} className={row.current ? 'differs' : undefined}>
                  <th scope="row">
                    {row.title}
                    {row.current && <span className="small">this plan’s chart</span>}
                    {row.unchecked && (
                      <span className="small" style={{ color: 'var(--stop)' }}>
                        {row.unchecked}
                      </span>
                    )}
                  </th>
                  <td className="nowrap">
                    {[
                      row.boom && shown(row.boom),
                      row.parts && `${row.parts} part${row.parts > 1 ? 's' : ''}`,
                    ]
                      .filter(Boolean)
                      .join(', ')}
                  </td>
                  <td>
                    <VerdictLine verdict={row.verdict} utilisation={row.utilisation}>
                      <span style={{ whiteSpace: 'nowrap' }}>
                        {WORD[row.verdict]} {shown(row.utilisation)}
                      </span>
                      {row.governs && <span className="small">{row.governs}</span>}
                    </VerdictLine>
                  </td>
                  {row.reasons.length > 0 ? (
                    <td colSpan={3}>
                      {row.reasons.slice(0, 4).map((reason) => (
                        <div key={reason.label}>
                          <strong>
                            {reason.label}
                            {reason.percent && ` ${shown(reason.percent)}`}
                          </strong>
                          : {shown(reason.note)}
                        </div>
                      ))}
                    </td>
                  ) : (
                    <>
                      <td className="nowrap">
                        {row.gross && row.capacity && `${shown(row.gross)} of ${shown(row.capacity)}`}
                      </td>
                      <td className="nowrap">{shown(row.left)}</td>
                      <td className="nowrap">{shown(row.room)}</td>
                    </>
                  )}
                  <td>
                    {!row.current && row.verdict !== 'stop' && (
                      <Button variant="outlined" onClick={() => take(row.changes, `crane: ${row.title}`)}>
                        Take it
                      </Button>
                    )}
                    {row.current && row.reasons.length === 0 && (
                      <Button
                        variant="outlined"
                        onClick={() =>
                          take(
                            Object.fromEntries(
                              Object.entries(row.changes).filter(([place]) =>
                                /boom_length|parts_of_line/.test(place),
                              ),
                            ),
                            'boom and parts of line',
                          )
                        }
                      >
                        Take boom and parts
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
      )}
    </Asked>
  )
}
