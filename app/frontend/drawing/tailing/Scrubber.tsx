import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Tailing } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import type { Scrub } from './useScrub'

const DRAWN = 24
const FELT = 44
const TEN = 10
const ROOM = 36

interface Props {
  view: Tailing
  scrub: Scrub
  x: (at: number) => number
  y: number
  ends: string[]
}

// Tilt, or the way, as one axis for everything below: dragged, or by arrows, with Shift ten at once.
export function Scrubber({ view, scrub, x, y, ends }: Props) {
  const axis = useRef<SVGGElement>(null)
  const step = view.steps[scrub.index]!
  const ticks = view.steps.filter(({ at }) => at % TEN === 0)
  // Where it is narrow every other tick has its figure.
  const named = (at: number) => Math.abs(x(TEN) - x(0)) > ROOM || at % (2 * TEN) === 0
  const nearest = (event: PointerEvent) => {
    const box = axis.current!.ownerSVGElement!.getBoundingClientRect()
    const at = event.clientX - box.left
    return view.steps.reduce(
      (best, one, index) =>
        Math.abs(x(one.at) - at) < Math.abs(x(view.steps[best]!.at) - at) ? index : best,
      0,
    )
  }
  const follow = (event: PointerEvent) => {
    event.stopPropagation()
    event.currentTarget.setPointerCapture(event.pointerId)
    scrub.to(nearest(event))
  }
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.shiftKey ? TEN : 1
    const to: Record<string, number> = {
      ArrowRight: scrub.index + by,
      ArrowUp: scrub.index + by,
      ArrowLeft: scrub.index - by,
      ArrowDown: scrub.index - by,
      PageUp: scrub.index + TEN,
      PageDown: scrub.index - TEN,
      Home: 0,
      End: scrub.last,
    }
    if (!(event.key in to)) return
    event.preventDefault()
    event.stopPropagation()
    scrub.to(to[event.key]!)
  }
  return (
    <g ref={axis}>
      <path d={`M${x(view.from)} ${y}H${x(view.to)}`} stroke="var(--ink)" strokeWidth={3} />
      <rect
        x={Math.min(x(view.from), x(view.to)) - 10}
        y={y - FELT / 2}
        width={Math.abs(x(view.to) - x(view.from)) + 20}
        height={FELT}
        fill="transparent"
        style={{ cursor: 'pointer', touchAction: 'none' }}
        onPointerDown={follow}
        onPointerMove={(event) => event.buttons === 1 && follow(event)}
      />
      {ticks.map(({ at }) => (
        <g key={at} pointerEvents="none">
          <path d={`M${x(at)} ${y - 7}V${y + 7}`} stroke="var(--ink)" strokeWidth={2} />
          {named(at) && Math.abs(x(at) - x(step.at)) > 26 && (
            <Label x={x(at)} y={y + 25} anchor="middle" size={15}>
              {`${at}${ends[0]}`}
            </Label>
          )}
        </g>
      ))}
      <g
        role="slider"
        tabIndex={0}
        data-grip="tilt"
        aria-label={ends[1]}
        aria-valuemin={Math.min(view.from, view.to)}
        aria-valuemax={Math.max(view.from, view.to)}
        aria-valuenow={step.at}
        aria-valuetext={step.words}
        onKeyDown={onKeyDown}
        onPointerDown={follow}
        onPointerMove={(event) => event.buttons === 1 && follow(event)}
        transform={`translate(${x(step.at)} ${y})`}
        style={{ cursor: 'ew-resize', touchAction: 'none' }}
      >
        <rect x={-FELT / 2} y={-FELT / 2} width={FELT} height={FELT} fill="transparent" />
        <rect
          x={-DRAWN / 2}
          y={-DRAWN / 2}
          width={DRAWN}
          height={DRAWN}
          fill="var(--mark)"
          stroke="var(--mark)"
          strokeWidth={2.5}
        />
        <path d="M-6 -5H6M-6 0H6M-6 5H6" stroke="var(--onMark)" strokeWidth={2} />
      </g>
      <Label x={x(step.at)} y={y + 28} anchor="middle" size={18} fill="var(--mark)">
        {`${Number.isInteger(step.at) ? step.at : step.at.toFixed(1)}${ends[0]}`}
      </Label>
    </g>
  )
}
