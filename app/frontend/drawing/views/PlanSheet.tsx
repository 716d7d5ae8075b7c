import { useRef, useState } from 'react'
import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import type { Actions } from '../../plan/usePlanEditor'
import { changed } from '../scale/changes'
import type { Entry } from '../grips/ElevationGrips'
import { Label } from '../figures/figures'
import { type Move } from '../grips/Grip'
import { scaleBar, type At, type Place, type Zoom } from '../scale/scale'
import { pointPlaces, snapTo, written } from '../scale/snaps'
import { writeLength } from '../scale/write'
import { PlanGrips } from './PlanGrips'
import { PlanDimensions } from './PlanDimensions'
import { PlanLegs } from './PlanLegs'
import { PlanOutline } from './PlanOutline'

interface Props {
  drawing: Drawing
  before: Plan | null
  frozen: PlanScale | null
  scale: PlanScale
  plan: Plan
  editor: Actions
  working: boolean
  leg: number
  onLeg: (leg: number) => void
  onRung: (id: Rung['id']) => void
  onEntry: (entry: Entry) => void
  width: number
  lit: string | null
}

export interface PlanScale {
  perMetre: number
  left: number
  bottom: number
}

// From above, x to the right and y up the sheet.
export const planScale = (
  drawing: Drawing,
  room: { left: number; right: number; top: number; bottom: number },
  { times, x, y }: Zoom,
): PlanScale => {
  const [length, breadth] = drawing.size as Place
  const across = [0, length, ...(drawing.beam?.holes ?? []).map((hole) => hole[0]!)]
  const [low, high] = [Math.min(...across), Math.max(...across)]
  const perMetre =
    Math.min((room.right - room.left) / (high - low), (room.bottom - room.top) / breadth) * times
  const middle = { x: (room.left + room.right) / 2 + x, y: (room.top + room.bottom) / 2 + y }
  return {
    perMetre,
    left: middle.x - ((low + high) / 2) * perMetre,
    bottom: middle.y + (breadth / 2) * perMetre,
  }
}

// The load from above, to scale: points, CG and its box, legs with what they carry at worst; with its grips.
export function PlanSheet({
  drawing,
  before,
  frozen,
  scale: fresh,
  plan,
  editor,
  working,
  leg: selected,
  onLeg,
  onRung,
  onEntry,
  width,
  lit,
}: Props) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const scale = frozen ?? fresh
  const from = useRef<number[] | null>(null)
  const [snap, setSnap] = useState<{ words: string; at: At } | null>(null)
  const [length, breadth] = drawing.size as Place
  const at = (place: number[]): At => ({
    x: scale.left + place[0]! * scale.perMetre,
    y: scale.bottom - place[1]! * scale.perMetre,
  })
  const cg = at(drawing.cg)
  const hook = drawing.hook ? at(drawing.hook) : cg
  const [ex, ey] = drawing.cg_half_width as Place
  const start = (place: number[]) => (from.current ??= place)
  const end = (note: string) => () => {
    from.current = null
    setSnap(null)
    editor.settle(note)
  }
  const movePoint =
    (index: number) =>
    ({ dx, dz, free }: Move) => {
      const point = drawing.points[index]!
      const place = start(point.at)
      const moves = ([0, 1] as const).map((axis) =>
        snapTo(place[axis]! + (axis === 0 ? dx : dz), pointPlaces(drawing, index, axis), free),
      )
      const words = moves
        .map((move, axis) => (axis === 0 ? dx : dz) !== 0 && move.words)
        .filter(Boolean)
        .join(', ')
      setSnap(words ? { words, at: at(point.at) } : null)
      editor.change(
        {
          ...(dx !== 0 && { [`/load/points/${index}/x`]: written(moves[0]!, system, free) }),
          ...(dz !== 0 && { [`/load/points/${index}/y`]: written(moves[1]!, system, free) }),
        },
        `${point.name} point`,
        'drag',
      )
    }
  const moveCg = ({ dx, dz, free }: Move) => {
    const place = start(drawing.cg)
    editor.change(
      {
        ...(dx !== 0 && { '/load/cg/x': writeLength(place[0]! + dx, system, free) }),
        ...(dz !== 0 && { '/load/cg/y': writeLength(place[1]! + dz, system, free) }),
      },
      'centre of gravity',
      'drag',
    )
  }
  const bar = scaleBar(scale.perMetre, system)
  const corners = [at([0, 0]), at([length, breadth])] as [At, At]
  const first = (axis: 'x' | 'y') =>
    drawing.points.filter(
      (point, index) =>
        drawing.points.findIndex(
          (other) => Math.abs(other.at[axis === 'x' ? 0 : 1]! - point.at[axis === 'x' ? 0 : 1]!) < 0.02,
        ) === index,
    )
  return (
    <g>
      <PlanOutline onRung={onRung} corners={corners} lit={lit} drawing={drawing} at={at} plan={plan} />
      <PlanLegs
        drawing={drawing}
        at={at}
        working={working}
        onLeg={onLeg}
        onRung={onRung}
        lit={lit}
        cg={cg}
        ex={ex}
        scale={scale}
        ey={ey}
        hook={hook}
        corners={corners}
        shown={shown}
        selected={selected}
      />
      <PlanDimensions
        drawing={drawing}
        first={first}
        at={at}
        hook={hook}
        corners={corners}
        shown={shown}
        width={width}
        bar={bar}
        scale={scale}
      />
      <PlanGrips
        plan={plan}
        cg={cg}
        drawing={drawing}
        system={system}
        scale={scale}
        moveCg={moveCg}
        end={end}
        onRung={onRung}
        onEntry={onEntry}
        at={at}
        selected={selected}
        movePoint={movePoint}
        onLeg={onLeg}
      />
      {before &&
        changed(before, plan).map(({ was, is, thing }, index) => {
          const place = typeof thing === 'number' ? at(drawing.points[thing]!.at) : cg
          return (
            <Label
              key={`${was} ${is}`}
              x={place.x + 28}
              y={place.y - 10 - 20 * (index % 3)}
              size={17}
              fill="var(--mark)"
              halo
            >{`${was} → ${is}`}</Label>
          )
        })}
      {snap && (
        <Label x={snap.at.x + 28} y={snap.at.y + 30} size={15} fill="var(--mark)" halo>
          {snap.words}
        </Label>
      )}
    </g>
  )
}
