import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import { Said } from '../../ladder/Said'
import { Asked } from '../../ui/Asked'
import type { RiggingProps } from './taking'
import '../../ui/tables.css'

// The same plan under every rule set that ships, rung by rung. Nothing is changed here: the bar says which
// one counts.
export function Schools({ editor }: RiggingProps) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['schools', editor.id, editor.document],
    queryFn: () => api.schools(editor.document),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const found = asked.data
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      {found && (
        <>
          <Box sx={{ mb: 1, maxWidth: 820 }}>
            How the same lift is rated by each school. The plan goes by{' '}
            <strong>{editor.document.rules}</strong>; where they differ the row is marked, and the milder
            answer is no reason to change.
          </Box>
          <table className="grid">
            <thead>
              <tr>
                <th scope="col">rung</th>
                {found.schools.map((school) => (
                  <th key={school.id} scope="col">
                    {school.id}
                    {school.id === editor.document.rules && ', this plan'}
                    <div style={{ color: COLOUR[school.verdict], whiteSpace: 'normal' }}>
                      {shown(school.headline)}
                    </div>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {[...found.rungs].reverse().map((row) => (
                <tr key={row.rung} data-school-rung={row.rung}>
                  <th scope="row">
                    {row.label}
                    {row.differs && <span className="small">they differ</span>}
                  </th>
                  {found.schools.map(({ id }) => {
                    const said = row.said[id]
                    return (
                      <td key={id} className={row.differs ? 'differs' : undefined} style={{ paddingLeft: 8 }}>
                        <Said said={said ?? null} />
                      </td>
                    )
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </Asked>
  )
}
