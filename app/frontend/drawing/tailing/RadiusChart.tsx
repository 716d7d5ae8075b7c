import { FEET } from '../../units/units'
import { usePreferences } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { Edges, Name, NAME_LEFT, line, type ChartProps } from './chartParts'

// The tail's radius, over the rows of its chart.
export function RadiusChart({ view, step, x, frame }: ChartProps) {
  const { system } = usePreferences().preferences
  const radii = view.steps.flatMap(({ tail }) => (tail.radius ? [tail.radius.value] : []))
  if (radii.length === 0) return null
  const rows = view.cranes[1]!.rows ?? []
  const [least, most] = [Math.min(...radii), Math.max(...radii)]
  const [low, high] = [least - 1, most + 1]
  const y = (metres: number) =>
    frame.bottom - ((metres - low) / Math.max(high - low, 0.5)) * (frame.bottom - frame.top)
  const seen = rows.filter((row) => row > low && row < high)
  const told = (metres: number) =>
    system === 'us' ? `${(metres / FEET).toFixed(1)}` : `${+metres.toFixed(2)}`
  const every = Math.ceil((seen.length * 15) / Math.max(frame.bottom - frame.top, 1))
  return (
    <g>
      <Edges frame={frame} />
      {seen.map((row, index) => (
        <g key={row}>
          <path
            d={`M${frame.left} ${y(row)}H${frame.right}`}
            stroke="var(--ink2)"
            strokeWidth={1}
            strokeDasharray="2 4"
          />
          {index % every === 0 && (
            <Label x={frame.right + 8} y={y(row) + 5} size={14} weight={500} fill="var(--ink2)">
              {`row ${told(row)} ${system === 'us' ? 'ft' : 'm'}`}
            </Label>
          )}
        </g>
      ))}
      {[least, most].map((radius) => (
        <Label key={radius} x={frame.left - 8} y={y(radius) + 5} anchor="end" size={14} weight={500}>
          {system === 'us' ? (radius / FEET).toFixed(1) : radius.toFixed(1)}
        </Label>
      ))}
      <Name x={frame.left - NAME_LEFT} y={(frame.top + frame.bottom) / 2 - 2}>
        {['tail', system === 'us' ? 'r, ft' : 'r, m']}
      </Name>
      <path
        d={line(
          view.steps.map(({ at, tail }) => [at, tail.radius?.value ?? null]),
          x,
          y,
        )}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {step.tail.radius && <circle cx={x(step.at)} cy={y(step.tail.radius.value)} r={4} fill="var(--mark)" />}
    </g>
  )
}
