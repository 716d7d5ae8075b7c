import { useRef, useState } from 'react'
import type { Drawing } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { hookHeight, type At, type ElevationScale, type Place } from '../scale/scale'
import { pointPlaces, snapTo, written } from '../scale/snaps'
import { writeLength } from '../scale/write'
import type { Move } from './Grip'

export const AXES = ['x', 'y', 'z'] as const

// What moving each grip of an elevation changes in the plan, and the words of what it snaps to.
export function useElevationMoves({
  drawing,
  scale,
  plan,
  editor,
}: {
  drawing: Drawing
  scale: ElevationScale
  plan: Plan
  editor: Actions
}) {
  const { system } = usePreferences().preferences
  const from = useRef<number[] | null>(null)
  const [snap, setSnap] = useState<{ words: string; at: At } | null>(null)
  const { axis } = scale
  const along = AXES[axis]
  const { rigging, snapshots } = plan
  const at = (place: number[]) => ({ x: scale.x(place as Place), y: scale.y(place as Place) })
  const beam = rigging.beam
  const marked = snapshots.beams?.[beam?.beam ?? '']?.data

  // Where the thing was when the drag began, in the load's own axes; a nudge begins where it is now.
  const start = (place: number[]) => (from.current ??= place)
  const end = (note: string) => () => {
    from.current = null
    setSnap(null)
    editor.settle(note)
  }
  const tell = (words: string | null, place: At) => setSnap(words ? { words, at: place } : null)

  const movePoint =
    (index: number) =>
    ({ dx, dz, free }: Move) => {
      const point = drawing.points[index]!
      const place = start(point.at)
      const which = dz !== 0 ? 2 : axis
      const snapped = snapTo(place[which]! + (dz !== 0 ? dz : dx), pointPlaces(drawing, index, which), free)
      tell(snapped.words, scale.load(point.at as Place))
      editor.change(
        { [`/load/points/${index}/${AXES[which]}`]: written(snapped, system, free) },
        `${point.name} point`,
        'drag',
      )
    }
  const moveCg = ({ dx, dz, free }: Move) => {
    const place = start(drawing.cg)
    editor.change(
      {
        ...(dx !== 0 && { [`/load/cg/${along}`]: writeLength(place[axis]! + dx, system, free) }),
        ...(dz !== 0 && { '/load/cg/z': writeLength(place[2]! + dz, system, free) }),
      },
      'centre of gravity',
      'drag',
    )
  }
  const moveHook = ({ dz, free }: Move) => {
    const [now] = start([drawing.hook_set?.value ?? hookHeight(drawing)])
    editor.change(
      { '/rigging/set_by': 'hook_height', '/rigging/hook_height': writeLength(now! + dz, system, free) },
      'hook height',
      'drag',
    )
  }
  // A chain changes by whole links.
  const moveLength =
    (index: number) =>
    ({ dz, free }: Move) => {
      const [now] = start([drawing.legs[index]!.rest.value])
      const pitch = snapshots.slings[rigging.legs[index]?.sling ?? '']?.data.link_pitch_m
      const links = pitch && !free ? Math.round(-dz / pitch) : null
      tell(
        links ? `${Math.abs(links)} links ${links < 0 ? 'shorter' : 'longer'}` : null,
        scale.load(drawing.points[index]!.at as Place),
      )
      editor.change(
        {
          [`/rigging/legs/${index}/length`]:
            links !== null && pitch
              ? `${(now! + links * pitch).toFixed(3)} m`
              : writeLength(now! - dz, system, free),
        },
        `${drawing.legs[index]!.name} leg`,
        'drag',
      )
    }
  const moveSpan = ({ dx, free }: Move) => {
    const holes = drawing.beam!.holes
    const [now] = start([Math.hypot(...holes[0]!.map((part, index) => part - holes.at(-1)![index]!))])
    const snapped = snapTo(
      now! + 2 * dx,
      (marked?.spans ?? []).map(({ span_m }) => [span_m, 'a marked span']),
      free,
      0.15,
    )
    tell(snapped.words, at(holes.at(-1)!))
    editor.change({ '/rigging/beam/span': written(snapped, system, free) }, 'span of the beam', 'drag')
  }
  const moveBeam = ({ dz, free }: Move) => {
    const [now] = start([
      drawing.hook_height!.value -
        drawing.beam!.eyes.reduce((sum, eye) => sum + eye[2]!, 0) / drawing.beam!.eyes.length,
    ])
    editor.change(
      { '/rigging/beam/headroom': writeLength(Math.max(0.1, now! - dz), system, free) },
      'height of the beam',
      'drag',
    )
  }
  // From hole to hole.
  const moveHole =
    (index: number) =>
    ({ dx }: Move) => {
      const holes = drawing.beam!.holes
      const [now] = start([scale.x(drawing.legs[index]!.top as Place)])
      const wanted = now! + dx * scale.perMetre
      const hole = holes
        .map((place, number) => ({ number, off: Math.abs(at(place).x - wanted) }))
        .sort((one, other) => one.off - other.off)[0]!.number
      if (Math.abs(dx) < 0.02) return
      editor.change(
        { [`/rigging/legs/${index}/hole`]: hole },
        `hole of the ${drawing.legs[index]!.name} leg`,
        'drag',
      )
    }

  return { snap, end, movePoint, moveCg, moveHook, moveLength, moveSpan, moveBeam, moveHole }
}
