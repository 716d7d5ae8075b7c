import type { CraneView } from '../../api/ladder.generated'
import { rangeScale, type RangeScale } from './rangeScale'

// Where the crane is drawn on the sheet: from above on the left, from the side on the right, its use along
// the way below.
export interface CraneScale {
  plan: { x: number; y: number; perMetre: number; radius: number }
  side: RangeScale
  curve: Frame
  stacked: boolean
}
interface Frame {
  left: number
  right: number
  top: number
  bottom: number
}
const CURVE = 128
const GAP = 16
const STACK_UNDER = 560

// Pixels of a place by radius and slew: 0 degrees up the sheet, clockwise.
export const fromAbove = (plan: CraneScale['plan'], radius: number, slew: number) => ({
  x: plan.x + radius * plan.perMetre * Math.sin((slew * Math.PI) / 180),
  y: plan.y - radius * plan.perMetre * Math.cos((slew * Math.PI) / 180),
})

export const craneScale = (
  view: CraneView,
  frame: Frame,
  chart: { radius: number; height: number } | null = null,
): CraneScale => {
  const [wide, tall] = [frame.right - frame.left, frame.bottom - frame.top - CURVE - 34]
  // One above the other only where there is height for it.
  const stacked = wide < STACK_UNDER && tall > wide
  const farthest = Math.max(
    4,
    ...view.stations.map((station) => station.loaded_m),
    Math.min(view.farthest_m ?? 4, 1.5 * Math.max(4, ...view.stations.map((station) => station.loaded_m))),
  )
  const upper = { ...frame, bottom: frame.bottom - CURVE - 34 }
  const middle = stacked ? frame.right : (frame.left + frame.right) / 2
  const above = {
    left: frame.left,
    right: middle - GAP,
    top: upper.top,
    bottom: stacked ? (upper.top + upper.bottom) / 2 - 8 : upper.bottom,
  }
  const beside = {
    left: stacked ? frame.left + 36 : middle + GAP + 22,
    right: frame.right,
    top: stacked ? (upper.top + upper.bottom) / 2 + 12 : upper.top,
    bottom: upper.bottom - 18,
  }
  const side = Math.min(above.right - above.left, above.bottom - above.top) / 2 - 20
  const highest = Math.max(
    ...view.stations.map((station) => station.tip_m ?? 0),
    chart
      ? Math.min(chart.height, 1.35 * Math.max(...view.stations.map((station) => station.tip_m ?? 0), 4))
      : 0,
    4,
  )
  return {
    plan: {
      x: (above.left + above.right) / 2,
      y: (above.top + above.bottom) / 2,
      perMetre: side / farthest,
      radius: farthest,
    },
    side: rangeScale(
      Math.max(
        ...view.stations.map((station) => station.loaded_m + (view.load?.half_m ?? 1)),
        chart ? Math.min(chart.radius, 1.4 * farthest) : farthest,
      ) * 1.04,
      highest * 1.05,
      beside,
    ),
    curve: {
      left: frame.left + 36,
      right: frame.right,
      top: frame.bottom - CURVE,
      bottom: frame.bottom - 26,
    },
    stacked,
  }
}
