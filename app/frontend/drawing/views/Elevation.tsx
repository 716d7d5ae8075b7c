import { useMemo } from 'react'
import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import type { Hand } from '../../plan/usePlanEditor'
import { ElevationGrips, type Entry } from '../grips/ElevationGrips'
import { CgMark, flagWidth } from '../figures/figures'
import { scaleBar, type ElevationScale, type Place } from '../scale/scale'
import { shadow } from '../scale/solids'
import { ChangedValues } from './ChangedValues'
import { ElevationWords } from './ElevationWords'
import { ElevationFlags } from './ElevationFlags'
import { HungLines } from './HungLines'
import { LoadOutline } from './LoadOutline'

interface Props {
  drawing: Drawing
  before: Plan | null
  ghost: Drawing | null
  ghostScale: ElevationScale | null
  scale: ElevationScale
  plan: Plan
  editor: Hand
  working: boolean
  leg: number
  onLeg: (leg: number) => void
  onRung: (id: Rung['id']) => void
  onEntry: (entry: Entry) => void
  top: number
  width: number
  lit: string | null
  exaggerate: number
  moved: boolean
}

// The leg card stands at the right of a sheet this wide.
const CARD_FROM = 640
const CARD_ROOM = 318
export const kindOf = (plan: Plan, sling: string | null | undefined) =>
  plan.snapshots.slings[sling ?? '']?.data.kind

// Is a leg seen nearly square, so that its angles look as they are?
export const inPlane = (top: { x: number; y: number }, foot: { x: number; y: number }, deg: number) =>
  Math.abs((Math.atan2(foot.y - top.y, Math.abs(foot.x - top.x)) * 180) / Math.PI - deg) < 8

