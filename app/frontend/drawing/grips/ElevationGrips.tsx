import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import type { Actions } from '../../plan/usePlanEditor'
import { Label } from '../figures/figures'
import { Grip } from './Grip'
import { type At, type ElevationScale, type Place } from '../scale/scale'
import { writeLength } from '../scale/write'
import { BeamGrips } from './BeamGrips'
import { AXES, useElevationMoves } from './useElevationMoves'

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
  editor: Actions
  selected: number
  onLeg: (leg: number) => void
  onRung: (id: Rung['id']) => void
  onEntry: (entry: Entry) => void
}

// The grips of an elevation: points, CG, hook; a sling's length where lengths are given; a beam's height
// and span, and the holes that the legs hang from.
export function ElevationGrips({ drawing, scale, plan, editor, selected, onLeg, onRung, onEntry }: Props) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const { axis } = scale
  const { rigging, load, snapshots } = plan
  const at = (place: number[]) => ({ x: scale.x(place as Place), y: scale.y(place as Place) })
  const byLengths = rigging.set_by === 'leg_lengths'
  const beam = rigging.beam
  const marked = snapshots.beams?.[beam?.beam ?? '']?.data
  const { snap, end, movePoint, moveCg, moveHook, moveLength, moveSpan, moveBeam, moveHole } =
    useElevationMoves({ drawing, scale, plan, editor })
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
          value={
            `${writeLength(drawing.cg[axis]!, system)} ${axis === 0 ? 'along' : 'across'}` +
            `, ${writeLength(drawing.cg[2]!, system)} up`
          }
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
            value={
              `${writeLength(point.at[axis]!, system)} ${axis === 0 ? 'along' : 'across'}` +
              `, ${writeLength(point.at[2]!, system)} up`
            }
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
