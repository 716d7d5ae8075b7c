import type { SiteView } from '../../api/ladder.generated'

// Where the site is drawn on the sheet: north up, metres east and north of its peg.
export interface SiteScale {
  perMetre: number
  left: number
  right: number
  top: number
  bottom: number
  x: (east: number) => number
  y: (north: number) => number
}
export interface Frame {
  left: number
  right: number
  top: number
  bottom: number
}
// Of the profile along the way, under the plan.
export const PROFILE_HEIGHT = 84
const LEAST_SPAN_M = 40
const AROUND = 1.55

// What has to be seen: the crane with its feet and its way; all of the site where no crane stands.
export const siteSeen = (view: SiteView): number[][] => {
  const tail = view.crane?.tail_m ?? 4
  const axis = view.crane?.axis
  const places = [
    ...(axis
      ? [
          [axis[0]! - tail, axis[1]! - tail],
          [axis[0]! + tail, axis[1]! + tail],
        ]
      : []),
    ...view.stations.flatMap((station) => station.load ?? [station.at]),
    ...view.way,
  ]
  return places.length > 0 ? places : view.boundary
}

// places, around: what has to be seen and how much more than it; the crane and its way where nothing is said.
export const siteScale = (
  view: SiteView,
  frame: Frame,
  places = siteSeen(view),
  around = AROUND,
  least = LEAST_SPAN_M,
): SiteScale => {
  const [easts, norths] = [places.map((place) => place[0]!), places.map((place) => place[1]!)]
  const [west, east] = [Math.min(...easts), Math.max(...easts)]
  const [south, north] = [Math.min(...norths), Math.max(...norths)]
  const [wide, tall] = [frame.right - frame.left, frame.bottom - frame.top]
  const span = (low: number, high: number) => Math.max(least, (high - low) * around)
  const perMetre = Math.min(wide / span(west, east), tall / span(south, north))
  const middle = { x: (frame.left + frame.right) / 2, y: (frame.top + frame.bottom) / 2 }
  return {
    ...frame,
    perMetre,
    x: (metres) => middle.x + (metres - (west + east) / 2) * perMetre,
    y: (metres) => middle.y - (metres - (south + north) / 2) * perMetre,
  }
}

// A path through places, closed or not.
export const siteWay = ({ x, y }: Pick<SiteScale, 'x' | 'y'>, places: number[][], closed = false) =>
  places
    .map(([east, north], index) => `${index ? 'L' : 'M'}${x(east!).toFixed(1)} ${y(north!).toFixed(1)}`)
    .join('') + (closed ? 'Z' : '')

// The middle of places, for a name.
export const middleOf = (places: number[][]): [number, number] => [
  places.reduce((sum, place) => sum + place[0]!, 0) / places.length,
  places.reduce((sum, place) => sum + place[1]!, 0) / places.length,
]

// Lines of the grid between two ends, every so many metres that they lie no nearer than is read.
export const gridLines = (perMetre: number, least: number, most: number): number[] => {
  const step = [1, 2, 5, 10, 20, 50, 100, 200, 500].find((metres) => metres * perMetre >= 44) ?? 1000
  const first = Math.ceil(least / step)
  const count = Math.max(0, Math.floor(most / step) - first + 1)
  return Array.from({ length: Math.min(count, 60) }, (_, index) => (first + index) * step)
}
