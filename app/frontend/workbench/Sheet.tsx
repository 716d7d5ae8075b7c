import Box from '@mui/material/Box'
import { memo } from 'react'
import type { Drawing, Ladder, Reach, Rung } from '../api/ladder.generated'
import type { Plan } from '../api/plan.generated'
import { useShown } from '../display/preferences'
import { AngleSign, Label } from '../drawing/figures'
import { Elevation } from '../drawing/Elevation'
import { PlanView } from '../drawing/PlanView'
import { FRAME, ReachStrip } from '../drawing/ReachStrip'
import { elevationScale, reachScale, type ElevationScale, type Place } from '../drawing/scale'
import type { RungId } from '../ladder/Ladder'
import { barOf, layoutRungs, PITCH } from '../ladder/layout'
import { figures, GROUND_FROM_BOTTOM, STILES, STRIP_HEIGHT, LADDER_WIDTH } from '../theme/tokens'
import { History } from './History'
import type { Hand } from './usePlanEditor'

const HOOK_TOP = 92
const CARD_WIDTH = 284
const CARD_FROM = 640
const ROOM_LEFT = 22

interface Thing { x: number; y: number; drawn: boolean }
export interface Layout {
  tops: Record<string, number>; height: number; width: number; ground: number; drawing: Drawing | null; scale: ElevationScale | null; reach: Reach | null; strip: ReturnType<typeof reachScale> | null
  frozen: Frozen | null; things: Record<string, Thing>; right: number; card: boolean
}

// What stays as it was while something is dragged, so that what is under the hand moves as the hand does.
export interface Frozen { of: Plan | null; scale: ElevationScale | null; drawing: Drawing | null; strip: ReturnType<typeof reachScale> | null }

export function sheetLayout({ ladder, frozen, width, height }: { ladder: Ladder | null; frozen: Frozen | null; width: number; height: number }): Layout {
  const ground = height - GROUND_FROM_BOTTOM
  const card = width >= CARD_FROM
  const right = width - 8
  const drawing = ladder?.drawing ?? null
  const reach = ladder?.reach ?? null
  const room = { top: STRIP_HEIGHT + HOOK_TOP, left: ROOM_LEFT, right: card ? width - CARD_WIDTH - 74 : width - 60 }
  const pickX = Math.max(FRAME.left + 40, (room.left + room.right) / 2)

  const pick = reach?.stations[0]
  const strip = frozen?.strip ?? (reach && fitStrip(reach, right, pickX))
  const hookX = strip && pick ? Math.max(FRAME.left, Math.min(right - 40, strip.x(pick.radius.value))) : pickX
  const scale = drawing && (frozen?.scale ? withPerMetre(drawing, hookX, ground, frozen.scale.perMetre) : elevationScale(drawing, hookX, ground, room))

  const things = thingsOf(drawing, scale, ground, scale?.hook.x ?? pickX, !!reach)
  // A rung whose thing is not drawn stands a step above the one below it.
  const wanted = (ladder?.rungs ?? []).reduce<{ id: string; y: number }[]>((below, { id }) => [...below, { id, y: things[id]?.y ?? (below.at(-1)?.y ?? ground) - PITCH }], [])
  return { tops: layoutRungs(wanted, 4, ground - 2), height, width, ground, drawing, scale, reach, strip, frozen, things, right, card }
}

// Pick on the hook's plumb line, the end of the chart at the right.
const fitStrip = (reach: Reach, right: number, pickX: number) => {
  const start = reach.stations[0]?.radius.value ?? reach.steps[0]?.from_m ?? 0
  const farthest = Math.max(reach.steps.filter((step) => step.kg !== null).at(-1)?.to_m ?? 0, ...reach.stations.map((station) => station.loaded_radius.value)) + 0.6
  const frame = { left: FRAME.left, pickX, right, top: FRAME.top, bottom: FRAME.bottom }
  const { first } = reachScale(start, farthest, 1, frame)
  const most = Math.max(...reach.steps.filter((step) => step.to_m > first).map((step) => step.kg ?? 0), reach.gross?.value ?? 0) * 1.2
  return reachScale(start, farthest, most, frame)
}

