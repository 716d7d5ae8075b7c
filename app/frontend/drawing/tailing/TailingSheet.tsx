import type { Ladder, RungId, Tailing } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { COLOUR } from '../../ladder/verdict'
import { FEET } from '../../units/units'
import { usePreferences, useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { tailingScale } from '../scale/tailingScale'
import { Card } from './parts'
import { Controls } from './Controls'
import { TailingCharts } from './TailingCharts'
import { TailingElevation } from './TailingElevation'
import { TailingGrips } from './TailingGrips'
import { TailingPlan } from './TailingPlan'
import { useScrub } from './useScrub'

const TOOLS = 64
const CHARTS = 0.415
const BESIDE_FROM = 560
const LEVEL_DEG = 3
const PLAN = { width: 236, height: 196 }
const AXIS = { left: 78, right: 128, narrow: 108 }

interface Props {
  view: Tailing
  ladder: Ladder
  plan: Plan
  editor: Actions | null
  width: number
  height: number
  select: (id: RungId) => void
  // A step that is followed as it is played elsewhere; nothing can be moved meanwhile.
  live?: number | null
}

// A load between two cranes: as it stands now, from the side and from above, and what both carry over the
// whole turn.
export function TailingSheet({ view, ladder, plan, editor, width, height, select, live = null }: Props) {
  const shown = useShown()
  const us = usePreferences().preferences.system === 'us'
  const scrub = useScrub(view, live)
  const step = view.steps[scrub.index]!
  const roomy = width >= BESIDE_FROM
  const ground = Math.round(height * (1 - CHARTS)) - 30
  const top = roomy ? TOOLS : TOOLS + 52
  const frame = {
    left: 16,
    right: roomy ? width - PLAN.width - 20 : width - 16,
    top: top + 30,
    bottom: ground,
  }
  const scale = tailingScale(view, frame)
  const axis = { left: AXIS.left, right: width - (roomy ? AXIS.right : AXIS.narrow) }
  const span = view.to - view.from || 1
  const x = (at: number) => axis.left + ((at - view.from) / span) * (axis.right - axis.left)
  const y = ground + 54
  const governs = ladder.rungs.find(({ id }) => id === 'tail_crane')?.verdict ?? 'holds'
  const carry = view.does === 'carry'
  const drawn = ladder.drawing?.points.map(({ at }) => ({ x: at[0]!, z: at[2]! })) ?? []
  const scaleBar = scale.perMetre * (us ? 20 * FEET : 5)
  const hooks = [step.head.hook_high, step.tail.hook_high].map((high) => scale.y(high ?? 0))
  const dashed = carry ? 'where it begins and ends' : `${view.from}° and ${view.to}°`
  const gap = step.gap ?? 0
  const gapWords = `beam gap ${us ? `${(gap / FEET).toFixed(1)} ft` : `${gap.toFixed(2)} m`}`
  const plumb = view.hooks.map((_, index) => scale.x(step.cg[0]! + alongOf(view, step.tilt, index)))
  return (
    <g data-tailing>
      <defs>
        <pattern
          id="past-limit"
          width={7}
          height={7}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <rect width={1.6} height={7} fill="var(--stop)" />
        </pattern>
      </defs>
      <rect x={0} y={ground} width={width} height={9} fill="url(#earth)" opacity={0.5} pointerEvents="none" />
      <path d={`M0 ${ground}H${width}`} stroke="var(--ink)" strokeWidth={2.5} />
      <g pointerEvents="none">
        <path
          d={`M16 ${top + 2}v-8m0 4h${scaleBar}m0 4v-8`}
          stroke="var(--ink)"
          strokeWidth={1.6}
          fill="none"
        />
        <Label x={24 + scaleBar} y={top + 3} size={14.5} weight={500}>
          {`${us ? '20 ft' : '5 m'}, to scale; dashed: ${dashed}`}
        </Label>
      </g>
      <TailingElevation
        view={view}
        step={step}
        scale={scale}
        ground={ground}
        top={frame.top - 20}
        name={plan.load.name}
      />
      {step.gap !== null && roomy && (
        <Label
          x={Math.max(10, plumb[1]! - 16)}
          y={Math.max(hooks[1]! + 46, frame.top + 60)}
          anchor={plumb[1]! > 150 ? 'end' : 'start'}
          size={15}
          fill="var(--mark)"
          halo
        >
          {gapWords}
        </Label>
      )}
      {!carry && step.tilt > LEVEL_DEG && (
        <Label
          x={scale.x(step.cg[0]!) + 14}
          y={ground - 12}
          size={22}
          fill="var(--mark)"
          halo
        >{`${Number.isInteger(step.tilt) ? step.tilt : step.tilt.toFixed(1)}°`}</Label>
      )}
      {roomy ? (
        <>
          <Card x={16} y={top + 16} who="Tail" crane={view.cranes[1]!} side={step.tail} />
          <Card x={width - PLAN.width - 8} y={top + 6} who="Head" crane={view.cranes[0]!} side={step.head} />
          <TailingPlan
            view={view}
            step={step}
            frame={{
              left: width - PLAN.width - 8,
              right: width - 8,
              top: ground - PLAN.height - 10,
              bottom: ground - 10,
            }}
            editor={editor}
            onCrane={() => select('radii')}
          />
        </>
      ) : (
        <>
          <Card x={8} y={frame.top - 20} who="Head" crane={view.cranes[0]!} side={step.head} />
          <Card x={8} y={frame.top + 32} who="Tail" crane={view.cranes[1]!} side={step.tail} />
        </>
      )}
      {editor && (
        <TailingGrips
          view={view}
          step={step}
          scale={scale}
          plan={plan}
          editor={editor}
          places={drawn}
          onSelect={() => select('turn')}
        />
      )}
      <Controls view={view} scrub={scrub} x={x} y={y} width={width} roomy={roomy} colour={COLOUR[governs]} />
      <TailingCharts view={view} step={step} x={x} frame={{ ...axis, top: y + 46, bottom: height - 16 }} />
      <text className="hush" aria-live="polite">{`${step.words}: ${[
        `head ${shown(step.head.use) || 'not told'}`,
        `tail ${shown(step.tail.use) || 'nothing'}`,
      ].join(', ')}`}</text>
    </g>
  )
}

const alongOf = (view: Tailing, tilt: number, index: number) => {
  const angle = (tilt * Math.PI) / 180
  const [along, up] = view.hooks[index]!
  return along! * Math.cos(angle) - up! * Math.sin(angle)
}
