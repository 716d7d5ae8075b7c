import Box from '@mui/material/Box'
import { memo, useRef } from 'react'
import type { Drawing, Ladder, Reach, Rung } from '../api/ladder.generated'
import type { Plan } from '../api/plan.generated'
import { useShown } from '../display/preferences'
import { AngleSign, ForceTriangle, Label } from '../drawing/figures'
import { Elevation } from '../drawing/Elevation'
import type { Entry } from '../drawing/ElevationGrips'
import { PlanSheet, planScale, type PlanScale } from '../drawing/PlanSheet'
import { PlanView } from '../drawing/PlanView'
import { FRAME, ReachStrip } from '../drawing/ReachStrip'
import { CraneSheet } from '../drawing/CraneSheet'
import { PlatformSheet } from '../drawing/PlatformSheet'
import { Outline } from '../drawing/Outline'
import { craneScale, type CraneScale } from '../drawing/craneScale'
import {
  elevationScale,
  reachScale,
  zoomed,
  type ElevationScale,
  type Place,
  type Zoom,
} from '../drawing/scale'
import type { RungId } from '../api/ladder.generated'
import { barOf, layoutLadder, type LadderLayout } from '../ladder/layout'
import { figures, GROUND_FROM_BOTTOM, STILES, STRIP_HEIGHT, LADDER_WIDTH } from '../theme/tokens'
import { History } from './History'
import { Tools, Views, type View } from './Tools'
import { useSheetZoom } from './useSheetZoom'
import type { Hand } from './usePlanEditor'
import { craneOf } from '../plan/crane'

const HOOK_TOP = 92
// Where there is no card the tools stand over the drawing: the hook begins below them.
const TOOLS_HEIGHT = 96
const CARD_WIDTH = 284
const CARD_FROM = 640
const ROOM_LEFT = 22

interface Thing {
  x: number
  y: number
  drawn: boolean
}
export interface Layout {
  ladder: LadderLayout
  height: number
  width: number
  ground: number
  drawing: Drawing | null
  scale: ElevationScale | null
  reach: Reach | null
  strip: ReturnType<typeof reachScale> | null
  frozen: Frozen | null
  things: Record<string, Thing>
  right: number
  card: boolean
  plan: PlanScale | null
  crane: CraneScale | null
  zoom: Zoom
  exaggerate: number
}
// How the drawing is looked at.
export interface Looking {
  view: View
  zoom: Zoom
  exaggerate: number
}

// What stays as it was while something is dragged, so that what is under the hand moves as the hand does.
export interface Frozen {
  of: Plan | null
  scale: ElevationScale | null
  drawing: Drawing | null
  strip: ReturnType<typeof reachScale> | null
  plan: PlanScale | null
  crane: CraneScale | null
}

export function sheetLayout({
  ladder,
  selected,
  frozen,
  width,
  height,
  view,
  zoom,
  exaggerate,
}: {
  ladder: Ladder | null
  selected: RungId
  frozen: Frozen | null
  width: number
  height: number
} & Looking): Layout {
  const ground = height - GROUND_FROM_BOTTOM
  const card = width >= CARD_FROM
  const right = width - 8
  const drawing = ladder?.drawing ?? null
  const reach = ladder?.reach ?? null
  const room = {
    top: STRIP_HEIGHT + HOOK_TOP + (card ? 0 : TOOLS_HEIGHT),
    left: ROOM_LEFT,
    right: card ? width - CARD_WIDTH - 74 : width - 60,
  }
  const pickX = Math.max(FRAME.left + 40, (room.left + room.right) / 2)

  const pick = reach?.stations[0]
  const strip = frozen?.strip ?? (reach && fitStrip(reach, right, pickX))
  const hookX =
    strip?.plumb && pick ? Math.max(FRAME.left, Math.min(right - 40, strip.x(pick.radius.value))) : pickX
  const axis = view === 'end' ? 1 : 0
  const about = { x: (room.left + room.right) / 2, y: (STRIP_HEIGHT + ground) / 2 }
  const fixed = frozen?.scale ? frozen.scale.perMetre / zoom.times : null
  const scale =
    drawing && zoomed(elevationScale(drawing, axis, hookX, ground, room, exaggerate, fixed), zoom, about)
  const plan =
    drawing &&
    planScale(drawing, { left: 74, right: width - 60, top: STRIP_HEIGHT + 150, bottom: ground - 84 }, zoom)

  const crane =
    frozen?.crane ??
    (ladder?.crane
      ? craneScale(ladder.crane, {
          left: 34,
          right: width - 22,
          top: STRIP_HEIGHT + (card ? 66 : 116),
          bottom: ground - 6,
        })
      : null)
  const things = thingsOf(
    drawing,
    view === 'plan' || view === 'crane' ? null : scale,
    ground,
    scale?.hook.x ?? pickX,
    !!reach,
    zoom.times !== 1,
  )
  return {
    ladder: layoutLadder(ladder, selected, 6, ground - 2),
    height,
    width,
    ground,
    drawing,
    scale,
    reach,
    strip,
    frozen,
    things,
    right,
    card,
    plan,
    crane,
    zoom,
    exaggerate,
  }
}

