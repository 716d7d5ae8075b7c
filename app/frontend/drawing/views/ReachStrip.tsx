import { useRef } from 'react'
import type { Reach } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { FEET, POUNDS } from '../../units/units'
import type { Actions } from '../../plan/usePlanEditor'
import { type Move } from '../grips/Grip'
import { niceStep, type ReachScale } from '../scale/scale'
import { writeLength } from '../scale/write'
import { ReachWords } from './ReachWords'
import { ReachStations } from './ReachStations'
import { ReachAxes } from './ReachAxes'
import { ReachSteps } from './ReachSteps'
import { PreviewReach } from './PreviewLines'

export const FRAME = { left: 85, top: 34, bottom: 180 }
interface Props {
  reach: Reach
  before: Plan | null
  plan: Plan
  scale: ReachScale
  right: number
  editor: Actions
  working: boolean
  onSelect: () => void
}

// What the crane may hold by radius: solid steps read at the next larger row, the gross load, both stations.
export function ReachStrip({ reach, before, plan, scale, right, editor, working, onSelect }: Props) {
  const shown = useShown()
  const { system } = usePreferences().preferences
  const from = useRef<number | null>(null)
  const us = system === 'us'
  const clampX = (metres: number) => Math.max(FRAME.left, Math.min(right, scale.x(metres)))
  const steps = reach.steps.filter((step) => scale.x(step.to_m) > FRAME.left && scale.x(step.from_m) < right)
  const usable = steps.filter((step) => step.kg !== null)
  const staircase = usable
    .map((step, index) => {
      const [x1, x2, y] = [clampX(step.from_m), clampX(step.to_m), scale.y(step.kg!)]
      const joined = index > 0 && usable[index - 1]!.to_m === step.from_m
      return `${joined ? 'L' : 'M'}${x1} ${y}L${x2} ${y}`
    })
    .join('')
  const gross = reach.gross?.value ?? null
  const grossY = gross === null ? null : scale.y(gross)
  const last = usable.at(-1)
  const endX = reach.end ? clampX(reach.end.value) : FRAME.left
  const radiusUnit = us ? FEET : 1
  const radiusStep = niceStep((right - FRAME.left) / scale.perMetre / radiusUnit, 10)
  const firstTick = Math.ceil(scale.first / radiusUnit / radiusStep) * radiusStep
  const radii = Array.from({ length: 40 }, (_, index) => firstTick + index * radiusStep).filter(
    (tick) => scale.x(tick * radiusUnit) <= right - 6 && tick > 0,
  )
  const massUnit = us ? POUNDS * 1000 : 1000
  const top = scale.y.domain()[1]! / massUnit
  const massStep = [1, 2, 4, 5, 10, 20, 40, 50].find((step) => top / step <= 4.2) ?? 100
  const masses = Array.from({ length: Math.floor(top / massStep) }, (_, index) => (index + 1) * massStep)

  const move =
    (index: number) =>
    ({ dx, free }: Move) => {
      const start = (from.current ??= reach.stations[index]!.radius.value)
      editor.change(
        { [`/cranes/0/stations/${index}/radius`]: writeLength(Math.max(0, start + dx), system, free) },
        `radius at ${reach.stations[index]!.name}`,
        'drag',
      )
    }
  const end = (index: number) => () => {
    from.current = null
    editor.settle(`radius at ${reach.stations[index]!.name} moved`)
  }

  // Its label stands under the line of the gross load where there is room; else over it, and the end's
  // label higher.
  const grossBelow = grossY !== null && grossY < FRAME.bottom - 22
  return (
    <g>
      <ReachSteps
        right={right}
        grossY={grossY}
        usable={usable}
        gross={gross}
        clampX={clampX}
        endX={endX}
        scale={scale}
        last={last}
        staircase={staircase}
      />
      <ReachAxes
        right={right}
        masses={masses}
        scale={scale}
        massUnit={massUnit}
        us={us}
        radii={radii}
        radiusUnit={radiusUnit}
        reach={reach}
      />
      {!working && <PreviewReach scale={scale} frame={FRAME} />}
      <ReachStations
        reach={reach}
        scale={scale}
        right={right}
        working={working}
        grossY={grossY}
        before={before}
        plan={plan}
        shown={shown}
        move={move}
        end={end}
        onSelect={onSelect}
      />
      <ReachWords
        grossY={grossY}
        scale={scale}
        reach={reach}
        right={right}
        grossBelow={grossBelow}
        working={working}
        shown={shown}
      />
    </g>
  )
}
