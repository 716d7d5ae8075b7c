import { scaleLinear } from 'd3-scale'
import type { Drawing } from '../../api/ladder.generated'
import { FEET, type System } from '../../units/units'

// Metres to pixels. The only place where a length of the job becomes a length on the screen.
export type Place = [number, number, number]
const dot = (one: number[], other: number[]) =>
  one.reduce((sum, part, index) => sum + part * (other[index] ?? 0), 0)

export const LIFTED_M = 0.3
const PAD_M = 0.35

// The hook's place in the load's axes; where the geometry does not close, a place well above the load.
const hookOf = (drawing: Drawing) =>
  (drawing.hook ?? [drawing.cg[0], drawing.cg[1], (drawing.size[2] ?? 0) * 1.5 + 1]) as Place

// Which way an elevation looks: along the load's y (0, x to the right) or along its x (1, y to the right).
type Axis = 0 | 1
export interface At {
  x: number
  y: number
}

// x and y: a place of the load's axes as it truly hangs; load: the same place on the load, its tilt drawn
// larger where that was asked for.
export interface ElevationScale {
  axis: Axis
  perMetre: number
  x: (place: Place) => number
  y: (place: Place) => number
  load: (place: Place) => At
  hook: At
  ground: number
}

interface Room {
  top: number
  left: number
  right: number
}

// The load hangs as it really hangs. hookX is where the plumb line stands.
export const elevationScale = (
  drawing: Drawing,
  axis: Axis,
  hookX: number,
  ground: number,
  room: Room,
  exaggerate = 1,
  fixed: number | null = null,
): ElevationScale => {
  const size = drawing.size as Place
  const up = (drawing.up ?? [0, 0, 1]) as Place
  const hook = hookOf(drawing)
  const lean = 1 - (up[axis] ?? 0) ** 2
  const level =
    lean < 1e-9
      ? [1, 0, 0]
      : [0, 1, 2].map((part) => ((part === axis ? 1 : 0) - up[axis] * (up[part] ?? 0)) / Math.sqrt(lean))
  const from = (place: Place) => place.map((part, index) => part - (hook[index] ?? 0))
  const corners = [0, 1].flatMap((x) =>
    [0, 1].flatMap((y) => [0, 1].map((z): Place => [x * size[0], y * size[1], z * size[2]])),
  )
  const across = [...corners, ...(drawing.beam?.holes ?? []), ...(drawing.beam?.eyes ?? [])].map((place) =>
    dot(from(place as Place), level),
  )
  const lowest = Math.max(...corners.map((corner) => -dot(from(corner), up)))
  const perMetre =
    fixed ??
    Math.min(
      (ground - room.top) / (lowest + LIFTED_M),
      (hookX - room.left) / (Math.max(-Math.min(...across), 0.1) + PAD_M),
      (room.right - hookX) / (Math.max(...across, 0.1) + PAD_M),
    )
  const hookY = ground - perMetre * (lowest + LIFTED_M)
  const x = (place: Place) => hookX + perMetre * dot(from(place), level)
  const y = (place: Place) => hookY - perMetre * dot(from(place), up)
  const middle = drawing.cg as Place
  const centre = { x: x(middle), y: y(middle) }
  const turn = -(exaggerate - 1) * Math.atan2(up[axis], Math.sqrt(lean))
  const [c, s] = [Math.cos(turn), Math.sin(turn)]
  const load = (place: Place) => {
    const [dx, dy] = [x(place) - centre.x, y(place) - centre.y]
    return { x: centre.x + c * dx - s * dy, y: centre.y + s * dx + c * dy }
  }
  return { axis, perMetre, ground, hook: { x: hookX, y: hookY }, x, y, load }
}

// What was panned and zoomed to: times, about a place of the sheet, and then moved.
export interface Zoom {
  times: number
  x: number
  y: number
}

export const FIT: Zoom = { times: 1, x: 0, y: 0 }
export const zoomed = (scale: ElevationScale, { times, x: dx, y: dy }: Zoom, about: At): ElevationScale => {
  if (times === 1 && dx === 0 && dy === 0) return scale
  const at = (place: At) => ({
    x: about.x + (place.x - about.x) * times + dx,
    y: about.y + (place.y - about.y) * times + dy,
  })
  return {
    ...scale,
    perMetre: scale.perMetre * times,
    ground: at({ x: 0, y: scale.ground }).y,
    hook: at(scale.hook),
    x: (place) => at({ x: scale.x(place), y: 0 }).x,
    y: (place) => at({ x: 0, y: scale.y(place) }).y,
    load: (place) => at(scale.load(place)),
  }
}

// Pixels before the nearest station; and how much of its room a chart must fill to be hung over the load.
const BEFORE = 16
const LEAST_FILLED = 0.55

// The chart's radii along the strip. plumb: the pick stands over the load's hook; where that would squeeze
// the chart into a corner the chart fills its room instead.
export const reachScale = (
  pick: number,
  nearest: number,
  farthest: number,
  most: number,
  frame: { left: number; pickX: number; right: number; top: number; bottom: number },
) => {
  const hung = Math.min(
    (frame.right - frame.pickX) / Math.max(farthest - pick, 4),
    (frame.pickX - frame.left - BEFORE) / Math.max(pick - nearest, 0.1),
  )
  const filled = (frame.right - frame.left - BEFORE) / Math.max(farthest - nearest, 4)
  const plumb = hung >= filled * LEAST_FILLED
  const perMetre = plumb ? hung : filled
  const first = plumb ? pick - (frame.pickX - frame.left) / perMetre : nearest - BEFORE / perMetre
  return {
    plumb,
    perMetre,
    first,
    x: scaleLinear()
      .domain([first, first + 1])
      .range([frame.left, frame.left + perMetre]),
    y: scaleLinear()
      .domain([0, Math.max(most, 1)])
      .range([frame.bottom, frame.top]),
  }
}

export const niceStep = (span: number, most: number) =>
  [0.5, 1, 2, 5, 10].find((step) => span / step <= most) ?? 20
export const scaleBar = (perMetre: number, system: System = 'metric') => {
  const unit = system === 'us' ? FEET : 1
  const long = system === 'us' ? [0.5, 1, 2, 5, 10, 20, 50] : [0.1, 0.2, 0.5, 1, 2, 5, 10]
  const found = long.find((one) => one * unit * perMetre >= 60) ?? (system === 'us' ? 100 : 20)
  return { metres: found * unit, words: `${found} ${system === 'us' ? 'ft' : 'm'}` }
}

// The hook's height as it is now, m above the base.
export const hookHeight = (drawing: Drawing) => drawing.hook_height?.value ?? hookOf(drawing)[2]

export type ReachScale = ReturnType<typeof reachScale>
