import type { Rung, Drawing } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { Label } from '../figures/figures'
import type { At } from '../scale/scale'
import { silhouette, PLAN } from '../scale/solids'

// The load, its rated points and the beam over it, from above.
export function PlanOutline({
  onRung,
  corners,
  lit,
  drawing,
  at,
  plan,
}: {
  onRung: (id: Rung['id']) => void
  corners: [At, At]
  lit: string | null
  drawing: Drawing
  at: (place: number[]) => At
  plan: Plan
}) {
  return (
    <>
      <g onClick={() => onRung('load')} style={{ cursor: 'pointer' }}>
        <rect
          x={corners[0].x}
          y={corners[1].y}
          width={corners[1].x - corners[0].x}
          height={corners[0].y - corners[1].y}
          fill="var(--chalk)"
          stroke={lit === 'load' ? 'var(--mark)' : 'var(--ink)'}
          strokeWidth={2.5}
        />
        {drawing.solids.map((solid, index) => (
          <path
            key={index}
            d={`M${silhouette(solid, PLAN)
              .map(([x, y]) => {
                const place = at([x, y])
                return `${place.x.toFixed(1)} ${place.y.toFixed(1)}`
              })
              .join('L')}Z`}
            fill="none"
            stroke="var(--ink2)"
            strokeWidth={1}
          />
        ))}
        <Label x={(corners[0].x + corners[1].x) / 2} y={corners[0].y - 12} anchor="middle" size={17}>
          {plan.load.name}
        </Label>
      </g>
      {drawing.rated.map((point, index) => {
        const { x, y } = at(point.at)
        return (
          <circle
            key={index}
            cx={x}
            cy={y}
            r={15}
            fill="none"
            stroke="var(--ink2)"
            strokeWidth={1.4}
            strokeDasharray="3 2"
          >
            <title>{`rated point ${point.name}`}</title>
          </circle>
        )
      })}
      {drawing.beam && (
        <path
          d={
            `M${at(drawing.beam.holes[0]!).x} ${at(drawing.beam.holes[0]!).y}` +
            `L${at(drawing.beam.holes.at(-1)!).x} ${at(drawing.beam.holes.at(-1)!).y}`
          }
          stroke="var(--ink2)"
          strokeWidth={9}
          opacity={0.5}
        />
      )}
    </>
  )
}
