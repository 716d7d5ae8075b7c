import type { Summary } from '../../api/client'
import { COLOUR } from '../../ladder/verdict'
import { SmallHatch, SmallRungs } from '../../ladder/SmallRungs'

const LEFT = 26
const WIDTH = 56

// A plan's rungs in small, foot at the bottom, pennant at the one that governs.
export function SmallLadder({ plan, height }: { plan: Summary; height: number }) {
  const pitch = (height - 14) / Math.max(1, plan.rungs.length)
  const foot = height - 8
  return (
    <svg
      width={96}
      height={height}
      role="img"
      aria-label={plan.rungs.map((rung) => `${rung.label} ${rung.verdict.replace('_', ' ')}`).join(', ')}
    >
      <SmallHatch id={`small-${plan.id}`} />
      <path
        d={`M${LEFT} 3V${height - 2}M${LEFT + WIDTH} 3V${height - 2}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <SmallRungs
        rungs={plan.rungs}
        left={LEFT + 2}
        width={WIDTH - 4}
        foot={foot}
        pitch={pitch}
        hatch={`small-${plan.id}`}
      />
      {plan.rungs.map((rung, index) => {
        const y = foot - index * pitch
        return (
          plan.governs.includes(rung.id) && (
            <path key={rung.id} d={`M8 ${y - 6}h10l7 6l-7 6h-10z`} fill={COLOUR[plan.verdict]} />
          )
        )
      })}
    </svg>
  )
}
