import type { Drawing, Rung, Figure, Sentence } from '../../api/ladder.generated'
import { COLOUR } from '../../ladder/verdict'
import { CgMark, Flag } from '../figures/figures'
import type { At } from '../scale/scale'
import { PlanScale } from './PlanSheet'

// Legs from above with what they carry at worst, the CG in its box, the hook.
export function PlanLegs({
  drawing,
  at,
  working,
  onLeg,
  onRung,
  lit,
  cg,
  ex,
  scale,
  ey,
  hook,
  corners,
  shown,
  selected,
}: {
  drawing: Drawing
  at: (place: number[]) => At
  working: boolean
  onLeg: (leg: number) => void
  onRung: (id: Rung['id']) => void
  lit: string | null
  cg: At
  ex: number
  scale: PlanScale
  ey: number
  hook: At
  corners: [At, At]
  shown: (figure: Figure | Sentence | null | undefined) => string
  selected: number
}) {
  return (
    <>
      {drawing.legs.map((leg, index) => {
        const [top, point] = [at(leg.top), at(leg.bottom)]
        const stop = !working && leg.verdict === 'stop'
        return (
          <g
            key={index}
            data-leg={leg.name}
            onClick={() => {
              onLeg(index)
              onRung('slings')
            }}
            style={{ cursor: 'pointer' }}
          >
            <path d={`M${top.x} ${top.y}L${point.x} ${point.y}`} stroke="transparent" strokeWidth={22} />
            <path
              d={`M${top.x} ${top.y}L${point.x} ${point.y}`}
              stroke={stop ? COLOUR.stop : lit === `leg:${index}` ? 'var(--mark)' : 'var(--ink)'}
              strokeWidth={stop ? 6 : 3.5}
              strokeDasharray={leg.slack && !working ? '5 5' : undefined}
            />
          </g>
        )
      })}
      <rect
        x={cg.x - ex * scale.perMetre}
        y={cg.y - ey * scale.perMetre}
        width={2 * ex * scale.perMetre}
        height={2 * ey * scale.perMetre}
        fill="none"
        stroke="var(--mark)"
        strokeWidth={1.6}
        strokeDasharray="4 3"
        pointerEvents="none"
      />
      <circle
        cx={hook.x}
        cy={hook.y}
        r={13}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.2}
        pointerEvents="none"
      >
        <title>the hook</title>
      </circle>
      <CgMark x={cg.x} y={cg.y} r={8} />
      {drawing.legs.map((leg, index) => {
        const point = at(leg.bottom)
        const left = point.x < hook.x
        return (
          <Flag
            key={index}
            x={point.x + (left ? 40 : -40)}
            y={point.y < hook.y ? corners[1].y - 22 : corners[0].y + 20}
            left={left}
            name={leg.name}
            value={
              working
                ? 'working'
                : leg.slack
                  ? 'slack'
                  : `${shown(leg.worst) || 'not known'}` +
                    `${leg.utilisation ? `, ${shown(leg.utilisation)}` : ''}`
            }
            verdict={working ? 'not_known' : leg.verdict}
            selected={index === selected}
          />
        )
      })}
    </>
  )
}
