import type { Drawing } from '../../api/ladder.generated'
import type { useShown } from '../../ui/preferences'
import { flagWidth } from '../figures/figures'
import type { System } from '../../units/units'
import { scaleBar, type ElevationScale, type Place } from '../scale/scale'

// The leg card stands at the right of a sheet this wide.
const CARD_FROM = 640
const CARD_ROOM = 318

// Where everything of an elevation stands on the sheet, px.
export const elevationLayout = (
  drawing: Drawing,
  scale: ElevationScale,
  width: number,
  shown: ReturnType<typeof useShown>,
  system: System,
) => {
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
  // The name stands clear of points and CG.
  const places = [0.76, 0.24, 0.62, 0.38, 0.9].map(
    (share) => corners[0]!.x + (corners[1]!.x - corners[0]!.x) * share,
  )
  const nameAt =
    places.find((x) => [...points, cg].every((thing) => Math.abs(thing.x - x) > 44)) ?? places[0]!
  const bar = scaleBar(scale.perMetre, system)
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
  return {
    size,
    corner,
    corners,
    at,
    points,
    tops,
    cg,
    half,
    lowest,
    nameAt,
    bar,
    narrow,
    stacked,
    flags,
    right,
    wide,
    tall,
  }
}
