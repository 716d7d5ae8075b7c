import type { Summary } from '../../api/client'
import { COLOUR } from '../../ladder/verdict'

const LEFT = 26
const WIDTH = 56

// A plan's rungs in small, foot at the bottom, pennant at the one that governs.
export function SmallLadder({ plan, height }: { plan: Summary; height: number }) {
  const pitch = (height - 14) / Math.max(1, plan.rungs.length)
  // Many rungs are thin, so that there is air between them.
  const thick = Math.min(3, pitch * 0.6)
  return (
    <svg
      width={96}
      height={height}
      role="img"
      aria-label={plan.rungs.map((rung) => `${rung.label} ${rung.verdict.replace('_', ' ')}`).join(', ')}
    >
      <defs>
        <pattern
          id={`small-${plan.id}`}
          width={5}
          height={5}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width={2.6} height={5} fill="var(--tightFill)" />
        </pattern>
      </defs>
      <path
        d={`M${LEFT} 3V${height - 2}M${LEFT + WIDTH} 3V${height - 2}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      {plan.rungs.map((rung, index) => {
        const y = height - 8 - index * pitch
        const x = LEFT + 2
        const w = WIDTH - 4
        return (
          <g key={rung.id}>
            {rung.verdict === 'holds' && (
              <path d={`M${x} ${y}h${w}`} stroke="var(--mark)" strokeWidth={thick} />
            )}
            {rung.verdict === 'tight' && (
              <rect
                x={x}
                y={y - thick}
                width={w}
                height={2 * thick}
                fill={`url(#small-${plan.id})`}
                stroke="var(--ink)"
                strokeWidth={0.8}
              />
            )}
            {rung.verdict === 'not_known' && (
              <path
                d={`M${x + 2} ${y}h${w - 4}`}
                stroke="var(--ink)"
                strokeWidth={Math.min(1.6, thick)}
                strokeDasharray="6 4"
              />
            )}
            {rung.verdict === 'stop' && (
              <path
                d={`M${x} ${y - 3}l${w * 0.5} 5M${x + w} ${y - 4}l${-w * 0.34} 2`}
                stroke="var(--stop)"
                strokeWidth={4}
              />
            )}
            {plan.governs.includes(rung.id) && (
              <path d={`M8 ${y - 6}h10l7 6l-7 6h-10z`} fill={COLOUR[plan.verdict]} />
            )}
          </g>
        )
      })}
    </svg>
  )
}
