import type { Reach } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import { FRAME } from './ReachStrip'
import type { ReachScale } from '../scale/scale'

// Axes and title of the strip.
export function ReachAxes({
  right,
  masses,
  scale,
  massUnit,
  us,
  radii,
  radiusUnit,
  reach,
}: {
  right: number
  masses: number[]
  scale: ReachScale
  massUnit: number
  us: boolean
  radii: number[]
  radiusUnit: number
  reach: Reach
}) {
  const many = reach.sectors.length > 2
  const sectors = many ? `least of ${reach.sectors.length} sectors` : reach.sectors.join(' and ')
  return (
    <>
      <path
        d={`M${FRAME.left} ${FRAME.top}V${FRAME.bottom}H${right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {masses.map((mass) => (
        <g key={mass}>
          <path d={`M${FRAME.left - 5} ${scale.y(mass * massUnit)}H${FRAME.left}`} stroke="var(--ink)" />
          <Label x={FRAME.left - 8} y={scale.y(mass * massUnit) + 5} anchor="end" size={15} weight={500}>
            {us ? `${mass} klb` : `${mass} t`}
          </Label>
        </g>
      ))}
      {radii.map((tick) => (
        <g key={tick}>
          <path d={`M${scale.x(tick * radiusUnit)} ${FRAME.bottom}v5`} stroke="var(--ink)" />
          <Label x={scale.x(tick * radiusUnit)} y={FRAME.bottom + 19} anchor="middle" size={15} weight={500}>
            {tick}
          </Label>
        </g>
      ))}
      <Label x={FRAME.left - 8} y={FRAME.bottom + 19} anchor="end" size={15} weight={500}>
        {us ? 'radius, ft' : 'radius, m'}
      </Label>
      <Label x={right} y={FRAME.top - 14} anchor="end" size={16}>
        {right > 560 ? `${reach.title}, ${sectors}` : reach.title.split(',')[0]}
      </Label>
    </>
  )
}
