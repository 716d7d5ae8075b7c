import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import type { Editor } from '../../plan/usePlanEditor'
import { Heading } from '../../ui/Row'

// What would make the whole ladder better, worked out by the core when nothing is moving. Applying one is
// one step of undo.
export function WaysOut({ editor }: { editor: Editor }) {
  const shown = useShown()
  const { of, ladder, working } = editor.checked
  const asked =
    !working &&
    !editor.moving &&
    of === editor.document &&
    !!ladder?.rungs.some((rung) => rung.verdict === 'stop' || rung.verdict === 'tight')
  const ways = useQuery({
    queryKey: ['ways_out', editor.id, editor.checked.answers],
    queryFn: () => api.waysOut(editor.document),
    enabled: asked,
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  if (!asked) return null
  return (
    <section aria-label="Ways out">
      <Heading aside="what cures it first">Ways out</Heading>
      {ways.isPending && <div role="status">working</div>}
      {ways.isError && <div role="alert">They could not be worked out: {ways.error.message}</div>}
      {ways.data?.ways.length === 0 && (
        <div>
          {ways.data.tried.length > 0
            ? 'None of what was tried makes it better without making something else worse: ' +
              `${ways.data.tried.join(', ')}.`
            : 'Nothing here could be tried on it.'}
        </div>
      )}
      {ways.data?.ways.map((way) => (
        <div key={way.id} className="way" data-way={way.id}>
          <div>
            {shown(way.words)}
            <span className="small" style={{ color: COLOUR[way.verdict] }}>
              then {shown(way.headline)}
            </span>
          </div>
          <Button
            variant="outlined"
            aria-label={`Apply: ${shown(way.words)}`}
            onClick={() => editor.change(way.changes, shown(way.words))}
          >
            Apply
          </Button>
        </div>
      ))}
    </section>
  )
}