const withPerMetre = (drawing: Drawing, hookX: number, ground: number, perMetre: number): ElevationScale => {
  const unit = elevationScale(drawing, 0, 0, { top: -1e9, left: -1e9, right: 1e9 })
  const factor = perMetre / unit.perMetre
  const hook = { x: hookX, y: ground + unit.hook.y * factor }
  return { perMetre, ground, hook, x: (place) => hookX + unit.x(place) * factor, y: (place) => ground + unit.y(place) * factor }
}

// Where on the sheet the thing stands that each rung checks.
const thingsOf = (drawing: Drawing | null, scale: ElevationScale | null, ground: number, pickX: number, chart: boolean): Record<string, Thing> => {
  const place = (x: number, y: number, drawn = true): Thing => ({ x, y, drawn })
  const strip = { height: place(pickX, STRIP_HEIGHT + 8, !!drawing?.hook), chart: place(34, 112, chart), crane: place(FRAME.left, 34, chart) }
  if (!drawing || !scale) return { ...strip, load: place(40, ground - 60, false), level: place(40, ground - 130, false), angle: place(40, ground - 200, false), slings: place(40, ground - 280, false), hoist: place(pickX, ground - 380, false) }
  const first = drawing.points[0]!.at as Place
  const point = { x: scale.x(first), y: scale.y(first) }
  const [length, , tall] = drawing.size as Place
  const left = Math.min(scale.x([0, 0, 0]), scale.x([length, 0, tall]))
  const between = (share: number) => place(scale.hook.x + (point.x - scale.hook.x) * share, scale.hook.y + (point.y - scale.hook.y) * share, !!drawing.hook)
  return { ...strip, load: place(left, (scale.y([0, 0, 0]) + scale.y([0, 0, tall])) / 2 + 8), level: place(left, scale.y([0, 0, tall]) + 6), angle: between(0.8), slings: between(0.42), hoist: place(scale.hook.x - 16, scale.hook.y - 56, !!drawing.hook) }
}

interface Props { editor: Hand; plan: Plan; undoNote: string | null; redoNote: string | null; ladder: Ladder | null; layout: Layout; leaders: boolean; selected: RungId; leg: number; setLeg: (leg: number) => void; select: (id: RungId) => void; working: boolean; lit: string | null }

export const Sheet = memo(function Sheet({ editor, plan, undoNote, redoNote, ladder, layout, leaders, selected, leg, setLeg, select, working, lit }: Props) {
  const { drawing, scale, reach, strip, ground, width, height, frozen, card } = layout
  const shown = useShown()
  const chart = ladder?.rungs.find((rung) => rung.id === 'chart')
  return (
    <>
      <Box component="svg" width={width} height={height} aria-label="The lift, to scale" role="group" sx={{ position: 'absolute', inset: 0, overflow: 'visible', userSelect: 'none' }}>
        <defs><pattern id="earth" width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width={1.4} height={9} fill="var(--ink2)" /></pattern></defs>
        <rect x={0} y={ground} width={width} height={12} fill="url(#earth)" opacity={0.5} />
        <path d={`M0 ${STRIP_HEIGHT}H${width}`} stroke="var(--ink)" strokeWidth={1.5} />
        <path d={`M${-LADDER_WIDTH} ${ground}H${width}`} stroke="var(--ink)" strokeWidth={2.5} />
        {leaders && ladder?.rungs.map((rung) => <Leader key={rung.id} y={barOf(layout.tops[rung.id] ?? 0) + 2} thing={layout.things[rung.id]} heavy={rung.id === selected} />)}
        {reach && strip
          ? <ReachStrip reach={reach} plan={plan} before={frozen?.of ?? null} scale={strip} right={layout.right} editor={editor} working={working} onSelect={() => select('crane')} />
          : <Label x={36} y={100} size={17}>{working ? 'working' : chart?.verdict === 'stop' ? `Chart: ${shown(chart.note)}. No steps are drawn.` : 'Crane: no chart that can be read here yet.'}</Label>}
        {drawing && scale
          ? <Elevation drawing={drawing} before={frozen?.of ?? null} ghost={frozen?.drawing ?? null} ghostScale={frozen?.scale ?? null} scale={scale} plan={plan} editor={editor} working={working} leg={Math.min(leg, drawing.points.length - 1)} onLeg={setLeg} onRung={select} top={STRIP_HEIGHT} width={width} lit={lit} />
          : <Label x={36} y={ground - 40} size={17}>{working ? 'working' : 'Nothing to draw yet: size, centre of gravity and points of the load are needed.'}</Label>}
      </Box>
      {drawing && !working && <DrawnValues drawing={drawing} />}
      <Box sx={{ position: 'absolute', top: STRIP_HEIGHT + 12, right: 12, width: card ? CARD_WIDTH : 'auto' }}>
        <Box sx={{ display: 'flex', justifyContent: 'flex-end', mb: '8px' }}><History editor={editor} undoNote={undoNote} redoNote={redoNote} /></Box>
        {card && drawing?.hook && <LegCard drawing={drawing} leg={Math.min(leg, drawing.legs.length - 1)} working={working} />}
      </Box>
      {card && drawing && <Box sx={{ position: 'absolute', right: 12, bottom: GROUND_FROM_BOTTOM + 10, width: CARD_WIDTH }}><PlanView drawing={drawing} width={CARD_WIDTH} height={Math.max(120, Math.min(190, height - STRIP_HEIGHT - GROUND_FROM_BOTTOM - 300))} leg={leg} working={working} /></Box>}
    </>
  )
})

