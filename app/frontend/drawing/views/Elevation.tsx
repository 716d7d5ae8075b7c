import { useMemo } from 'react'
import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import type { Hand } from '../../plan/usePlanEditor'
import { changed } from '../scale/changes'
import { Dimensions } from '../figures/Dimensions'
import { ElevationGrips, type Entry } from '../grips/ElevationGrips'
import {
  AngleArcs,
  BeamFigure,
  CgMark,
  Flag,
  flagWidth,
  HookBlock,
  Label,
  LegLine,
  SlackLine,
} from '../figures/figures'
import { scaleBar, type ElevationScale, type Place } from '../scale/scale'
import { shadow } from '../scale/solids'
import { writeLength } from '../scale/write'

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
const kindOf = (plan: Plan, sling: string | null | undefined) => plan.snapshots.slings[sling ?? '']?.data.kind

// Is a leg seen nearly square, so that its angles look as they are?
const inPlane = (top: { x: number; y: number }, foot: { x: number; y: number }, deg: number) =>
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
      <g onClick={() => onRung('load')} style={{ cursor: 'pointer' }}>
        <path
          d={`M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
          fill="var(--chalk)"
          stroke={lit === 'load' ? 'var(--mark)' : 'var(--ink)'}
          strokeWidth={lit === 'load' ? 4 : 2.5}
        />
        {parts}
        {drawing.solids.length === 0 && tall > 60 && (
          <path
            d={[corner(0, size[2] * 0.93), corner(size[axis], size[2] * 0.93)]
              .map(scale.load)
              .map(({ x, y }, index) => `${index ? 'L' : 'M'}${x} ${y}`)
              .join('')}
            stroke="var(--ink)"
            strokeWidth={1}
          />
        )}
        {wide > 130 && (
          <Label
            x={nameAt}
            y={(corners[0]!.y + corners[3]!.y) / 2 + (tall > 70 ? 24 : 6)}
            anchor="middle"
            size={17}
            halo={drawing.solids.length > 0}
          >
            {plan.load.name}
          </Label>
        )}
      </g>
      {drawing.rated.map((point, index) => {
        const { x, y } = scale.load(point.at as Place)
        return (
          <circle
            key={index}
            cx={x}
            cy={y}
            r={13}
            fill="none"
            stroke="var(--ink2)"
            strokeWidth={1.4}
            strokeDasharray="3 2"
            pointerEvents="none"
          >
            <title>{`rated point ${point.name}`}</title>
          </circle>
        )
      })}
      {drawing.uppers.map((one, index) => (
        <g key={index} onClick={() => onRung('upper')} style={{ cursor: 'pointer' }} data-upper={index}>
          {one.slack && !working ? (
            <SlackLine
              from={at(one.top)}
              to={at(one.bottom)}
              colour={colour(one.verdict, `upper:${index}`)}
            />
          ) : (
            <LegLine
              from={at(one.top)}
              to={at(one.bottom)}
              kind={kindOf(plan, plan.rigging.beam?.legs[index]?.sling)}
              colour={colour(one.verdict, `upper:${index}`)}
            />
          )}
        </g>
      ))}
      {drawing.beam && drawing.uppers.length === 0 && (
        <path
          d={`M${hook.x} ${hook.y}L${at(drawing.beam.eyes[0]!).x} ${at(drawing.beam.eyes[0]!).y}`}
          stroke="var(--ink)"
          strokeWidth={5}
        />
      )}
      {drawing.hook &&
        drawing.legs.map((one, index) => (
          <g
            key={index}
            onClick={() => {
              onLeg(index)
              onRung('slings')
            }}
            style={{ cursor: 'pointer' }}
            data-leg={one.name}
          >
            <path
              d={`M${tops[index]!.x} ${tops[index]!.y}L${points[index]!.x} ${points[index]!.y}`}
              stroke="transparent"
              strokeWidth={22}
            />
            {one.slack && !working ? (
              <SlackLine
                from={tops[index]!}
                to={points[index]!}
                colour={colour(one.verdict, `leg:${index}`)}
              />
            ) : (
              <LegLine
                from={tops[index]!}
                to={points[index]!}
                kind={kindOf(plan, plan.rigging.legs[index]?.sling)}
                colour={colour(one.verdict, `leg:${index}`)}
              />
            )}
          </g>
        ))}
      {drawing.beam && (
        <BeamFigure
          holes={drawing.beam.holes.map(at)}
          eyes={drawing.beam.eyes.map(at)}
          used={drawing.beam.used}
          colour={lit === 'beam' ? 'var(--mark)' : 'var(--ink)'}
          number={drawing.beam.number}
        />
      )}
      {drawing.hook &&
        drawing.legs.map(
          (one, index) =>
            one.run.value > 1e-6 &&
            index === selected &&
            !one.slack &&
            inPlane(tops[index]!, points[index]!, one.from_horizontal.value) && (
              <AngleArcs
                key={index}
                hook={tops[index]!}
                point={points[index]!}
                h={shown(one.from_horizontal)}
                b={points.length > 2 ? null : shown(one.from_plumb)}
              />
            ),
        )}
      {drawing.hook && <HookBlock x={hook.x} y={hook.y} top={moved ? hook.y - 200 : top} />}
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
      {drawing.uppers.map(
        (one, index) =>
          !narrow && (
            <Flag
              key={index}
              x={
                at(one.bottom).x < hook.x
                  ? (at(one.top).x + at(one.bottom).x) / 2 - 13
                  : Math.min(
                      (at(one.top).x + at(one.bottom).x) / 2 + 13,
                      right -
                        16 -
                        flagWidth(one.name.replace('upper sling', 'upper'), shown(one.worst) || 'not known'),
                    )
              }
              y={(at(one.top).y + at(one.bottom).y) / 2 - (axis === 1 ? 28 * index : 0)}
              left={at(one.bottom).x < hook.x}
              name={one.name.replace('upper sling', 'upper')}
              value={working ? 'working' : shown(one.worst) || 'not known'}
              verdict={working ? 'not_known' : one.verdict}
              selected={false}
            />
          ),
      )}
      {drawing.hook &&
        flags.map(({ one, x, y, left }, index) => (
          <Flag
            key={index}
            x={points.length > 1 ? x + (left ? -1 : 1) * 13 : x + 13}
            y={
              y -
              (one.from_horizontal.value < 40 ? 34 : 8) -
              (points.length > 2 || axis === 1 ? stacked(index) * 28 : 0)
            }
            left={left}
            name={one.name}
            value={working ? 'working' : one.slack ? 'slack' : shown(one.worst) || 'not known'}
            verdict={working ? 'not_known' : one.verdict}
            selected={index === selected}
          />
        ))}
      <Dimensions
        narrow={narrow}
        drawing={drawing}
        scale={scale}
        points={points}
        lowest={lowest}
        right={right}
      />
      <g
        transform={`translate(${width - 132} ${scale.ground + (narrow ? 35 : 30)})`}
        stroke="var(--ink)"
        strokeWidth={1.6}
      >
        <path d={`M${116 - metres * scale.perMetre} 0H116M${116 - metres * scale.perMetre} -5V5M116 -5V5`} />
        <g stroke="none">
          <Label
            x={108 - metres * scale.perMetre}
            y={5}
            anchor="end"
            size={14}
            weight={500}
            fill="var(--ink2)"
          >{`0 to ${system === 'us' ? writeLength(metres, 'us') : `${metres} m`}${narrow ? '' : `, to scale, seen along ${axis === 0 ? 'y' : 'x'}`}`}</Label>
        </g>
      </g>
      {drawing.tilt && drawing.tilt.deg.value > 0.05 && !working && (
        <Label x={corners[0]!.x + 12} y={corners[0]!.y - 12} size={15} fill="var(--mark)" halo>
          {wide > 230
            ? `tilt ${shown(drawing.tilt.deg)}, ${shown(drawing.tilt.end_to_end)} end to end`
            : `tilt ${shown(drawing.tilt.deg)}`}
        </Label>
      )}
      {exaggerate > 1 && (
        <Label
          x={16}
          y={top + 26}
          size={16}
          fill="var(--mark)"
          halo
        >{`tilt drawn ${exaggerate} times as large`}</Label>
      )}
      {before &&
        changed(before, plan).map(({ was, is, thing }) => {
          const place =
            thing === 'hook'
              ? { x: hook.x + 52, y: hook.y - 8 }
              : thing === 'cg'
                ? { x: cg.x + 18, y: cg.y + 44 }
                : { x: points[thing]!.x + 28, y: points[thing]!.y - 12 }
          return (
            <Label
              key={`${was} ${is}`}
              x={place.x}
              y={place.y}
              size={17}
              fill="var(--mark)"
              halo
            >{`${was} → ${is}`}</Label>
          )
        })}
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
