import { STILES, LADDER_WIDTH } from '../../ui/theme/tokens'
import type { Anchor } from './sheetLayout'

// From the right stile to the thing; bent where the rung had to move.
export function Leader({ y, thing, heavy }: { y: number; thing: Anchor | undefined; heavy: boolean }) {
  if (!thing?.drawn) return null
  const out = STILES.right - LADDER_WIDTH
  const bend = Math.min(16, thing.x - 20)
  return (
    <g
      aria-hidden
      pointerEvents="none"
      stroke={heavy ? 'var(--mark)' : 'var(--ink)'}
      strokeWidth={heavy ? 2.4 : 1}
    >
      <path d={`M${out} ${y}H${bend - 14}L${bend} ${thing.y}H${thing.x}`} fill="none" />
      <circle
        cx={thing.x}
        cy={thing.y}
        r={heavy ? 4.5 : 3}
        fill={heavy ? 'var(--mark)' : 'var(--ink)'}
        stroke="none"
      />
    </g>
  )
}
