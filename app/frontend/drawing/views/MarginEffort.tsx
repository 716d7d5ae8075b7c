import type { FindKept } from '../../api/answers.generated'
import { POUNDS } from '../../units/units'
import { usePreferences } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { ticks } from '../scale/ticks'

const LEFT = 78
const BOTTOM = 44
const TOP = 14

// The best margin that so many hours buy, as steps; what is shown by its number, all else that was found as
// circles.
export function MarginEffort({
  shown: few,
  others,
  chosen,
  onChoose,
  width,
  height,
}: {
  shown: { id: string; minutes: number; kg: number; front: boolean }[]
  others: FindKept[]
  chosen: string | null
  onChoose: (id: string) => void
  width: number
  height: number
}) {
  const { system } = usePreferences().preferences
  const unit = system === 'us' ? POUNDS : 1
  const all = [...few, ...others]
  const mostHours = Math.max(1, ...all.map((one) => one.minutes / 60)) * 1.06
  const mostKg = Math.max(100, ...all.map((one) => one.kg)) * 1.12
  const x = (minutes: number) => LEFT + (minutes / 60 / mostHours) * (width - LEFT - 14)
  const y = (kg: number) => height - BOTTOM - (kg / mostKg) * (height - BOTTOM - TOP)
  const front = few.filter((one) => one.front)
  const line = front
    .map((one, index) => `${index ? 'H' : 'M'}${x(one.minutes)}${index ? '' : ` ${y(0)}`}V${y(one.kg)}`)
    .join('')
  return (
    <svg width={width} height={height} role="group" aria-label="Margin against effort">
      {front.length > 0 && (
        <path d={`${line}H${width - 8}V${y(0)}H${x(front[0]!.minutes)}z`} fill="var(--wash)" />
      )}
      {ticks(mostKg / unit, 4).map((value) => (
        <g key={value}>
          <path d={`M${LEFT} ${y(value * unit)}H${width - 8}`} stroke="var(--line)" />
          <Label x={LEFT - 6} y={y(value * unit) + 5} anchor="end" size={14}>
            {value === 0 ? '0' : `+${value} ${system === 'us' ? 'lb' : 'kg'}`}
          </Label>
        </g>
      ))}
      {ticks(mostHours, 6).map((value) => (
        <Label key={value} x={x(value * 60)} y={height - BOTTOM + 18} anchor="middle" size={14}>
          {value}
        </Label>
      ))}
      <Label x={width - 10} y={height - 6} anchor="end" size={14}>
        hours until ready
      </Label>
      <path d={`M${LEFT} ${TOP}V${y(0)}H${width - 8}`} fill="none" stroke="var(--ink)" strokeWidth={2} />
      {front.length > 0 && (
        <path d={`${line}H${width - 8}`} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
      )}
      {others.map((one) => (
        <circle
          key={one.id}
          data-other
          cx={x(one.minutes)}
          cy={y(one.kg)}
          r={4.5}
          fill="var(--bone)"
          stroke="var(--ink)"
        />
      ))}
      {few.map((one, index) => {
        const on = one.id === chosen
        // Those that stand in one place stand beside each other.
        const before = few.slice(0, index)
        const beside = before.filter(
          (other) =>
            Math.abs(x(other.minutes) - x(one.minutes)) < 12 && Math.abs(y(other.kg) - y(one.kg)) < 16,
        )
        const across = x(one.minutes) + 20 * beside.length
        return (
          <g key={one.id} data-on-line={one.front} onClick={() => onChoose(one.id)} cursor="pointer">
            <rect
              x={across - 11}
              y={y(one.kg) - 11}
              width={22}
              height={22}
              fill={on ? 'var(--mark)' : 'var(--bone)'}
              stroke="var(--mark)"
              strokeWidth={2}
              strokeDasharray={one.front ? undefined : '4 3'}
            />
            <Label
              x={across}
              y={y(one.kg) + 6}
              anchor="middle"
              size={16}
              weight={700}
              fill={on ? 'var(--bone)' : 'var(--ink)'}
            >
              {String(index + 1)}
            </Label>
          </g>
        )
      })}
    </svg>
  )
}