// The drawing's figures as a table, for those who do not see it.
function DrawnValues({ drawing }: { drawing: Drawing }) {
  const shown = useShown()
  return (
    <table className="hush">
      <caption>The legs as they hang, hook bearing {shown(drawing.hook_height) || 'not known'} above the base</caption>
      <thead><tr>{['leg', 'length', 'from plumb line', 'height', 'from horizontal', 'from plumb', 'included', 'worst tension'].map((head) => <th key={head} scope="col">{head}</th>)}</tr></thead>
      <tbody>
        {drawing.legs.map((leg, index) => (
          <tr key={index}>
            <th scope="row">{leg.name}</th>
            {[leg.length, leg.run, leg.height, leg.from_horizontal, leg.from_plumb, leg.included, leg.worst].map((figure, column) => <td key={column}>{shown(figure) || 'not known'}</td>)}
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
    <g aria-hidden pointerEvents="none" stroke={heavy ? 'var(--mark)' : 'var(--ink)'} strokeWidth={heavy ? 2.4 : 1}>
      <path d={`M${out} ${y}H${bend - 14}L${bend} ${thing.y}H${thing.x}`} fill="none" />
      <circle cx={thing.x} cy={thing.y} r={heavy ? 4.5 : 3} fill={heavy ? 'var(--mark)' : 'var(--ink)'} stroke="none" />
    </g>
  )
}

// The selected leg in all three conventions.
function LegCard({ drawing, leg, working }: { drawing: Drawing; leg: number; working: boolean }) {
  const shown = useShown()
  const one = drawing.legs[leg]
  if (!one) return null
  const angles: [Parameters<typeof AngleSign>[0]['convention'], Rung['demand'], string][] = [['horizontal', one.from_horizontal, 'from horizontal'], ['plumb', one.from_plumb, 'from plumb'], ['included', one.included, drawing.legs.length === 2 ? 'included, both legs' : 'twice from plumb']]
  return (
    <Box data-leg-card>
      <Box sx={{ display: 'flex', alignItems: 'baseline', borderBottom: '1.5px solid var(--ink)', pb: '2px' }}>
        <Box component="h2" sx={{ m: 0, fontSize: 17, fontWeight: 600 }}>{one.name} leg</Box>
        <Box sx={{ ml: 'auto', fontFamily: figures, fontSize: 16 }}>{working ? 'working' : `${shown(one.length)} as it hangs`}</Box>
      </Box>
      {angles.map(([convention, figure, words]) => (
        <Box key={words} sx={{ display: 'grid', gridTemplateColumns: '40px 76px 1fr', alignItems: 'center', pt: '5px' }}>
          <AngleSign convention={convention} />
          <Box sx={{ fontFamily: figures, fontSize: 25, lineHeight: 1.1, fontWeight: 600, color: 'var(--mark)' }}>{working ? '–' : shown(figure)}</Box>
          <span>{words}</span>
        </Box>
      ))}
      <Box sx={{ fontFamily: figures, fontSize: 14, color: 'var(--ink2)', pt: '5px' }}>Nominal angles, true. Flags carry the worst tension.</Box>
    </Box>
  )
}