// Pick on the hook's plumb line, the end of the chart at the right.
const fitStrip = (reach: Reach, right: number, pickX: number) => {
  const start = reach.stations[0]?.radius.value ?? reach.steps[0]?.from_m ?? 0
  const farthest =
    Math.max(
      reach.steps.filter((step) => step.kg !== null).at(-1)?.to_m ?? 0,
      ...reach.stations.map((station) => station.loaded_radius.value),
    ) + 0.6
  const frame = { left: FRAME.left, pickX, right, top: FRAME.top, bottom: FRAME.bottom }
  const nearest = Math.min(start, ...reach.stations.map((station) => station.radius.value))
  const { first } = reachScale(start, nearest, farthest, 1, frame)
  const most =
    Math.max(
      ...reach.steps.filter((step) => step.to_m > first).map((step) => step.kg ?? 0),
      reach.gross?.value ?? 0,
    ) * 1.2
  return reachScale(start, nearest, farthest, most, frame)
}

// Where on the sheet the thing stands that each rung checks.
const thingsOf = (
  drawing: Drawing | null,
  scale: ElevationScale | null,
  ground: number,
  pickX: number,
  chart: boolean,
  moved: boolean,
): Record<string, Thing> => {
  const place = (x: number, y: number, drawn = true): Thing => ({ x, y, drawn: drawn && !moved })
  const strip = {
    height: place(pickX, STRIP_HEIGHT + 8, !!drawing?.hook && !!scale),
    chart: { x: 34, y: 112, drawn: chart },
    crane: { x: FRAME.left, y: 34, drawn: chart },
  }
  if (!drawing || !scale)
    return {
      ...strip,
      load: place(40, ground - 60, false),
      level: place(40, ground - 130, false),
      angle: place(40, ground - 200, false),
      slings: place(40, ground - 280, false),
      hoist: place(pickX, ground - 380, false),
    }
  const size = drawing.size as Place
  const point = scale.load(drawing.points[0]!.at as Place)
  const top = drawing.legs[0]
    ? { x: scale.x(drawing.legs[0].top as Place), y: scale.y(drawing.legs[0].top as Place) }
    : scale.hook
  const sides = [0, 1]
    .flatMap((along) =>
      [0, 1].map((up): Place => [
        scale.axis === 0 ? along * size[0] : size[0] / 2,
        scale.axis === 1 ? along * size[1] : size[1] / 2,
        up * size[2],
      ]),
    )
    .map(scale.load)
  const left = Math.min(...sides.map(({ x }) => x))
  const between = (share: number) =>
    place(top.x + (point.x - top.x) * share, top.y + (point.y - top.y) * share, !!drawing.hook)
  const eye = drawing.beam?.eyes[0] as Place | undefined
  const beam: Record<string, Thing> = eye
    ? {
        beam: place(scale.x(eye) - 6, scale.y(eye)),
        upper: place((scale.x(eye) + scale.hook.x) / 2, (scale.y(eye) + scale.hook.y) / 2),
      }
    : {}
  return {
    ...strip,
    ...beam,
    load: place(left, sides.reduce((sum, { y }) => sum + y, 0) / sides.length + 8),
    level: place(left, Math.min(...sides.map(({ y }) => y)) + 6),
    angle: between(0.8),
    points: place(point.x, point.y),
    slings: between(0.42),
    hoist: place(scale.hook.x - 16, scale.hook.y - 56, !!drawing.hook),
  }
}

