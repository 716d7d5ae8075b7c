import type { Tailing, TailingStep } from '../../api/ladder.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { usePreferences, useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { Grip, type Move } from '../grips/Grip'
import type { Frame } from '../scale/tailingScale'
import { writeLength } from '../scale/write'
import { useStation } from '../views/craneParts'
import { ENDS } from '../../plan/tandem'

const EDGE = 30
const NAME_ABOVE = 16

// Everything in plan that has to be seen: cranes, and both hooks all the way.
const scaleOf = (view: Tailing, frame: Frame) => {
  const places = [
    ...view.cranes.flatMap(({ axis }) => (axis ? [axis] : [])),
    ...view.steps.flatMap(({ head, tail }) => [head.hook, tail.hook].flatMap((hook) => (hook ? [hook] : []))),
  ]
  if (places.length === 0) return null
  const [east, north] = [places.map(([x]) => x!), places.map(([, y]) => y!)]
  const [left, right, low, high] = [
    Math.min(...east),
    Math.max(...east),
    Math.min(...north),
    Math.max(...north),
  ]
  const perMetre = Math.min(
    (frame.right - frame.left - 2 * EDGE) / Math.max(right - left, 1),
    (frame.bottom - frame.top - 2 * EDGE) / Math.max(high - low, 1),
    40,
  )
  const [x, y] = [(frame.left + frame.right) / 2, (frame.top + frame.bottom) / 2]
  return {
    perMetre,
    x: (at: number) => x + (at - (left + right) / 2) * perMetre,
    y: (at: number) => y - (at - (low + high) / 2) * perMetre,
  }
}

interface Props {
  view: Tailing
  step: TailingStep
  frame: Frame
  editor: Actions | null
  onCrane: () => void
}

// The same moment from above: where both cranes stand, and where their hooks are on their way.
export function TailingPlan({ view, step, frame, editor, onCrane }: Props) {
  const shown = useShown()
  const scale = scaleOf(view, { ...frame, top: frame.top + NAME_ABOVE })
  const at = (place: number[]) => `${scale!.x(place[0]!)} ${scale!.y(place[1]!)}`
  const way = (side: 'head' | 'tail') =>
    view.steps.flatMap((one) => (one[side].hook ? [at(one[side].hook)] : [])).join('L')
  return (
    <g data-tailing-plan>
      <rect
        x={frame.left}
        y={frame.top}
        width={frame.right - frame.left}
        height={frame.bottom - frame.top}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      <Label x={frame.left + 10} y={frame.top + 20} size={15.5}>
        Plan
      </Label>
      <Label x={frame.right - 10} y={frame.top + 20} size={14} weight={500} anchor="end" fill="var(--ink2)">
        north up, same moment
      </Label>
      {scale ? (
        <>
          {(['head', 'tail'] as const).map((side) => (
            <path
              key={side}
              d={`M${way(side)}`}
              fill="none"
              stroke="var(--mark)"
              strokeWidth={1.8}
              strokeDasharray="9 4 2 4"
            />
          ))}
          {step.head.hook && step.tail.hook && (
            <path
              d={`M${at(step.tail.hook)}L${at(step.head.hook)}`}
              stroke="var(--ink)"
              strokeWidth={Math.max(3, view.width * scale.perMetre)}
              strokeOpacity={0.22}
            />
          )}
          {ENDS.map((side, index) => (
            <CranePlan
              key={side}
              index={index}
              view={view}
              step={step}
              scale={scale}
              editor={editor}
              onCrane={onCrane}
              words={step[side].radius ? `r ${shown(step[side].radius)}` : ''}
            />
          ))}
        </>
      ) : (
        <Label x={frame.left + 10} y={frame.top + 60} size={15} fill="var(--ink2)">
          Where hooks and cranes are is not given.
        </Label>
      )}
    </g>
  )
}

function CranePlan({
  index,
  view,
  step,
  scale,
  editor,
  onCrane,
  words,
}: Omit<Props, 'frame'> & { index: number; scale: NonNullable<ReturnType<typeof scaleOf>>; words: string }) {
  const { system } = usePreferences().preferences
  const { start, end } = useStation(editor)
  const { axis, name } = view.cranes[index]!
  const hook = step[ENDS[index]!].hook
  if (!axis) return null
  const [x, y] = [scale.x(axis[0]!), scale.y(axis[1]!)]
  const stand = `/cranes/${index}/stand`
  const move = ({ dx, dz, free }: Move) => {
    const [east, north] = start([axis[0]!, axis[1]!])
    editor?.change(
      {
        [`${stand}/east`]: writeLength(east + dx, system, free),
        [`${stand}/north`]: writeLength(north + dz, system, free),
      },
      `${name} moved`,
      'drag',
    )
  }
  return (
    <g>
      {hook && (
        <>
          <path
            d={`M${x} ${y}L${scale.x(hook[0]!)} ${scale.y(hook[1]!)}`}
            stroke="var(--ink)"
            strokeWidth={3.4}
          />
          <circle cx={scale.x(hook[0]!)} cy={scale.y(hook[1]!)} r={5} fill="var(--mark)" />
        </>
      )}
      <Grip
        id={`tailing-crane-${index}`}
        x={x}
        y={y}
        name={`${ENDS[index]} crane's place`}
        value={`${axis[0]!.toFixed(2)} m east, ${axis[1]!.toFixed(2)} m north`}
        perMetre={scale.perMetre}
        axis="both"
        onMove={move}
        onEnd={end(`${name} moved`)}
        onSelect={onCrane}
      />
      <Label x={x} y={y - 15} anchor="middle" size={14} halo>
        {name}
      </Label>
      <Label x={x} y={y + 26} anchor="middle" size={14} weight={500} halo>
        {words}
      </Label>
    </g>
  )
}
