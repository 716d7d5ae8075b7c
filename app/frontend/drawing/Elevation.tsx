import { useMemo, useRef } from 'react'
import type { Drawing, Rung } from '../api/ladder.generated'
import type { Plan } from '../api/plan.generated'
import { usePreferences, useShown } from '../display/preferences'
import { COLOUR } from '../ladder/verdict'
import type { Hand } from '../workbench/usePlanEditor'
import { shadow } from './solids'
import { CgMark, Dimension, HookBlock, Label, LegLine } from './figures'
import { Grip, type Move } from './Grip'
import { hookOf, scaleBar, type ElevationScale, type Place } from './scale'
import { writeLength } from './write'

interface Props { drawing: Drawing; before: Plan | null; ghost: Drawing | null; ghostScale: ElevationScale | null; scale: ElevationScale; plan: Plan; editor: Hand; working: boolean; leg: number; onLeg: (leg: number) => void; onRung: (id: Rung['id']) => void; top: number; width: number; lit: string | null }

const kindOf = (plan: Plan, leg: number) => plan.snapshots.slings[plan.rigging.legs[leg]?.sling ?? '']?.data.kind

// What a drag has changed so far, as it was and is written, and the thing it is about.
const moved = (before: Plan, now: Plan) => {
  const pairs: { was: string | null; is: string | null; thing: 'hook' | 'cg' | number }[] = [
    { was: before.rigging.hook_height, is: now.rigging.hook_height, thing: 'hook' },
    { was: before.load.cg.x, is: now.load.cg.x, thing: 'cg' },
    { was: before.load.cg.z, is: now.load.cg.z, thing: 'cg' },
    ...now.load.points.flatMap((point, thing) => [{ was: before.load.points[thing]?.x ?? null, is: point.x, thing }, { was: before.load.points[thing]?.z ?? null, is: point.z, thing }]),
  ]
  return pairs.filter(({ was, is }) => was !== is && is !== null).map((pair) => ({ ...pair, was: pair.was ?? 'not set' }))
}

