import { useDrag } from '@use-gesture/react'
import { useRef, type KeyboardEvent } from 'react'

export interface Move {
  dx: number
  dz: number
  free: boolean
}
interface Props {
  id: string
  x: number
  y: number
  name: string
  value: string
  perMetre: number
  filled?: boolean
  axis: 'x' | 'z' | 'both'
  dragAxis?: 'x' | 'z' | 'both'
  onMove: (move: Move) => void
  onEnd: () => void
  onSelect?: () => void
  onEntry?: () => void
}

const SIZE = 19
const FELT = 44
const NUDGE_M = { plain: 0.01, shift: 0.1, alt: 0.001 }

// A square with three lines that is dragged or nudged; Enter or two clicks open its figures for typing.
// Moves are told in metres from where the drag began; x to the right, z up. A nudge is a whole move of its
// own.
export function Grip({
  id,
  x,
  y,
  name,
  value,
  perMetre,
  filled = false,
  axis,
  dragAxis = axis,
  onMove,
  onEnd,
  onSelect,
  onEntry,
}: Props) {
  const scale = useRef(perMetre)
  const bind = useDrag(
    ({ first, last, tap, movement: [mx, my], altKey, event }) => {
      event.stopPropagation()
      if (first) scale.current = perMetre
      if (first) onSelect?.()
      if (tap) return onEnd()
      onMove({
        dx: dragAxis === 'z' ? 0 : mx / scale.current,
        dz: dragAxis === 'x' ? 0 : -my / scale.current,
        free: altKey,
      })
      if (last) onEnd()
    },
    { filterTaps: true, pointer: { capture: true }, eventOptions: { passive: false } },
  )
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && onEntry) {
      event.preventDefault()
      event.stopPropagation()
      return onEntry()
    }
    const step = event.shiftKey ? NUDGE_M.shift : event.altKey ? NUDGE_M.alt : NUDGE_M.plain
    const move = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
      event.key
    ]
    if (!move || (axis === 'x' && move[0] === 0) || (axis === 'z' && move[1] === 0)) return
    event.preventDefault()
    event.stopPropagation()
    onMove({ dx: move[0]!, dz: move[1]!, free: true })
    onEnd()
  }
  return (
    <g
      {...bind()}
      data-grip={id}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuetext={value}
      aria-valuenow={0}
      aria-orientation={axis === 'z' ? 'vertical' : 'horizontal'}
      onKeyDown={onKeyDown}
      onDoubleClick={onEntry}
      transform={`translate(${x} ${y})`}
      style={{
        cursor: axis === 'z' ? 'ns-resize' : axis === 'x' ? 'ew-resize' : 'move',
        touchAction: 'none',
      }}
    >
      <rect x={-FELT / 2} y={-FELT / 2} width={FELT} height={FELT} fill="transparent" />
      <rect
        x={-SIZE / 2}
        y={-SIZE / 2}
        width={SIZE}
        height={SIZE}
        fill={filled ? 'var(--mark)' : 'var(--chalk)'}
        stroke="var(--mark)"
        strokeWidth={2.5}
      />
      <path d="M-5 -4H5M-5 0H5M-5 4H5" stroke={filled ? 'var(--onMark)' : 'var(--mark)'} strokeWidth={1.8} />
    </g>
  )
}
