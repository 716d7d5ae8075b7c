import type { Drawing, Ladder, Reach } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { planScale, type PlanScale } from '../../drawing/views/PlanSheet'
import { FRAME } from '../../drawing/views/ReachStrip'
import { PROFILE_HEIGHT, siteScale, siteSeen, type SiteScale } from '../../drawing/scale/siteScale'
import { craneScale, type CraneScale } from '../../drawing/scale/craneScale'
import {
  elevationScale,
  reachScale,
  zoomed,
  type ElevationScale,
  type Place,
  type Zoom,
} from '../../drawing/scale/scale'
import type { RungId } from '../../api/ladder.generated'
import { layoutLadder, type LadderLayout } from '../../ladder/layout'
import { GROUND_FROM_BOTTOM, STRIP_HEIGHT } from '../../ui/theme/tokens'

export type View = 'side' | 'end' | 'plan' | 'crane' | 'site' | 'tailing'
const UPRIGHT: View[] = ['side', 'end']
// Views that have a sheet of their own, without strip and zoom.
export const ownSheet = (view: View) => view === 'site' || view === 'tailing'
// What is seen of a lift: two cranes have a view for both, and none for one of them.
export const seenOf = (two: boolean, view: View): View =>
  two ? (view === 'crane' ? 'tailing' : view) : view === 'tailing' ? 'side' : view
// Is the lift seen from the side, standing on the ground?
export const upright = (view: View) => UPRIGHT.includes(view)

export const HOOK_TOP = 92
// Where there is no card the tools stand over the drawing: the hook begins below them.
export const TOOLS_HEIGHT = 96
export const CARD_WIDTH = 284
export const CARD_FROM = 640
export const ROOM_LEFT = 22

export interface Anchor {
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
  anchors: Record<string, Anchor>
  right: number
  card: boolean
  plan: PlanScale | null
  crane: CraneScale | null
  site: SiteScale | null
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
  site: SiteScale | null
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
  const site =
    frozen?.site ??
    (ladder?.site
      ? siteScale(
          ladder.site,
          {
            left: 0,
            right: width,
            top: card ? 66 : 116,
            bottom: ground - 30 - (ladder.site.profile ? PROFILE_HEIGHT : 0),
          },
          [ladder.site, ladder.site_tail].flatMap((one) => (one ? siteSeen(one) : [])),
        )
      : null)
  const anchors = anchorsOf(
    drawing,
    upright(view) ? scale : null,
    ground,
    scale?.hook.x ?? pickX,
    !!reach && !ownSheet(view),
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
    anchors,
    right,
    card,
    plan,
    crane,
    site,
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
const anchorsOf = (
  drawing: Drawing | null,
  scale: ElevationScale | null,
  ground: number,
  pickX: number,
  chart: boolean,
  moved: boolean,
): Record<string, Anchor> => {
  const place = (x: number, y: number, drawn = true): Anchor => ({ x, y, drawn: drawn && !moved })
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
  const beam: Record<string, Anchor> = eye
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