// The load under the hook, to scale, as it will hang; with its grips.
export function Elevation({ drawing, before, ghost, ghostScale, scale, plan, editor, working, leg: selected, onLeg, onRung, top, width, lit }: Props) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const from = useRef<Place | null>(null)
  const [length, , height] = drawing.size as Place
  const middle = drawing.cg[1]!
  const at = (place: Place) => ({ x: scale.x(place), y: scale.y(place) })
  const corner = (x: number, z: number): Place => [x, middle, z]
  const corners = [corner(0, 0), corner(length, 0), corner(length, height), corner(0, height)].map(at)
  const outline = `M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z`
  const points = drawing.points.map((point) => at(point.at as Place))
  const cg = at(drawing.cg as Place)
  const [ex, , ez] = drawing.cg_half_width as Place
  const hook = scale.hook
  const lowest = Math.max(...corners.map(({ y }) => y))
  const colour = (index: number) => (working ? 'var(--ink)' : drawing.legs[index]?.verdict === 'stop' ? COLOUR.stop : lit === `leg:${index}` ? 'var(--mark)' : 'var(--ink)')

  const parts = useMemo(() => drawing.solids.map((solid, index) => {
    const points = shadow(solid, (place) => [scale.x(place), scale.y(place)])
    return points.length > 2 && <path key={index} d={`M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`} fill="none" stroke="var(--ink2)" strokeWidth={1} strokeDasharray={solid.cut ? '3 3' : undefined} />
  }), [drawing.solids, scale])

  // The name stands clear of points and CG.
  const places = [0.76, 0.24, 0.62, 0.38, 0.9].map((share) => corners[0]!.x + (corners[1]!.x - corners[0]!.x) * share)
  const nameAt = places.find((x) => [...points, cg].every((thing) => Math.abs(thing.x - x) > 44)) ?? places[0]!

  // Where the thing was when the drag began, in the load's own axes; a nudge begins where it is now.
  const start = (place: Place) => (from.current ??= place)
  const end = (note: string) => () => {
    from.current = null
    editor.settle(note)
  }
  const movePoint = (index: number) => ({ dx, dz, free }: Move) => {
    const place = start(drawing.points[index]!.at as Place)
    const write = (value: number) => writeLength(value, system, free)
    editor.change(dz !== 0 ? { [`/load/points/${index}/z`]: write(place[2] + dz) } : { [`/load/points/${index}/x`]: write(place[0] + dx) }, `${drawing.points[index]!.name} point`, 'drag')
  }
  const moveCg = ({ dx, dz, free }: Move) => {
    const place = start(drawing.cg as Place)
    editor.change({ ...(dx !== 0 && { '/load/cg/x': writeLength(place[0] + dx, system, free) }), ...(dz !== 0 && { '/load/cg/z': writeLength(place[2] + dz, system, free) }) }, 'centre of gravity', 'drag')
  }
  const moveHook = ({ dz, free }: Move) => {
    const [, , now] = start([0, 0, drawing.hook_height?.value ?? hookOf(drawing)[2]])
    editor.change({ '/rigging/set_by': 'hook_height', '/rigging/hook_height': writeLength(now + dz, system, free) }, 'hook height', 'drag')
  }
  const metres = scaleBar(scale.perMetre)
  const narrow = width <= 560
  // Of legs that coincide in this view the flags stand over one another, the one that pulls most at the leg.
  const stacked = (index: number) => points.map((_, other) => other).filter((other) => Math.abs(points[other]!.x - points[index]!.x) < 24).sort((one, other) => (drawing.legs[other]?.worst?.value ?? 0) - (drawing.legs[one]?.worst?.value ?? 0)).indexOf(index)
  const flags = drawing.legs.map((one, index) => ({ one, x: (hook.x + points[index]!.x) / 2, y: (hook.y + points[index]!.y) / 2 }))

  return (
    <g>
      {hook && <path d={`M${hook.x} ${hook.y}V${scale.ground + 30}`} stroke="var(--mark)" strokeWidth={1.6} strokeDasharray="14 4 3 4" />}
      {ghost?.hook && ghostScale && (
        <g fill="none" stroke="var(--line)" strokeWidth={1.2} data-ghost>
          {ghost.points.map((point, index) => <path key={index} d={`M${ghostScale.x(ghost.hook as Place)} ${ghostScale.y(ghost.hook as Place)}L${ghostScale.x(point.at as Place)} ${ghostScale.y(point.at as Place)}`} />)}
        </g>
      )}
      <g onClick={() => onRung('load')} style={{ cursor: 'pointer' }}>
        <path d={outline} fill="var(--chalk)" stroke={lit === 'load' ? 'var(--mark)' : 'var(--ink)'} strokeWidth={lit === 'load' ? 4 : 2.5} />
        {parts}
        {drawing.solids.length === 0 && height * scale.perMetre > 60 && <path d={`M${at(corner(0, height * 0.93)).x} ${at(corner(0, height * 0.93)).y}L${at(corner(length, height * 0.93)).x} ${at(corner(length, height * 0.93)).y}`} stroke="var(--ink)" strokeWidth={1} />}
        <Label x={nameAt} y={(corners[0]!.y + corners[3]!.y) / 2 + (height * scale.perMetre > 70 ? 24 : 6)} anchor="middle" size={17} halo={drawing.solids.length > 0}>{plan.load.name}</Label>
      </g>
      {hook && drawing.hook && drawing.legs.map((one, index) => (
        <g key={index} onClick={() => { onLeg(index); onRung('slings') }} style={{ cursor: 'pointer' }} data-leg={one.name}>
          <path d={`M${hook.x} ${hook.y}L${points[index]!.x} ${points[index]!.y}`} stroke="transparent" strokeWidth={22} />
          <LegLine from={hook} to={points[index]!} kind={kindOf(plan, index)} colour={colour(index)} />
        </g>
      ))}
      {drawing.hook && drawing.legs.map((one, index) => one.run.value > 1e-6 && index === selected && (
        <AngleArcs key={index} hook={hook} point={points[index]!} h={shown(one.from_horizontal)} b={shown(one.from_plumb)} />
      ))}
      {drawing.hook && <HookBlock x={hook.x} y={hook.y} top={top} />}
      <rect x={cg.x - ex * scale.perMetre} y={cg.y - ez * scale.perMetre} width={2 * ex * scale.perMetre} height={2 * ez * scale.perMetre} fill="none" stroke="var(--mark)" strokeWidth={1.6} strokeDasharray="4 3" />
      <CgMark x={cg.x} y={cg.y} r={8} />
      {drawing.hook && flags.map(({ one, x, y }, index) => (
        <Flag key={index} x={points.length > 1 ? x + (points[index]!.x < hook.x ? -1 : 1) * 13 : x + 13} y={y - (one.from_horizontal.value < 40 ? 34 : 8) - (points.length > 2 ? stacked(index) * 28 : 0)} left={points.length > 1 && points[index]!.x < hook.x} name={one.name}
          value={working ? 'working' : shown(one.worst) || 'not known'} verdict={working ? 'not_known' : one.verdict} selected={index === selected} />
      ))}
      <Dimensions narrow={narrow} drawing={drawing} scale={scale} points={points} lowest={lowest} right={Math.max(Math.max(...corners.map(({ x }) => x)) + 34, ...flags.map(({ one, x }) => x + 16 + flagWidth(one.name, shown(one.worst) || 'not known') + 14))} />
      <g transform={`translate(${width - 132} ${scale.ground + (narrow ? 35 : 30)})`} stroke="var(--ink)" strokeWidth={1.6}>
        <path d={`M${116 - metres * scale.perMetre} 0H116M${116 - metres * scale.perMetre} -5V5M116 -5V5`} />
        <g stroke="none"><Label x={108 - metres * scale.perMetre} y={5} anchor="end" size={14} weight={500} fill="var(--ink2)">{`0 to ${system === 'us' ? writeLength(metres, 'us') : `${metres} m`}${narrow ? '' : ', to scale, seen along y'}`}</Label></g>
      </g>
      {before && moved(before, plan).map(({ was, is, thing }) => {
        const place = thing === 'hook' ? { x: hook.x + 52, y: hook.y - 8 } : thing === 'cg' ? { x: cg.x + 18, y: cg.y + 44 } : { x: points[thing]!.x + 28, y: points[thing]!.y - 12 }
        return <Label key={`${was} ${is}`} x={place.x} y={place.y} size={17} fill="var(--mark)" halo>{`${was} → ${is}`}</Label>
      })}
      {plan.load.cg.by !== 'take_off' && <Grip id="cg" x={cg.x} y={cg.y + 22} name="Centre of gravity" value={`${writeLength(drawing.cg[0]!, system)} along, ${writeLength(drawing.cg[2]!, system)} up`} perMetre={scale.perMetre} axis="both" onMove={moveCg} onEnd={end('centre of gravity moved')} onSelect={() => onRung('load')} />}
      {points.map((point, index) => (
        <Grip key={index} id={`point-${index}`} x={point.x} y={point.y} name={`${drawing.points[index]!.name} point`} value={`${writeLength(drawing.points[index]!.at[0]!, system)} along, ${writeLength(drawing.points[index]!.at[2]!, system)} up`} perMetre={scale.perMetre} axis="both" dragAxis="x" filled={index === selected}
          onMove={movePoint(index)} onEnd={end(`${drawing.points[index]!.name} point moved`)} onSelect={() => onLeg(index)} />
      ))}
      <Grip id="hook" x={hook.x + 30} y={hook.y - 14} name="Hook height" value={shown(drawing.hook_height)} perMetre={scale.perMetre} axis="z" onMove={moveHook} onEnd={end('hook height moved')} onSelect={() => onRung('angle')} />
    </g>
  )
}

