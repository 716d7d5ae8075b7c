import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { api, type Proposal } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { CgMark } from '../../drawing/figures/figures'
import { BeamFigure, HookBlock } from '../../drawing/figures/lifting'
import { LegLine } from '../../drawing/figures/legs'
import { elevationScale, type Place } from '../../drawing/scale/scale'
import { VerdictLine } from '../../ladder/VerdictLine'
import { COLOUR, WORD } from '../../ladder/verdict'
import { Asked } from '../../ui/Asked'
import type { RiggingProps } from './taking'

const SKETCH = { width: 300, height: 212 }

// Two or three arrangements for this load, with gear of the store, each as the whole plan would then stand.
export function Proposals({ editor, take }: RiggingProps) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['proposals', editor.id, editor.document],
    queryFn: () => api.proposals(editor.document),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      <Box sx={{ mb: 1, maxWidth: 760 }}>
        From the load's outline, its centre of gravity and its points, with slings and beams that are ready in
        the store. Take one and change it; a qualified person looks at it before it is used.
      </Box>
      {asked.data?.missing && (
        <Box role="alert" sx={{ border: '1.5px dashed var(--ink)', p: '8px 12px', mb: 1 }}>
          Needed first: {asked.data.missing.what}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '16px' }}>
        {asked.data?.proposals.map((one) => (
          <Box
            key={one.id}
            component="section"
            aria-label={shown(one.words)}
            data-proposal={one.id}
            sx={{
              border: '1.5px solid var(--ink)',
              width: 336,
              p: '10px 16px 12px',
              display: 'flex',
              flexDirection: 'column',
            }}
          >
            <Box
              component="h3"
              sx={{ m: 0, typography: 'field', fontWeight: 600, minHeight: 44, lineHeight: 1.25 }}
            >
              {shown(one.words)}
            </Box>
            <Sketch proposal={one} />
            <VerdictLine verdict={one.rigging} utilisation={one.utilisation} width={50} height={11}>
              Rigging {WORD[one.rigging]}
            </VerdictLine>
            <Box
              component="dl"
              sx={{
                m: '6px 0',
                lineHeight: 1.2,
                display: 'grid',
                gridTemplateColumns: '112px 1fr',
                rowGap: '2px',
                fontFamily: 'var(--figures)',
                typography: 'plain',
                '& dd': { m: 0 },
              }}
            >
              <dt>slings</dt>
              <dd>
                {one.slings.join(', ')}
                {one.utilisation && `, ${shown(one.utilisation)} at worst`}
              </dd>
              <dt>hook</dt>
              <dd>{shown(one.hook_height) || 'not known'} above the base</dd>
              <dt>tilt</dt>
              <dd>{shown(one.tilt) || 'not known'}</dd>
              <dt>weakest</dt>
              <dd style={{ color: COLOUR[one.weakest.verdict] }}>
                {one.weakest.label}: {shown(one.weakest.note)}
              </dd>
              <dt>whole ladder</dt>
              <dd style={{ color: COLOUR[one.verdict] }}>{shown(one.headline)}</dd>
            </Box>
            <Button
              variant={one.rigging === 'stop' ? 'outlined' : 'contained'}
              sx={{ mt: 'auto', minHeight: 44 }}
              onClick={() => take(one.changes, `held by: ${shown(one.words)}`)}
              aria-label={`Take it: ${shown(one.words)}`}
            >
              Take it
            </Button>
          </Box>
        ))}
      </Box>
      {!asked.data?.missing && (asked.data?.vain.length ?? 0) > 0 && (
        <Box sx={{ mt: 2 }}>
          Tried in vain: {asked.data!.vain.map(({ words, why }) => `${words}: ${why}`).join('; ')}.
        </Box>
      )}
    </Asked>
  )
}

// The proposal to scale, seen along y.
function Sketch({ proposal }: { proposal: Proposal }) {
  const { drawing } = proposal
  if (!drawing?.hook) return <Box sx={{ height: SKETCH.height }}>Its geometry is not known.</Box>
  const scale = elevationScale(drawing, 0, SKETCH.width / 2, SKETCH.height - 10, {
    top: 76,
    left: 4,
    right: SKETCH.width - 4,
  })
  const at = (place: number[]) => ({ x: scale.x(place as Place), y: scale.y(place as Place) })
  const [length, , height] = drawing.size as Place
  const middle = drawing.cg[1]!
  const corners = [
    [0, 0],
    [length, 0],
    [length, height],
    [0, height],
  ].map(([x, z]) => at([x!, middle, z!]))
  return (
    <svg
      width={SKETCH.width}
      height={SKETCH.height}
      role="img"
      aria-label="Sketch of the arrangement, to scale"
      style={{ display: 'block' }}
    >
      <path d={`M0 ${SKETCH.height - 10}H${SKETCH.width}`} stroke="var(--ink)" strokeWidth={2} />
      <path
        d={`M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
        fill="var(--bone)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {[...drawing.uppers, ...drawing.legs].map((leg, index) => (
        <LegLine
          key={index}
          from={at(leg.top)}
          to={at(leg.bottom)}
          kind="wire_rope"
          colour={leg.verdict === 'stop' ? COLOUR.stop : 'var(--ink)'}
        />
      ))}
      {drawing.beam && (
        <BeamFigure
          holes={drawing.beam.holes.map(at)}
          eyes={drawing.beam.eyes.map(at)}
          used={drawing.beam.used}
          number={drawing.beam.number}
        />
      )}
      <HookBlock x={scale.hook.x} y={scale.hook.y} top={0} />
      <CgMark {...at(drawing.cg)} r={7} />
    </svg>
  )
}
