import { useDrag, useWheel } from '@use-gesture/react'
import { useRef, type RefObject } from 'react'
import type { Zoom } from '../../drawing/scale/scale'

const MOST = 12
const LEAST = 0.4

// Dragging the bare sheet moves the drawing, the wheel with Ctrl (or a pinch on a touchpad) brings it nearer.
export function useSheetZoom(svg: RefObject<SVGSVGElement | null>, zoom: Zoom, onZoom: (zoom: Zoom) => void) {
  const start = useRef(zoom)
  const drag = useDrag(
    ({ first, movement: [x, y], tap }) => {
      if (first) start.current = zoom
      if (!tap) onZoom({ ...zoom, x: start.current.x + x, y: start.current.y + y })
    },
    { filterTaps: true },
  )
  useWheel(
    ({ event, ctrlKey, delta: [, dy] }) => {
      if (!ctrlKey) return
      event.preventDefault()
      onZoom({ ...zoom, times: Math.max(LEAST, Math.min(MOST, zoom.times * Math.exp(-dy / 300))) })
    },
    { target: svg, eventOptions: { passive: false } },
  )
  return drag()
}
