import { FEET } from '../../units/units'
import { usePreferences, useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { Edges, Name, NAME_LEFT, line, type ChartProps } from './chartParts'

// How near a beam comes to the load that turns beside it.
export function GapChart({ view, step, x, frame }: ChartProps) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const gaps = view.steps.flatMap(({ gap }) => (gap === null ? [] : [gap]))
  if (gaps.length === 0) return null
  const needed = view.gap_wanted ?? 0
  const most = Math.max(...gaps, needed, 0.5)
  const y = (metres: number) => frame.bottom - (metres / most) * (frame.bottom - frame.top)
  const wanted = system === 'us' ? `${(needed / FEET).toFixed(2)} ft` : `${needed.toFixed(2)} m`
  const short = view.gap_least !== null && view.gap_least.gap.value < needed
  return (
    <g>
      <Edges frame={frame} />
      {view.gap_wanted !== null && (
        <path
          d={`M${frame.left} ${y(view.gap_wanted)}H${frame.right}`}
          stroke="var(--stop)"
          strokeWidth={1.8}
        />
      )}
      <Label x={frame.left - 8} y={frame.top + 8} anchor="end" size={14} weight={500}>
        {system === 'us' ? (most / FEET).toFixed(1) : most.toFixed(1)}
      </Label>
      <Label x={frame.left - 8} y={frame.bottom + 4} anchor="end" size={14} weight={500}>
        0
      </Label>
      <Name x={frame.left - NAME_LEFT} y={(frame.top + frame.bottom) / 2 - 2}>
        {['beam', system === 'us' ? 'gap, ft' : 'gap, m']}
      </Name>
      <path
        d={line(
          view.steps.map(({ at, gap }) => [at, gap]),
          x,
          y,
        )}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {step.gap !== null && <circle cx={x(step.at)} cy={y(step.gap)} r={4} fill="var(--mark)" />}
      {view.gap_least && (
        <Label
          x={frame.right + 8}
          y={frame.bottom - 12}
          size={14}
          fill={short ? 'var(--stop)' : 'var(--mark)'}
        >
          {`least ${shown(view.gap_least.gap)}`}
        </Label>
      )}
      {view.gap_wanted !== null && (
        <Label x={frame.right + 8} y={frame.bottom + 4} size={14} fill="var(--stop)">
          {`wants ${wanted}`}
        </Label>
      )}
    </g>
  )
}
