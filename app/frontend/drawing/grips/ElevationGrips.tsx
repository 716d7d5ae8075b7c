import { useRef, useState } from 'react'
import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import type { Hand } from '../../plan/usePlanEditor'
import { Label } from '../figures/figures'
import { Grip, type Move } from './Grip'
import { hookHeight, type At, type ElevationScale, type Place } from '../scale/scale'
import { pointPlaces, snapTo, written } from '../scale/snaps'
import { writeLength } from '../scale/write'
import { BeamGrips } from './BeamGrips'

// Fields that are typed in place, beside the grip.
export interface Entry {
  x: number
  y: number
  title: string
  fields: { pointer: string; label: string }[]
}

interface Props {
  drawing: Drawing
  scale: ElevationScale
  plan: Plan
  editor: Hand
  selected: number
  onLeg: (leg: number) => void
  onRung: (id: Rung['id']) => void
  onEntry: (entry: Entry) => void
}

const AXES = ['x', 'y', 'z'] as const

// The grips of an elevation: points, CG, hook; a sling's length where lengths are given; a beam's height and span, and
// the holes that the legs hang from.
export function ElevationGrips({ drawing, scale, plan, editor, selected, onLeg, onRung, onEntry }: Props) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const from = useRef<number[] | null>(null)
  const [snap, setSnap] = useState<{ words: string; at: At } | null>(null)
  const { axis } = scale
  const along = AXES[axis]
  const { rigging, load, snapshots } = plan
  const at = (place: number[]) => ({ x: scale.x(place as Place), y: scale.y(place as Place) })
  const byLengths = rigging.set_by === 'leg_lengths'
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
  const opens = (title: string, place: At, fields: Entry['fields']) => () =>
    onEntry({ title, x: place.x, y: place.y, fields })
  const hook = scale.hook
  const cg = scale.load(drawing.cg as Place)
  const last = drawing.beam && at(drawing.beam.holes.at(-1)!)
  const legFields = rigging.legs.map((_, index) => ({
    pointer: `/rigging/legs/${index}/length`,
    label: `${load.points[index]?.name ?? ''} leg length`,
  }))
  return (
    <g>
      {load.cg.by !== 'take_off' && (
        <Grip
          id="cg"
          x={cg.x}
          y={cg.y + 22}
          name="Centre of gravity"
          value={`${writeLength(drawing.cg[axis]!, system)} ${axis === 0 ? 'along' : 'across'}, ${writeLength(drawing.cg[2]!, system)} up`}
          perMetre={scale.perMetre}
          axis="both"
          onMove={moveCg}
          onEnd={end('centre of gravity moved')}
          onSelect={() => onRung('load')}
          onEntry={opens(
            'Centre of gravity',
            cg,
            AXES.map((one) => ({ pointer: `/load/cg/${one}`, label: `centre of gravity ${one}` })),
          )}
        />
      )}
      {drawing.points.map((point, index) => {
        const place = scale.load(point.at as Place)
        return (
          <Grip
            key={index}
            id={`point-${index}`}
            x={place.x}
            y={place.y}
            name={`${point.name} point`}
            value={`${writeLength(point.at[axis]!, system)} ${axis === 0 ? 'along' : 'across'}, ${writeLength(point.at[2]!, system)} up`}
            perMetre={scale.perMetre}
            axis="both"
            dragAxis="x"
            filled={index === selected}
            onMove={movePoint(index)}
            onEnd={end(`${point.name} point moved`)}
            onSelect={() => onLeg(index)}
            onEntry={opens(
              `${point.name} point`,
              place,
              AXES.map((one) => ({
                pointer: `/load/points/${index}/${one}`,
                label: `${point.name} point ${one}`,
              })),
            )}
          />
        )
      })}
      {byLengths &&
        drawing.hook &&
        drawing.legs.map(
          (leg, index) =>
            index === selected && (
              <Grip
                key={index}
                id={`length-${index}`}
                x={at(leg.top).x * 0.3 + scale.load(leg.bottom as Place).x * 0.7}
                y={at(leg.top).y * 0.3 + scale.load(leg.bottom as Place).y * 0.7}
                name={`${leg.name} leg length`}
                value={shown(leg.length)}
                perMetre={scale.perMetre}
                axis="z"
                onMove={moveLength(index)}
                onEnd={end(`${leg.name} leg length changed`)}
                onEntry={opens(`${leg.name} leg`, at(leg.top), legFields)}
              />
            ),
        )}
      <BeamGrips
        drawing={drawing}
        last={last}
        axis={axis}
        marked={marked}
        beam={beam}
        scale={scale}
        moveSpan={moveSpan}
        end={end}
        onRung={onRung}
        opens={opens}
        selected={selected}
        at={at}
        rigging={rigging}
        moveHole={moveHole}
        byLengths={byLengths}
        moveBeam={moveBeam}
      />
      <Grip
        id="hook"
        x={hook.x + 30}
        y={hook.y - 14}
        name="Hook height"
        value={shown(drawing.hook_height)}
        perMetre={scale.perMetre}
        axis="z"
        onMove={moveHook}
        onEnd={end('hook height moved')}
        onSelect={() => onRung('angle')}
        onEntry={opens(
          'Hook',
          hook,
          byLengths ? legFields : [{ pointer: '/rigging/hook_height', label: 'hook height' }],
        )}
      />
      {snap && (
        <Label x={snap.at.x + 28} y={snap.at.y + 26} size={15} fill="var(--mark)" halo>
          {snap.words}
        </Label>
      )}
    </g>
  )
}
