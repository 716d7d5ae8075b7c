import type { Ladder } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { CgMark, Label } from './figures'
import { LIFTED_M } from '../scale/scale'

type Of = NonNullable<Ladder['first']['outline']>
const MARGIN = { left: 60, right: 60, top: 130 }

// The load as soon as its size is known, on the ground and to scale: its weight, where its middle may be,
// its points. Nothing hangs yet, so nothing is shown as if it did.
export function Outline({
  outline,
  name,
  width,
  ground,
  top,
}: {
  outline: Of
  name: string
  width: number
  ground: number
  top: number
}) {
  const shown = useShown()
  const [length = 1, , high = 1] = outline.size
  const perMetre = Math.min(
    (width - MARGIN.left - MARGIN.right) / length,
    (ground - top - MARGIN.top) / (high + LIFTED_M),
  )
  const left = MARGIN.left + Math.max(0, (width - MARGIN.left - MARGIN.right - length * perMetre) / 2)
  const bottom = ground - 14
  const x = (metres: number) => left + metres * perMetre
  const y = (metres: number) => bottom - metres * perMetre
  const { cg, cg_half_width: half } = outline
  return (
    <g data-outline>
      <rect
        x={x(0)}
        y={y(high)}
        width={length * perMetre}
        height={high * perMetre}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <Label x={x(0) + 12} y={y(high) + 26} size={17}>
        {name}
      </Label>
      {outline.planned && (
        <Label x={x(0) + 12} y={y(high) + 54} size={24}>{`${shown(outline.planned)} planned`}</Label>
      )}
      {cg && half && (
        <g>
          <rect
            x={x(cg[0]! - half[0]!)}
            y={y(cg[2]! + half[2]!)}
            width={2 * half[0]! * perMetre}
            height={2 * half[2]! * perMetre}
            fill="none"
            stroke="var(--mark)"
            strokeWidth={1.5}
            strokeDasharray="5 4"
          />
          <CgMark x={x(cg[0]!)} y={y(cg[2]!)} />
        </g>
      )}
      {outline.points.map((point) => (
        <g key={point.name}>
          <rect
            x={x(point.at[0]!) - 9}
            y={y(point.at[2]!) - 9}
            width={18}
            height={18}
            fill="var(--chalk)"
            stroke="var(--mark)"
            strokeWidth={2}
          />
          <Label x={x(point.at[0]!)} y={y(point.at[2]!) - 16} size={15} anchor="middle">
            {point.name}
          </Label>
        </g>
      ))}
      <Label x={x(0)} y={ground + 24} size={15}>
        Nothing hangs yet.
      </Label>
    </g>
  )
}
