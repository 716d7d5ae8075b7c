import type { Feature, Site } from '../../api/plan.generated'
import type { SiteView } from '../../api/ladder.generated'

export type Kind = Feature['kind']
type Shape = 'outline_m' | 'edge_m' | 'wire_m' | 'at_m'

// What each kind is called, how it is drawn, and which figures and words it has.
export const KINDS: Record<Kind, { words: string; shape: Shape; fields: string[] }> = {
  ground: { words: 'Ground', shape: 'outline_m', fields: ['allowable_kpa', 'soil', 'found', 'confirmed_by'] },
  cut: { words: 'Trench, pit or backfill', shape: 'edge_m', fields: ['depth_m', 'closed'] },
  line: {
    words: 'Power line',
    shape: 'wire_m',
    fields: ['kilovolts', 'blow_out_m', 'on_towers', 'agreed_by', 'dead_by', 'dead_on'],
  },
  obstacle: { words: 'Obstacle', shape: 'outline_m', fields: ['bottom_m', 'top_m'] },
  walkway: {
    words: 'Walkway or public way',
    shape: 'outline_m',
    fields: ['closed_from', 'closed_to', 'closed_by'],
  },
  live_plant: { words: 'Live plant', shape: 'outline_m', fields: [] },
  exclusion: { words: 'Closed to loads', shape: 'outline_m', fields: [] },
  landing: { words: 'Laydown or landing', shape: 'outline_m', fields: ['allowable_kpa'] },
  escape: { words: 'Way of escape', shape: 'edge_m', fields: [] },
  peg: { words: 'Peg', shape: 'at_m', fields: [] },
}
export const KIND_CHOICES = Object.entries(KINDS).map(([kind, { words }]): [string, string] => [kind, words])
// Fewest places that a shape has.
const FEWEST: Record<Shape, number> = { outline_m: 3, edge_m: 2, wire_m: 2, at_m: 1 }
export const fewest = (kind: Kind) => FEWEST[KINDS[kind].shape]

export const placesOf = (feature: Feature): number[][] => {
  const found = feature[KINDS[feature.kind].shape]
  return KINDS[feature.kind].shape === 'at_m'
    ? found
      ? [found as number[]]
      : []
    : ((found ?? []) as number[][])
}
export const withPlaces = (feature: Feature, places: number[][]): Feature => {
  const { shape } = KINDS[feature.kind]
  return { ...feature, [shape]: shape === 'at_m' ? places[0] : places }
}

// A new one of a kind about a place: where it is drawn first, to be dragged where it belongs.
export const fresh = (kind: Kind, [east, north]: [number, number], names: string[]): Feature => {
  const words = KINDS[kind].words.split(/,| or /)[0]!
  const number =
    Array.from({ length: 400 }, (_, at) => at + 1).find((at) => !names.includes(`${words} ${at}`)) ?? 0
  const [x, y] = [Math.round(east), Math.round(north)]
  const square = [
    [x - 4, y - 4],
    [x + 4, y - 4],
    [x + 4, y + 4],
    [x - 4, y + 4],
  ]
  const line = [
    [x - 8, y],
    [x + 8, y],
  ]
  const feature: Feature = { kind, name: `${words} ${number}`, by: '', on: null }
  const { shape } = KINDS[kind]
  const places =
    shape === 'outline_m'
      ? square
      : shape === 'at_m'
        ? [[x, y]]
        : shape === 'wire_m'
          ? line.map((at) => [...at, 8])
          : line
  const needed = kind === 'cut' ? { depth_m: 1 } : kind === 'obstacle' ? { top_m: 3 } : {}
  return withPlaces({ ...feature, ...needed }, places)
}

// Onto the half metre, or onto a corner of another feature that lies nearer than a hand's breadth on the
// screen.
export const snapped = (place: [number, number], others: number[][], near: number): [number, number] => {
  const corner = others.find((other) => Math.hypot(other[0]! - place[0], other[1]! - place[1]) < near)
  const half = (metres: number) => Math.round(metres * 2) / 2
  return corner ? [corner[0]!, corner[1]!] : [half(place[0]), half(place[1])]
}

// A site as the drawing of a plan's site has it, with no crane on it.
export const viewOf = (site: Site): SiteView => ({
  title: site.title,
  boundary: site.boundary_m,
  features: site.features.map((feature) => ({
    kind: feature.kind,
    name: feature.name,
    outline: feature.outline_m ?? (feature.closed ? (feature.edge_m ?? null) : null),
    line: feature.closed
      ? null
      : (feature.edge_m ?? feature.wire_m?.map((place) => place.slice(0, 2)) ?? null),
    at: feature.at_m ?? null,
    words: null,
  })),
  crane: null,
  feet: [],
  zones: [],
  stations: [],
  way: [],
  profile: null,
})

export const blankSite = (id: string, title: string): Site => ({
  id,
  title,
  peg: '',
  version: 1,
  boundary_m: [
    [-50, -50],
    [50, -50],
    [50, 50],
    [-50, 50],
  ],
  looked: {},
  features: [],
})

// A short name for an address, of a title.
export const handleOf = (title: string) =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60)
