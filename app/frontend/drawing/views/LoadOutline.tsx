import type { Rung, Drawing } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { Label } from '../figures/figures'
import { At, type Place, type ElevationScale } from '../scale/scale'
import { memo } from 'react'
import { shadow } from '../scale/solids'

// The parts of a take-off in their outlines; worked out anew only when they or the scale change.
const Solids = memo(function Solids({ drawing, scale }: { drawing: Drawing; scale: ElevationScale }) {
  return drawing.solids.map((solid, index) => {
    const outline = shadow(solid, (place) => {
      const { x, y } = scale.load(place as Place)
      return [x, y]
    })
    return (
      outline.length > 2 && (
        <path
          key={index}
          d={`M${outline.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`}
          fill="none"
          stroke="var(--ink2)"
          strokeWidth={1}
          strokeDasharray={solid.cut ? '3 3' : undefined}
        />
      )
    )
  })
})

// The load as a box, its parts and its rated points.
export function LoadOutline({
  onRung,
  corners,
  lit,
  drawing,
  tall,
  corner,
  size,
  axis,
  scale,
  wide,
  nameAt,
  plan,
}: {
  onRung: (id: Rung['id']) => void
  corners: At[]
  lit: string | null
  drawing: Drawing
  tall: number
  corner: (along: number, z: number) => Place
  size: Place
  axis: 0 | 1
  scale: ElevationScale
  wide: number
  nameAt: number
  plan: Plan
}) {
  return (
    <>
      <g onClick={() => onRung('load')} style={{ cursor: 'pointer' }}>
        <path
          d={`M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
          fill="var(--chalk)"
          stroke={lit === 'load' ? 'var(--mark)' : 'var(--ink)'}
          strokeWidth={lit === 'load' ? 4 : 2.5}
        />
        <Solids drawing={drawing} scale={scale} />
        {drawing.solids.length === 0 && tall > 60 && (
          <path
            d={[corner(0, size[2] * 0.93), corner(size[axis], size[2] * 0.93)]
              .map(scale.load)
              .map(({ x, y }, index) => `${index ? 'L' : 'M'}${x} ${y}`)
              .join('')}
            stroke="var(--ink)"
            strokeWidth={1}
          />
        )}
        {wide > 130 && (
          <Label
            x={nameAt}
            y={(corners[0]!.y + corners[3]!.y) / 2 + (tall > 70 ? 24 : 6)}
            anchor="middle"
            size={17}
            halo={drawing.solids.length > 0}
          >
            {plan.load.name}
          </Label>
        )}
      </g>
      {drawing.rated.map((point, index) => {
        const { x, y } = scale.load(point.at as Place)
        return (
          <circle
            key={index}
            cx={x}
            cy={y}
            r={13}
            fill="none"
            stroke="var(--ink2)"
            strokeWidth={1.4}
            strokeDasharray="3 2"
            pointerEvents="none"
          >
            <title>{`rated point ${point.name}`}</title>
          </circle>
        )
      })}
    </>
  )
}
