import { useRef, useState } from 'react'
import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import type { Hand } from '../../plan/usePlanEditor'
import { changed } from '../scale/changes'
import type { Entry } from '../grips/ElevationGrips'
import { CgMark, Dimension, Flag, Label } from '../figures/figures'
import { Grip, type Move } from '../grips/Grip'
import { scaleBar, type At, type Place, type Zoom } from '../scale/scale'
import { PLAN, silhouette } from '../scale/solids'
import { pointPlaces, snapTo, written } from '../scale/snaps'
import { writeLength } from '../scale/write'

interface Props {
  drawing: Drawing
  before: Plan | null
  frozen: PlanScale | null
  scale: PlanScale
  plan: Plan
  editor: Hand
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
  const metres = scaleBar(scale.perMetre)
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
      <g onClick={() => onRung('load')} style={{ cursor: 'pointer' }}>
        <rect
          x={corners[0].x}
          y={corners[1].y}
          width={corners[1].x - corners[0].x}
          height={corners[0].y - corners[1].y}
          fill="var(--chalk)"
          stroke={lit === 'load' ? 'var(--mark)' : 'var(--ink)'}
          strokeWidth={2.5}
        />
        {drawing.solids.map((solid, index) => (
          <path
            key={index}
            d={`M${silhouette(solid, PLAN)
              .map(([x, y]) => {
                const place = at([x, y])
                return `${place.x.toFixed(1)} ${place.y.toFixed(1)}`
              })
              .join('L')}Z`}
            fill="none"
            stroke="var(--ink2)"
            strokeWidth={1}
          />
        ))}
        <Label x={(corners[0].x + corners[1].x) / 2} y={corners[0].y - 12} anchor="middle" size={17}>
          {plan.load.name}
        </Label>
      </g>
      {drawing.rated.map((point, index) => {
        const { x, y } = at(point.at)
        return (
          <circle
            key={index}
            cx={x}
            cy={y}
            r={15}
            fill="none"
            stroke="var(--ink2)"
            strokeWidth={1.4}
            strokeDasharray="3 2"
          >
            <title>{`rated point ${point.name}`}</title>
          </circle>
        )
      })}
      {drawing.beam && (
        <path
          d={`M${at(drawing.beam.holes[0]!).x} ${at(drawing.beam.holes[0]!).y}L${at(drawing.beam.holes.at(-1)!).x} ${at(drawing.beam.holes.at(-1)!).y}`}
          stroke="var(--ink2)"
          strokeWidth={9}
          opacity={0.5}
        />
      )}
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
                  : `${shown(leg.worst) || 'not known'}${leg.utilisation ? `, ${shown(leg.utilisation)}` : ''}`
            }
            verdict={working ? 'not_known' : leg.verdict}
            selected={index === selected}
          />
        )
      })}
      {drawing.hook &&
        first('x').map(
          (point, index) =>
            Math.abs(at(point.at).x - hook.x) > 12 && (
              <Dimension
                key={index}
                from={{ x: at(point.at).x, y: corners[0].y + 58 }}
                to={{ x: hook.x, y: corners[0].y + 58 }}
                text={shown(drawing.legs[drawing.points.indexOf(point)]?.off[0])}
              />
            ),
        )}
      {drawing.hook &&
        first('y').map(
          (point, index) =>
            Math.abs(at(point.at).y - hook.y) > 12 && (
              <Dimension
                key={index}
                from={{ x: corners[0].x - 26, y: at(point.at).y }}
                to={{ x: corners[0].x - 26, y: hook.y }}
                text={shown(drawing.legs[drawing.points.indexOf(point)]?.off[1])}
              />
            ),
        )}
      <g transform={`translate(${width - 132} ${corners[0].y + 74})`} stroke="var(--ink)" strokeWidth={1.6}>
        <path d={`M${116 - metres * scale.perMetre} 0H116M${116 - metres * scale.perMetre} -5V5M116 -5V5`} />
        <g stroke="none">
          <Label
            x={108 - metres * scale.perMetre}
            y={5}
            anchor="end"
            size={14}
            weight={500}
            fill="var(--ink2)"
          >{`0 to ${system === 'us' ? writeLength(metres, 'us') : `${metres} m`}, seen from above`}</Label>
        </g>
      </g>
      {plan.load.cg.by !== 'take_off' && (
        <Grip
          id="cg"
          x={cg.x}
          y={cg.y + 24}
          name="Centre of gravity"
          value={`${writeLength(drawing.cg[0]!, system)} along, ${writeLength(drawing.cg[1]!, system)} across`}
          perMetre={scale.perMetre}
          axis="both"
          onMove={moveCg}
          onEnd={end('centre of gravity moved')}
          onSelect={() => onRung('load')}
          onEntry={() =>
            onEntry({
              ...cg,
              title: 'Centre of gravity',
              fields: ['x', 'y', 'z'].map((axis) => ({
                pointer: `/load/cg/${axis}`,
                label: `centre of gravity ${axis}`,
              })),
            })
          }
        />
      )}
      {drawing.points.map((point, index) => (
        <Grip
          key={index}
          id={`point-${index}`}
          {...at(point.at)}
          name={`${point.name} point`}
          value={`${writeLength(point.at[0]!, system)} along, ${writeLength(point.at[1]!, system)} across`}
          perMetre={scale.perMetre}
          axis="both"
          filled={index === selected}
          onMove={movePoint(index)}
          onEnd={end(`${point.name} point moved`)}
          onSelect={() => onLeg(index)}
          onEntry={() =>
            onEntry({
              ...at(point.at),
              title: `${point.name} point`,
              fields: ['x', 'y', 'z'].map((axis) => ({
                pointer: `/load/points/${index}/${axis}`,
                label: `${point.name} point ${axis}`,
              })),
            })
          }
        />
      ))}
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