// The load under the hook, to scale, as it will hang; with its grips. Seen along the load's y, or along its x.
export function Elevation({
  drawing,
  before,
  ghost,
  ghostScale,
  scale,
  plan,
  editor,
  working,
  leg: selected,
  onLeg,
  onRung,
  onEntry,
  top,
  width,
  lit,
  exaggerate,
  moved,
}: Props) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const { axis, hook } = scale
  const size = drawing.size as Place
  const other = axis === 0 ? 1 : 0
  const corner = (along: number, z: number): Place =>
    axis === 0 ? [along, drawing.cg[other]!, z] : [drawing.cg[other]!, along, z]
  const corners = [corner(0, 0), corner(size[axis], 0), corner(size[axis], size[2]), corner(0, size[2])].map(
    scale.load,
  )
  const at = (place: number[]) => ({ x: scale.x(place as Place), y: scale.y(place as Place) })
  const points = drawing.points.map((point) => scale.load(point.at as Place))
  const tops = drawing.legs.map((leg) => at(leg.top))
  const cg = scale.load(drawing.cg as Place)
  const half = drawing.cg_half_width as Place
  const lowest = Math.max(...corners.map(({ y }) => y))
  const colour = (verdict: Rung['verdict'] | undefined, about: string) =>
    working ? 'var(--ink)' : verdict === 'stop' ? COLOUR.stop : lit === about ? 'var(--mark)' : 'var(--ink)'
  const parts = useMemo(
    () =>
      drawing.solids.map((solid, index) => {
        const outline = shadow(solid, (place) => {
          const { x, y } = scale.load(place as Place)
          return [x, y]
        })
        return (
          outline.length > 2 && (
            <path
              key={index}
              d={`M${outline.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`}
              fill="none"
              stroke="var(--ink2)"
              strokeWidth={1}
              strokeDasharray={solid.cut ? '3 3' : undefined}
            />
          )
        )
      }),
    [drawing.solids, scale],
  )

  // The name stands clear of points and CG.
  const places = [0.76, 0.24, 0.62, 0.38, 0.9].map(
    (share) => corners[0]!.x + (corners[1]!.x - corners[0]!.x) * share,
  )
  const nameAt =
    places.find((x) => [...points, cg].every((thing) => Math.abs(thing.x - x) > 44)) ?? places[0]!
  const metres = scaleBar(scale.perMetre)
  const narrow = width <= 560
  // Of legs that coincide in this view the flags stand over one another, the one that pulls most at the leg.
  const stacked = (index: number) =>
    points
      .map((_, one) => one)
      .filter(
        (one) =>
          Math.abs(points[one]!.x - points[index]!.x) < 24 &&
          Math.abs((tops[one]?.x ?? 0) - (tops[index]?.x ?? 0)) < 24,
      )
      .sort((one, two) => (drawing.legs[two]?.worst?.value ?? 0) - (drawing.legs[one]?.worst?.value ?? 0))
      .indexOf(index)
  // Under a beam the flags of the right side stand inside, clear of the dimensions.
  const flags = drawing.legs.map((one, index) => ({
    one,
    x: (tops[index]!.x + points[index]!.x) / 2,
    y: (tops[index]!.y + points[index]!.y) / 2,
    left: points.length > 1 && (points[index]!.x < hook.x || (!!drawing.beam && axis === 0)),
  }))
  const right = Math.min(
    width - (width >= CARD_FROM ? CARD_ROOM : 14),
    Math.max(
      Math.max(...corners.map(({ x }) => x)) + 34,
      ...flags.map(({ one, x, left }) =>
        left ? 0 : x + 16 + flagWidth(one.name, shown(one.worst) || 'not known') + 14,
      ),
      ...drawing.uppers.map((one) =>
        narrow
          ? 0
          : (at(one.top).x + at(one.bottom).x) / 2 +
            29 +
            flagWidth(one.name.replace('upper sling', 'upper'), shown(one.worst) || 'not known'),
      ),
    ),
  )
  const wide = Math.abs(corners[1]!.x - corners[0]!.x)
  const tall = size[2] * scale.perMetre

  return (
    <g>
      {hook && (
        <path
          d={`M${hook.x} ${hook.y}V${scale.ground + 30}`}
          stroke="var(--mark)"
          strokeWidth={1.6}
          strokeDasharray="14 4 3 4"
        />
      )}
      {ghost?.hook && ghostScale && (
        <g fill="none" stroke="var(--line)" strokeWidth={1.2} data-ghost>
          {ghost.legs.map((leg, index) => (
            <path
              key={index}
              d={`M${ghostScale.x(leg.top as Place)} ${ghostScale.y(leg.top as Place)}L${ghostScale.x(leg.bottom as Place)} ${ghostScale.y(leg.bottom as Place)}`}
            />
          ))}
        </g>
      )}
      <LoadOutline
        onRung={onRung}
        corners={corners}
        lit={lit}
        parts={parts}
        drawing={drawing}
        tall={tall}
        corner={corner}
        size={size}
        axis={axis}
        scale={scale}
        wide={wide}
        nameAt={nameAt}
        plan={plan}
      />
      <HungLines
        drawing={drawing}
        onRung={onRung}
        working={working}
        at={at}
        colour={colour}
        plan={plan}
        hook={hook}
        onLeg={onLeg}
        tops={tops}
        points={points}
        lit={lit}
        selected={selected}
        shown={shown}
        moved={moved}
        top={top}
      />
      <rect
        x={cg.x - half[axis] * scale.perMetre}
        y={cg.y - half[2] * scale.perMetre}
        width={2 * half[axis] * scale.perMetre}
        height={2 * half[2] * scale.perMetre}
        fill="none"
        stroke="var(--mark)"
        strokeWidth={1.6}
        strokeDasharray="4 3"
        pointerEvents="none"
      />
      <CgMark x={cg.x} y={cg.y} r={8} />
      <ElevationFlags
        drawing={drawing}
        narrow={narrow}
        at={at}
        hook={hook}
        right={right}
        shown={shown}
        axis={axis}
        working={working}
        flags={flags}
        points={points}
        stacked={stacked}
        selected={selected}
      />
      <ElevationWords
        narrow={narrow}
        drawing={drawing}
        scale={scale}
        points={points}
        lowest={lowest}
        right={right}
        width={width}
        metres={metres}
        system={system}
        axis={axis}
        working={working}
        corners={corners}
        wide={wide}
        shown={shown}
        exaggerate={exaggerate}
        top={top}
      />
      <ChangedValues before={before} plan={plan} hook={hook} cg={cg} points={points} />
      <ElevationGrips
        drawing={drawing}
        scale={scale}
        plan={plan}
        editor={editor}
        selected={selected}
        onLeg={onLeg}
        onRung={onRung}
        onEntry={onEntry}
      />
    </g>
  )
}
