import { polygonHull } from 'd3-polygon'
import type { Solid } from '../../api/ladder.generated'

// A part's solid as polygons on the drawing: pixels only, the figures come from the core.
export type Point = [number, number]
export interface View {
  across: 0 | 1
  up: 1 | 2
  along: 1 | 2
}
export const ELEVATION: View = { across: 0, up: 2, along: 1 }
export const PLAN: View = { across: 0, up: 1, along: 2 }

type Vec = [number, number, number]
const STRAIGHT = [1, 0, 0, 0, 1, 0, 0, 0, 1]
const ROUND = 40
const circle = (radius: number, share = 1): Point[] =>
  Array.from({ length: ROUND }, (_, index) => [
    radius * share * Math.cos((2 * Math.PI * index) / ROUND),
    radius * share * Math.sin((2 * Math.PI * index) / ROUND),
  ])

// The outline of a section as seen along its length, in its own v and w, from the middle.
const section = ({ form, extent, measures }: Solid): Point[] | null => {
  const [v, w] = [extent[1]! / 2, extent[2]! / 2]
  const { t = 0, s = 0 } = measures
  if (form === 'angle')
    return [
      [-v, -w],
      [v, -w],
      [v, -w + t],
      [-v + t, -w + t],
      [-v + t, w],
      [-v, w],
    ]
  if (form === 'channel')
    return [
      [-v, -w],
      [v, -w],
      [v, -w + t],
      [-v + s, -w + t],
      [-v + s, w - t],
      [v, w - t],
      [v, w],
      [-v, w],
    ]
  if (form === 'i_section')
    return [
      [-v, -w],
      [v, -w],
      [v, -w + t],
      [s / 2, -w + t],
      [s / 2, w - t],
      [v, w - t],
      [v, w],
      [-v, w],
      [-v, w - t],
      [-s / 2, w - t],
      [-s / 2, -w + t],
      [-v, -w + t],
    ]
  if (form === 'round') return circle(v)
  return null
}

// Corners of the body in its own axes, enough of them for its silhouette.
const corners = ({ form, extent, measures }: Solid): Vec[] => {
  const [u, v, w] = extent.map((side) => side / 2) as Vec
  const ring = (at: number, radius: number): Vec[] => circle(radius).map(([a, b]) => [at, a, b])
  if (form === 'round') return [...ring(-u, v), ...ring(u, v)]
  if (form === 'cone') return [...ring(-u, v * (measures.base ?? 1)), ...ring(u, v * (measures.top ?? 0))]
  if (form === 'ball')
    return [0, 0.5, 0.87, 0.97].flatMap((share) => [
      ...ring(u * share, v * Math.sqrt(1 - share * share)),
      ...ring(-u * share, v * Math.sqrt(1 - share * share)),
    ])
  if (form === 'cap')
    return [0, 0.3, 0.55, 0.75, 0.9, 1].flatMap((share) =>
      ring(-u + 2 * u * share, v * Math.sqrt(Math.max(0, 1 - share * share))),
    )
  return [-u, u].flatMap((a) => [-v, v].flatMap((b) => [-w, w].map((c): Vec => [a, b, c])))
}

const placed = (solid: Solid, [a, b, c]: Vec): Vec => {
  const lie = solid.lie ?? STRAIGHT
  return [0, 1, 2].map(
    (axis) => solid.middle[axis]! + lie[axis]! * a + lie[axis + 3]! * b + lie[axis + 6]! * c,
  ) as Vec
}

// The polygon of a solid under any map of places to the sheet.
export const shadow = (solid: Solid, flat: (place: Vec) => Point): Point[] => {
  const points = corners(solid).map((own) => flat(placed(solid, own)))
  return polygonHull(points) ?? points
}

// The polygon of a solid in a view, in metres across and up.
export const silhouette = (solid: Solid, view: View): Point[] => {
  const flat = (own: Vec): Point => {
    const place = placed(solid, own)
    return [place[view.across], place[view.up]]
  }
  const lie = solid.lie ?? STRAIGHT
  const endOn = Math.abs(lie[view.along]!) > 0.999
  const profile = endOn ? section(solid) : null
  if (profile) return profile.map(([v, w]) => flat([0, v, w]))
  const points = corners(solid).map(flat)
  return polygonHull(points) ?? points
}

// The part of a tank that its fluid fills, drawn level.
export const filled = (solid: Solid, view: View): Point[] | null => {
  const share = solid.measures.fill
  if (share === undefined) return null
  const points = silhouette(solid, view)
  if (view.up !== 2) return points
  const [low, high] = [Math.min(...points.map(([, up]) => up)), Math.max(...points.map(([, up]) => up))]
  const [left, right] = [
    Math.min(...points.map(([across]) => across)),
    Math.max(...points.map(([across]) => across)),
  ]
  const level = low + (high - low) * share
  return [
    [left, low],
    [right, low],
    [right, level],
    [left, level],
  ]
}
