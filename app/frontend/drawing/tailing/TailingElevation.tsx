import type { Tailing, TailingStep } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { CgMark, Dimension, Label } from '../figures/figures'
import { HookLine } from './parts'
import { placeAt, type TailingScale } from '../scale/tailingScale'

interface Props {
  view: Tailing
  step: TailingStep
  scale: TailingScale
  ground: number
  top: number
  name: string
}
const ARC = 62
// The load's name stands this share of the way from the head to the tail.
const NAME_AT = 0.3

// The load in the plane of both hooks: as it begins and ends dashed, and as it stands now.
export function TailingElevation({ view, step, scale, ground, top, name }: Props) {
  const shown = useShown()
  const outline = (at: TailingStep) =>
    `M${view.outline
      .map((corner) => placeAt(at, corner))
      .map(([x, z]) => `${scale.x(x)} ${scale.y(z)}`)
      .join('L')}Z`
  const [first, last] = [view.steps[0]!, view.steps.at(-1)!]
  const [head, tail] = view.points.map((point) => placeAt(step, point)) as [
    [number, number],
    [number, number],
  ]
  // Where a line takes hold: of the load, or of a beam in both hooks.
  const lifted = (index: number, [x, y]: [number, number]) => {
    const high = [step.head, step.tail][index]!.hook_high
    return view.beam && high !== null
      ? { x: scale.x(step.cg[0]! + view.hooks[index]![0]!), y: scale.y(high) }
      : { x: scale.x(x), y: scale.y(y) }
  }
  const cg = { x: scale.x(step.cg[0]!), y: scale.y(step.cg[1]!) }
  const low = ground + 17
  const turned = (step.tilt * Math.PI) / 180
  const corner = placeAt(step, view.outline[view.points[0]![0]! > 0 ? 0 : 1]!)
  const foot = { x: scale.x(corner[0]), y: scale.y(corner[1]) }
  return (
    <g data-tailing-elevation data-tilt={step.tilt}>
      {[first, last].map((end, index) => (
        <path
          key={index}
          d={outline(end)}
          fill="none"
          stroke="var(--ink2)"
          strokeWidth={1.3}
          strokeDasharray="6 4"
        />
      ))}
      <path
        d={outline(step)}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={2.6}
        strokeLinejoin="round"
      />
      <path
        d={`M${scale.x(head[0])} ${scale.y(head[1])}L${scale.x(tail[0])} ${scale.y(tail[1])}`}
        stroke="var(--ink2)"
        strokeWidth={1}
        strokeDasharray="10 4 2 4"
      />
      {view.does !== 'carry' && step.tilt > 3 && (
        <g stroke="var(--mark)" fill="none" strokeWidth={2}>
          <path
            d={
              `M${foot.x + ARC} ${foot.y}A${ARC} ${ARC} 0 0 0 ` +
              `${foot.x + ARC * Math.cos(turned)} ${foot.y - ARC * Math.sin(turned)}`
            }
          />
        </g>
      )}
      <Label
        x={scale.x(head[0]) + (scale.x(tail[0]) - scale.x(head[0])) * NAME_AT}
        y={scale.y(head[1]) + (scale.y(tail[1]) - scale.y(head[1])) * NAME_AT + 5}
        anchor="middle"
        rotate={-step.tilt}
        halo
      >
        {name}
      </Label>
      {view.beam && <BothHooksBeam view={view} step={step} scale={scale} />}
      <HookLine
        point={lifted(0, head)}
        hook={step.head.hook_high === null ? null : scale.y(step.head.hook_high)}
        top={top}
        beam={beamOf(view, 0, scale)}
        slack={step.head.share === null}
      />
      <HookLine
        point={lifted(1, tail)}
        hook={step.tail.hook_high === null ? null : scale.y(step.tail.hook_high)}
        top={top}
        beam={beamOf(view, 1, scale)}
        slack={step.tail.share === null}
      />
      <path
        d={`M${cg.x} ${cg.y}V${ground}`}
        stroke="var(--ink)"
        strokeWidth={1.2}
        strokeDasharray="8 4 2 4"
      />
      <CgMark {...cg} r={9} />
      <Dimension
        from={{ x: lifted(1, tail).x, y: low }}
        to={{ x: cg.x, y: low }}
        text={shown(step.to_tail)}
      />
      <Dimension
        from={{ x: lifted(0, head).x, y: low }}
        to={{ x: cg.x, y: low }}
        text={shown(step.to_head)}
      />
    </g>
  )
}

const beamOf = (view: Tailing, index: number, scale: TailingScale) => {
  const { beam, sling } = view.cranes[index]!
  return beam && sling !== null
    ? { sling: sling * scale.perMetre, width: beam[0]! * scale.perMetre, high: beam[1]! * scale.perMetre }
    : null
}

// A beam that both hooks hold, and the slings from it down to the load's points.
function BothHooksBeam({ view, step, scale }: Pick<Props, 'view' | 'step' | 'scale'>) {
  const { hook_high: high } = step.head
  if (!view.beam || high === null) return null
  const [past, deep] = view.beam as [number, number]
  const hooks = view.hooks.map(([along]) => step.cg[0]! + along!)
  const [left, right] = [Math.min(...hooks) - past, Math.max(...hooks) + past]
  const under = scale.y(high - deep)
  return (
    <g data-both-hooks-beam pointerEvents="none">
      <rect
        x={scale.x(left)}
        y={under - Math.min(deep * scale.perMetre, THICK)}
        width={(right - left) * scale.perMetre}
        height={Math.min(deep * scale.perMetre, THICK)}
        fill="var(--mark)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {view.points.map((point, index) => {
        const [x, y] = placeAt(step, point)
        return (
          <g key={index} stroke="var(--ink)">
            <path d={`M${scale.x(x)} ${under}V${scale.y(y)}`} strokeWidth={2.6} />
            <circle cx={scale.x(x)} cy={scale.y(y)} r={5} fill="var(--ink)" stroke="none" />
            <path d={`M${scale.x(hooks[index]!)} ${scale.y(high)}V${under}`} strokeWidth={2.6} />
          </g>
        )
      })}
    </g>
  )
}
const THICK = 12