interface Props {
  editor: Hand
  plan: Plan
  undoNote: string | null
  redoNote: string | null
  ladder: Ladder | null
  layout: Layout
  leaders: boolean
  selected: RungId
  leg: number
  setLeg: (leg: number) => void
  select: (id: RungId) => void
  working: boolean
  lit: string | null
  looking: Looking
  look: (change: Partial<Looking>) => void
  onEntry: (entry: Entry) => void
  title: string
}

export const Sheet = memo(function Sheet({
  editor,
  plan,
  undoNote,
  redoNote,
  ladder,
  layout,
  leaders,
  selected,
  leg,
  setLeg,
  select,
  working,
  lit,
  looking,
  look,
  onEntry,
  title,
}: Props) {
  const { drawing, scale, reach, strip, ground, width, height, frozen, card } = layout
  const shown = useShown()
  const chart = ladder?.rungs.find((rung) => rung.id === 'chart')
  const svg = useRef<SVGSVGElement>(null)
  const { view, zoom, exaggerate } = looking
  const panning = useSheetZoom(svg, zoom, (next) => look({ zoom: next }))
  const moved = zoom.times !== 1 || zoom.x !== 0 || zoom.y !== 0
  return (
    <>
      <Box
        component="svg"
        ref={svg}
        width={width}
        height={height}
        aria-label="The lift, to scale"
        role="group"
        sx={{ position: 'absolute', inset: 0, overflow: 'visible', userSelect: 'none' }}
      >
        <defs>
          <clipPath id="sheet">
            <rect x={0} y={STRIP_HEIGHT} width={width} height={height - STRIP_HEIGHT} />
          </clipPath>
          <pattern
            id="earth"
            width={9}
            height={9}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={1.4} height={9} fill="var(--ink2)" />
          </pattern>
        </defs>
        <rect
          x={0}
          y={STRIP_HEIGHT}
          width={width}
          height={height - STRIP_HEIGHT}
          fill="transparent"
          {...panning}
          style={{ touchAction: 'none' }}
          data-leave-out
        />
        {view !== 'plan' && view !== 'crane' && !moved && (
          <rect
            x={0}
            y={ground}
            width={width}
            height={12}
            fill="url(#earth)"
            opacity={0.5}
            pointerEvents="none"
          />
        )}
        <path d={`M0 ${STRIP_HEIGHT}H${width}`} stroke="var(--ink)" strokeWidth={1.5} />
        <path d={`M${-LADDER_WIDTH} ${ground}H${width}`} stroke="var(--ink)" strokeWidth={2.5} />
        {leaders &&
          ladder?.rungs.map(({ id }) => {
            const top = layout.ladder.tops[id]
            return (
              top !== undefined && (
                <Leader key={id} y={barOf(top)} thing={layout.things[id]} heavy={id === selected} />
              )
            )
          })}
        {reach && strip ? (
          <ReachStrip
            reach={reach}
            plan={plan}
            before={frozen?.of ?? null}
            scale={strip}
            right={layout.right}
            editor={editor}
            working={working}
            onSelect={() => select('crane')}
          />
        ) : (
          <Label x={36} y={100} size={17}>
            {working
              ? 'working'
              : chart?.verdict === 'stop'
                ? `Chart: ${shown(chart.note)}. No steps are drawn.`
                : plan.snapshots.charts[craneOf(plan).chart ?? '']?.data.family === 'platform_jib'
                  ? 'This chart goes by the angles of both booms: see Jib and Platform.'
                  : 'Crane: no chart that can be read here yet.'}
          </Label>
        )}
        {view === 'crane' ? (
          layout.crane && ladder?.crane ? (
            <CraneSheet
              view={ladder.crane}
              plan={plan}
              scale={layout.crane}
              editor={editor}
              working={working}
              onSelect={() => select('crane')}
            />
          ) : craneOf(plan).platform && ladder && !working ? (
            <PlatformSheet plan={plan} ladder={ladder} width={width} ground={ground} />
          ) : (
            <Label x={36} y={STRIP_HEIGHT + 120} size={17}>
              {working ? 'working' : 'The crane is drawn once its chart matches it.'}
            </Label>
          )
        ) : drawing && scale && layout.plan ? (
          <g clipPath={moved ? 'url(#sheet)' : undefined}>
            {view === 'plan' ? (
              <PlanSheet
                drawing={drawing}
                before={frozen?.of ?? null}
                frozen={frozen?.plan ?? null}
                scale={layout.plan}
                plan={plan}
                editor={editor}
                working={working}
                leg={Math.min(leg, drawing.points.length - 1)}
                onLeg={setLeg}
                onRung={select}
                onEntry={onEntry}
                width={width}
                lit={lit}
              />
            ) : (
              <Elevation
                drawing={drawing}
                before={frozen?.of ?? null}
                ghost={frozen?.drawing ?? null}
                ghostScale={frozen?.scale ?? null}
                scale={scale}
                plan={plan}
                editor={editor}
                working={working}
                leg={Math.min(leg, drawing.points.length - 1)}
                onLeg={setLeg}
                onRung={select}
                onEntry={onEntry}
                top={STRIP_HEIGHT}
                width={width}
                lit={lit}
                exaggerate={exaggerate}
                moved={moved}
              />
            )}
          </g>
        ) : ladder?.first.outline && !working ? (
          <Outline
            outline={ladder.first.outline}
            name={plan.load.name}
            width={width}
            ground={ground}
            top={STRIP_HEIGHT}
          />
        ) : (
          <Label x={36} y={ground - 40} size={17}>
            {working
              ? 'working'
              : 'Nothing to draw yet: size, centre of gravity and points of the load are needed.'}
          </Label>
        )}
      </Box>
      {drawing && !working && <DrawnValues drawing={drawing} />}
      <Box
        sx={{
          position: 'absolute',
          top: STRIP_HEIGHT + 12,
          right: 12,
          width: card && view !== 'crane' ? CARD_WIDTH : 'auto',
          pointerEvents: 'none',
          '& > *': { pointerEvents: 'auto' },
        }}
      >
        <Box sx={{ display: 'flex', justifyContent: 'flex-end', flexWrap: 'wrap', gap: '5px', mb: '6px' }}>
          <Views looking={looking} look={look} />
          <History editor={editor} undoNote={undoNote} redoNote={redoNote} />
          <Tools
            looking={looking}
            look={look}
            svg={svg}
            title={`${title}, ${view === 'crane' ? 'crane' : view === 'plan' ? 'plan' : view === 'end' ? 'seen along x' : 'seen along y'}`}
            tilted={(drawing?.tilt?.deg.value ?? 0) > 0.05}
          />
        </Box>
        {card && view !== 'plan' && view !== 'crane' && drawing?.hook && (
          <LegCard
            drawing={drawing}
            leg={Math.min(leg, drawing.legs.length - 1)}
            working={working}
            pair={drawing.legs.length === 2 && !plan.rigging.beam && !plan.rigging.reeved}
          />
        )}
      </Box>
      {card && drawing && view !== 'plan' && view !== 'crane' && height > 700 && (
        <Box sx={{ position: 'absolute', right: 12, bottom: GROUND_FROM_BOTTOM + 10, width: CARD_WIDTH }}>
          <PlanView
            drawing={drawing}
            width={CARD_WIDTH}
            height={Math.max(120, Math.min(170, height - STRIP_HEIGHT - GROUND_FROM_BOTTOM - 390))}
            leg={leg}
            working={working}
          />
        </Box>
      )}
    </>
  )
})