// The selected leg's angles, as the drawing shows them.
function AngleArcs({ hook, point, h, b }: { hook: { x: number; y: number }; point: { x: number; y: number }; h: string; b: string }) {
  const side = Math.sign(point.x - hook.x) || 1
  const lean = Math.atan2(Math.abs(point.x - hook.x), point.y - hook.y)
  const long = Math.hypot(point.x - hook.x, point.y - hook.y)
  if (long < 110) return null
  const r = 62
  const end = { x: hook.x + side * r * Math.sin(lean), y: hook.y + r * Math.cos(lean) }
  const low = { x: point.x - side * 46, y: point.y }
  const high = { x: point.x - side * 46 * Math.sin(lean), y: point.y - 46 * Math.cos(lean) }
  return (
    <g fill="none" stroke="var(--mark)" strokeWidth={1.8}>
      <path d={`M${hook.x} ${hook.y + r}A${r} ${r} 0 0 ${side > 0 ? 0 : 1} ${end.x} ${end.y}`} />
      <path d={`M${low.x} ${low.y}A46 46 0 0 ${side > 0 ? 1 : 0} ${high.x} ${high.y}`} />
      <g stroke="none">
        <Label x={end.x + side * 8} y={end.y - 4} anchor={side > 0 ? 'start' : 'end'} size={17} fill="var(--mark)" halo>{b}</Label>
        <Label x={low.x - side * 4} y={low.y - 20} anchor={side > 0 ? 'end' : 'start'} size={17} fill="var(--mark)" halo>{h}</Label>
      </g>
    </g>
  )
}

