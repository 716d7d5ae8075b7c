import { scaleLinear } from 'd3-scale'
import type { Drawing } from '../api/ladder.generated'

// Metres to pixels. The only place where a length of the job becomes a length on the screen.
export type Place = [number, number, number]
const dot = (one: number[], other: number[]) => one.reduce((sum, part, index) => sum + part * (other[index] ?? 0), 0)

export const LIFTED_M = 0.3
export const PAD_M = 0.35

// The hook's place in the load's axes; where the geometry does not close, a place well above the load.
export const hookOf = (drawing: Drawing) => (drawing.hook ?? [drawing.cg[0], drawing.cg[1], (drawing.size[2] ?? 0) * 1.5 + 1]) as Place

export interface ElevationScale { perMetre: number; x: (place: Place) => number; y: (place: Place) => number; hook: { x: number; y: number }; ground: number }

// Looks along the load's y axis; the load hangs as it really hangs. hookX is where the plumb line stands.
export const elevationScale = (drawing: Drawing, hookX: number, ground: number, room: { top: number; left: number; right: number }): ElevationScale => {
  const [length] = drawing.size as Place
  const up = (drawing.up ?? [0, 0, 1]) as Place
  const hook = hookOf(drawing)
  const lean = 1 - (up[0] ?? 0) ** 2
  const level = lean < 1e-9 ? [1, 0, 0] : [lean / Math.sqrt(lean), (-up[0] * up[1]) / Math.sqrt(lean), (-up[0] * up[2]) / Math.sqrt(lean)]
  const from = (place: Place) => place.map((part, index) => part - (hook[index] ?? 0))
  const corners: Place[] = [[0, drawing.cg[1] ?? 0, 0], [length, drawing.cg[1] ?? 0, 0]]
  const lowest = Math.max(...corners.map((corner) => -dot(from(corner), up)))
  const reach = { left: Math.max(hook[0], 0.1), right: Math.max(length - hook[0], 0.1) }
  const perMetre = Math.min((ground - room.top) / (lowest + LIFTED_M), (hookX - room.left) / (reach.left + PAD_M), (room.right - hookX) / (reach.right + PAD_M))
  const hookY = ground - perMetre * (lowest + LIFTED_M)
  return { perMetre, ground, hook: { x: hookX, y: hookY }, x: (place) => hookX + perMetre * dot(from(place), level), y: (place) => hookY - perMetre * dot(from(place), up) }
}

// The reach strip's axes: pick stands at pickX; the chart's last radius, or the farthest station, at the right.
export const reachScale = (pick: number, farthest: number, most: number, frame: { left: number; pickX: number; right: number; top: number; bottom: number }) => {
  const perMetre = (frame.right - frame.pickX) / Math.max(farthest - pick, 4)
  const first = pick - (frame.pickX - frame.left) / perMetre
  return {
    perMetre, first,
    x: scaleLinear().domain([first, first + 1]).range([frame.left, frame.left + perMetre]),
    y: scaleLinear().domain([0, Math.max(most, 1)]).range([frame.bottom, frame.top]),
  }
}

export const niceStep = (span: number, most: number) => [0.5, 1, 2, 5, 10].find((step) => span / step <= most) ?? 20
export const scaleBar = (perMetre: number) => [0.1, 0.2, 0.5, 1, 2, 5, 10].find((metres) => metres * perMetre >= 60) ?? 20
