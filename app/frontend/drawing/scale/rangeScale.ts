import type { DiagramTable } from '../../api/client'

export interface RangeScale {
  x: (radius: number) => number
  y: (height: number) => number
  perMetre: number
  frame: Frame
  radius: number
  height: number
}
interface Frame {
  left: number
  right: number
  top: number
  bottom: number
}

// Radius to the right, height up, one scale for both.
export const rangeScale = (radius: number, height: number, frame: Frame): RangeScale => {
  const perMetre = Math.min(
    (frame.right - frame.left) / Math.max(radius, 1),
    (frame.bottom - frame.top) / Math.max(height, 1),
  )
  return {
    perMetre,
    frame,
    radius,
    height,
    x: (metres) => frame.left + metres * perMetre,
    y: (metres) => frame.bottom - metres * perMetre,
  }
}

// How far out and how high a table of a chart reaches, with a little room.
export const extent = (table: DiagramTable | undefined, more: [number, number][] = []) => {
  const places = [
    ...(table?.cells.flatMap((cell) => cell.outline) ?? []),
    ...(table?.arcs.flatMap((arc) => arc.points) ?? []),
    ...more,
  ]
  return {
    radius: Math.max(4, ...places.map(([radius]) => radius)) * 1.06,
    height: Math.max(4, ...places.map(([, height]) => height)) * 1.06,
  }
}
