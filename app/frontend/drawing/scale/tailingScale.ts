import type { Tailing, TailingStep } from '../../api/ladder.generated'

// Pixels of a load between two cranes: along toward the head from where its hook begins, and up.
export interface TailingScale {
  perMetre: number
  x: (along: number) => number
  y: (up: number) => number
}
export interface Frame {
  left: number
  right: number
  top: number
  bottom: number
}

// What hangs above the highest hook: its block, m.
const BLOCK_M = 2.6
const AROUND_M = 0.8

const turned = (tilt: number) => {
  const angle = (tilt * Math.PI) / 180
  return [Math.cos(angle), Math.sin(angle)] as const
}

// A place of the load, [along, up] from its CG, as it stands at a step, in metres of the sheet.
export const placeAt = (step: TailingStep, [along, up]: number[]): [number, number] => {
  const [cos, sin] = turned(step.tilt)
  return [step.cg[0]! + along! * cos - up! * sin, step.cg[1]! + along! * sin + up! * cos]
}

// The other way: what a move on the sheet is in the load's own axes.
export const ownMove = (step: TailingStep, dx: number, dz: number): [number, number] => {
  const [cos, sin] = turned(step.tilt)
  return [dx * cos + dz * sin, -dx * sin + dz * cos]
}

export function tailingScale(view: Tailing, frame: Frame): TailingScale {
  const places = view.steps.flatMap((step) => view.outline.map((corner) => placeAt(step, corner)))
  const ends = view.beam ? view.hooks.map(([x]) => x! + Math.sign(x!) * view.beam![0]!) : []
  const along = [...places.map(([x]) => x), ...view.steps.flatMap(({ cg }) => ends.map((x) => cg[0]! + x))]
  const high = [
    ...places.map(([, z]) => z),
    ...view.steps.flatMap(({ head, tail }) => [head.hook_high ?? 0, tail.hook_high ?? 0]),
  ]
  const [left, right] = [Math.min(...along) - AROUND_M, Math.max(...along) + AROUND_M]
  const top = Math.max(...high) + BLOCK_M
  const perMetre = Math.min((frame.right - frame.left) / (right - left), (frame.bottom - frame.top) / top)
  const middle = (frame.left + frame.right) / 2
  return {
    perMetre,
    x: (at) => middle + (at - (left + right) / 2) * perMetre,
    y: (up) => frame.bottom - up * perMetre,
  }
}
