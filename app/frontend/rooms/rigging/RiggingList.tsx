import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { WORD } from '../../ladder/verdict'
import { Asked } from '../../ui/Asked'
import { Heads } from '../../ui/Heads'
import { useShown } from '../../ui/preferences'
import type { RiggingProps } from './taking'
import '../../ui/tables.css'

const HEADS = ['what', 'number', 'pieces', 'each', 'together', 'due', 'where', 'still to do']

// Everything that the lift is rigged with, and what is still to be bought, hired, examined or brought.
export function RiggingList({ editor }: Pick<RiggingProps, 'editor'>) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['rigging_list', editor.id, editor.document],
    queryFn: () => api.riggingList(editor.document),
    gcTime: 0,
    staleTime: 0,
    retry: false,
  })
  const list = asked.data
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      {list && (
        <Box>
          <Box role="status" sx={{ typography: 'lead', mb: 1 }}>
            {`${shown(list.total)} together${list.whole ? '' : ', and what is not known'}; ` +
              (list.to_do === 0 ? 'nothing is left to do' : `${list.to_do} still to be done`)}
          </Box>
          <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Rigging list">
            <table className="grid">
              <Heads of={HEADS} />
              <tbody>
                {list.lines.map((line, index) => (
                  <tr key={index} data-rigging={line.number ?? line.what}>
                    <th scope="row" style={{ whiteSpace: 'normal' }}>
                      {line.what}
                    </th>
                    <td>{line.number ?? 'none yet'}</td>
                    <td>{line.count}</td>
                    <td>{line.mass ? shown(line.mass) : 'not known'}</td>
                    <td>{line.all ? shown(line.all) : 'not known'}</td>
                    <td>{line.due ?? ''}</td>
                    <td>{line.place ?? ''}</td>
                    <td
                      style={line.verdict === 'stop' ? { color: 'var(--stop)', fontWeight: 600 } : undefined}
                    >
                      {line.to_do ?? (line.verdict === 'holds' ? 'ready' : WORD.not_known)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Box>
          <Button variant="outlined" sx={{ mt: 2 }} onClick={() => window.print()}>
            Print
          </Button>
        </Box>
      )}
    </Asked>
  )
}
