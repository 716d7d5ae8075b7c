import type { Drawing } from '../../api/ladder.generated'
import type { System } from '../../units/units'
import { writeLength } from './write'

// Where a grip that is near is pulled to, in metres, and the words for it. Nothing snaps while Alt is held.
const NEAR_M = 0.06
export interface Snapped {
  value: number
  words: string | null
}

export const snapTo = (value: number, places: [number, string][], free: boolean, near = NEAR_M): Snapped => {
  const best = free
    ? undefined
    : places
        .filter(([at]) => Math.abs(at - value) <= near)
        .sort(([one], [other]) => Math.abs(one - value) - Math.abs(other - value))[0]
  return best ? { value: best[0], words: best[1] } : { value, words: null }
}

// Of a point along an axis: the maker's rated points, the load's edges and middle, and the mirror of the
// other points.
export const pointPlaces = (drawing: Drawing, index: number, axis: 0 | 1 | 2): [number, string][] => {
  const size = drawing.size[axis] ?? 0
  const others = drawing.points
    .filter((_, other) => other !== index)
    .map((point) => ({ name: point.name, at: point.at[axis] ?? 0 }))
  return [
    ...drawing.rated.map((point): [number, string] => [point.at[axis] ?? 0, `rated point ${point.name}`]),
    [0, 'edge of the load'],
    [size / 2, 'middle of the load'],
    [size, 'edge of the load'],
    ...others.flatMap(({ name, at }): [number, string][] => [
      [at, `in line with ${name}`],
      [size - at, `mirror of ${name}`],
      [2 * (drawing.cg[axis] ?? 0) - at, `mirror of ${name} about the CG`],
    ]),
  ]
}

// A length as it is written into a field: where something was snapped to, to the millimetre.
export const written = ({ value, words }: Snapped, system: System, free: boolean) =>
  words && system === 'metric'
    ? `${(Math.round(value * 1000) / 1000 + 0).toFixed(3)} m`
    : writeLength(value, system, free)