const flagWidth = (name: string, value: string) => 28 + 6.6 * (name.length + value.length)

function Flag({ x, y, left, name, value, verdict, selected }: { x: number; y: number; left: boolean; name: string; value: string; verdict: Drawing['legs'][number]['verdict']; selected: boolean }) {
  const width = flagWidth(name, value)
  const stop = verdict === 'stop'
  return (
    <g transform={`translate(${Math.max(4, left ? x - width : x)} ${y - 14})`} style={{ pointerEvents: 'none' }}>
      <rect width={width} height={26} fill={stop ? 'var(--stopGround)' : 'var(--chalk)'} stroke="var(--ink)" strokeWidth={selected ? 2.5 : 1.4} />
      <rect width={8} height={26} fill={stop ? 'var(--stopGround)' : verdict === 'tight' ? 'var(--tightFill)' : verdict === 'holds' ? 'var(--mark)' : 'none'} stroke={verdict === 'not_known' ? 'var(--ink)' : 'none'} strokeDasharray="3 2" />
      <Label x={15} y={18} fill={stop ? 'var(--onStop)' : 'var(--ink)'}>{name}</Label>
      <Label x={width - 7} y={18} anchor="end" fill={stop ? 'var(--onStop)' : 'var(--ink)'}>{value}</Label>
    </g>
  )
}

function Dimensions({ drawing, scale, points, lowest, right, narrow }: { drawing: Drawing; scale: ElevationScale; points: { x: number; y: number }[]; lowest: number; right: number; narrow: boolean }) {
  const shown = useShown()
  const hook = scale.hook
  const below = scale.ground + (narrow ? 15 : 24)
  const high = Math.min(...points.map(({ y }) => y))
  return (
    <g>
      {drawing.hook && points.map((point, index) => Math.abs(point.x - hook.x) > 12 && <Dimension key={index} from={{ x: point.x, y: below }} to={{ x: hook.x, y: below }} text={shown(drawing.legs[index]?.run)} />)}
      {points.map((point, index) => <path key={index} d={`M${point.x} ${point.y + 12}V${below - 8}`} stroke="var(--line)" strokeWidth={1} strokeDasharray="2 4" />)}
      {drawing.hook && (
        <>
          <path d={`M${hook.x + 12} ${hook.y}H${right + 6}M${Math.max(...points.map(({ x }) => x)) + 14} ${high}H${right + 6}`} stroke="var(--line)" strokeWidth={1} />
          <Dimension from={{ x: right, y: hook.y }} to={{ x: right, y: high }} text={shown(drawing.legs[points.findIndex(({ y }) => y === high)]?.height)} />
          <Dimension from={{ x: right, y: high }} to={{ x: right, y: lowest }} text="" />
        </>
      )}
    </g>
  )
}