// The drawing's figures as a table, for those who do not see it.
function DrawnValues({ drawing }: { drawing: Drawing }) {
  const shown = useShown()
  return (
    <table className="hush">
      <caption>
        The legs as they hang, hook bearing {shown(drawing.hook_height) || 'not known'} above the base
      </caption>
      <thead>
        <tr>
          {[
            'leg',
            'length',
            'level run',
            'height',
            'from horizontal',
            'from plumb',
            'included',
            'worst tension',
          ].map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {drawing.legs.map((leg, index) => (
          <tr key={index}>
            <th scope="row">{leg.name}</th>
            {[
              leg.length,
              leg.run,
              leg.height,
              leg.from_horizontal,
              leg.from_plumb,
              leg.included,
              leg.worst,
            ].map((figure, column) => (
              <td key={column}>{shown(figure) || 'not known'}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

// From the right stile to the thing; bent where the rung had to move.
function Leader({ y, thing, heavy }: { y: number; thing: Thing | undefined; heavy: boolean }) {
  if (!thing?.drawn) return null
  const out = STILES.right - LADDER_WIDTH
  const bend = Math.min(16, thing.x - 20)
  return (
    <g
      aria-hidden
      pointerEvents="none"
      stroke={heavy ? 'var(--mark)' : 'var(--ink)'}
      strokeWidth={heavy ? 2.4 : 1}
    >
      <path d={`M${out} ${y}H${bend - 14}L${bend} ${thing.y}H${thing.x}`} fill="none" />
      <circle
        cx={thing.x}
        cy={thing.y}
        r={heavy ? 4.5 : 3}
        fill={heavy ? 'var(--mark)' : 'var(--ink)'}
        stroke="none"
      />
    </g>
  )
}

// The selected leg in all three conventions.
function LegCard({
  drawing,
  leg,
  working,
  pair,
}: {
  drawing: Drawing
  leg: number
  working: boolean
  pair: boolean
}) {
  const shown = useShown()
  const one = drawing.legs[leg]
  if (!one) return null
  const angles: [Parameters<typeof AngleSign>[0]['convention'], Rung['demand'], string][] = [
    ['horizontal', one.from_horizontal, 'from horizontal'],
    ['plumb', one.from_plumb, 'from plumb'],
    ['included', one.included, pair ? 'included, both legs' : 'twice from plumb'],
  ]
  return (
    <Box data-leg-card>
      <Box
        sx={{ display: 'flex', alignItems: 'baseline', borderBottom: '1.5px solid var(--ink)', pb: '2px' }}
      >
        <Box component="h2" sx={{ m: 0, fontSize: 17, fontWeight: 600 }}>
          {one.name} leg
        </Box>
        <Box sx={{ ml: 'auto', fontFamily: figures, fontSize: 16 }}>
          {working ? 'working' : `${shown(one.length)} as it hangs`}
        </Box>
      </Box>
      {angles.map(([convention, figure, words]) => (
        <Box
          key={words}
          sx={{ display: 'grid', gridTemplateColumns: '40px 76px 1fr', alignItems: 'center', pt: '2px' }}
        >
          <AngleSign convention={convention} />
          <Box
            sx={{ fontFamily: figures, fontSize: 25, lineHeight: 1.1, fontWeight: 600, color: 'var(--mark)' }}
          >
            {working ? '–' : shown(figure)}
          </Box>
          <span>{words}</span>
        </Box>
      ))}
      {!working && (
        <Box
          sx={{
            fontFamily: figures,
            fontSize: 16,
            pt: '2px',
            display: 'flex',
            gap: '10px',
            flexWrap: 'wrap',
            lineHeight: 1.2,
          }}
        >
          <span>
            worst <strong data-worst>{shown(one.worst) || 'not known'}</strong>
            {one.utilisation && `, ${shown(one.utilisation)}`}
          </span>
          <span>
            {one.slack ? (
              'hangs slack'
            ) : (
              <>
                nominal <strong>{shown(one.nominal) || 'not known'}</strong>
              </>
            )}
          </span>
        </Box>
      )}
      {!working && one.share && one.thrust && one.nominal && !one.slack && (
        <ForceTriangle
          width={284}
          height={86}
          share={{ value: one.share.value, text: shown(one.share) }}
          thrust={{ value: one.thrust.value, text: shown(one.thrust) }}
          tension={{ value: one.nominal.value, text: shown(one.nominal) }}
        />
      )}
      <Box sx={{ fontFamily: figures, fontSize: 14, color: 'var(--ink2)' }}>
        True angles and forces, nominal. Flags carry the worst.
      </Box>
    </Box>
  )
}
