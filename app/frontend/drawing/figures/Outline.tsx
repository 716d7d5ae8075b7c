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
    (ground - top - MARGIN.top) / (high + LIFTED_M + (outline.proposal?.hook_above.value ?? 0)),
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
          <Square x={x(point.at[0]!)} y={y(point.at[2]!)} size={18} stroke="var(--mark)" />
          <Label x={x(point.at[0]!)} y={y(point.at[2]!) - 16} size={15} anchor="middle">
            {point.name}
          </Label>
        </g>
      ))}
      {outline.proposal && <Proposed proposal={outline.proposal} cg={cg!} x={x} y={y} />}
      {belowGround(outline.proposal, shown).map((words, index) => (
        <Label key={index} x={16} y={ground + 22 + index * 16} size={14}>
          {words}
        </Label>
      ))}
    </g>
  )
}

// What the drawing says and asks, in two short lines.
function belowGround(proposal: Of['proposal'], shown: ReturnType<typeof useShown>) {
  if (!proposal) return ['Nothing hangs yet.']

  const name = proposal.points[0]!.name
  return [
    `Nothing hangs yet. ${name} point here, ${shown(proposal.from_end)} from the end, its twin mirrored?`,
    `Then legs of ${shown(proposal.leg)}, the hook ${shown(proposal.hook_above)} above the points.`,
  ]
}

// Where two points could be: dashed, with a question. It fills no rung and tells no tension.
function Proposed({
  proposal,
  cg,
  x,
  y,
}: {
  proposal: NonNullable<Of['proposal']>
  cg: number[]
  x: (metres: number) => number
  y: (metres: number) => number
}) {
  const shown = useShown()
  const { points, hook_above, angle } = proposal
  const top = y(points[0]!.at[2]!)
  const hook = { x: x(cg[0]!), y: y(points[0]!.at[2]! + hook_above.value) }
  return (
    <g data-proposal>
      <path
        d={points.map((point) => `M${x(point.at[0]!)} ${top}L${hook.x} ${hook.y}`).join('')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        strokeDasharray="7 5"
      />
      {points.map((point) => (
        <Square key={point.name} x={x(point.at[0]!)} y={top} size={18} stroke="var(--mark)" dashed />
      ))}
      <Square x={hook.x} y={hook.y - 12} size={22} stroke="var(--ink)" dashed />
      <Label x={hook.x + 20} y={hook.y - 6} size={15} halo>
        {`${shown(hook_above)} above`}
      </Label>
      <Label x={hook.x} y={top - 18} size={15} anchor="middle" halo>
        {`${shown(angle)} from horizontal`}
      </Label>
    </g>
  )
}

// A point or a hook about its middle; dashed where it is only proposed.
function Square({
  x,
  y,
  size,
  stroke,
  dashed,
}: {
  x: number
  y: number
  size: number
  stroke: string
  dashed?: boolean
}) {
  return (
    <rect
      x={x - size / 2}
      y={y - size / 2}
      width={size}
      height={size}
      fill="var(--chalk)"
      stroke={stroke}
      strokeWidth={2}
      strokeDasharray={dashed ? '4 3' : undefined}
    />
  )
}
