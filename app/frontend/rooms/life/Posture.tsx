import type { State } from './words'

const RUNGS = [10, 15, 20, 25]
// No ladder that stands: lying, or folded to its landings.
const DOWN: Partial<Record<State, string>> = {
  withdrawn: 'M2 20H38M2 30H38M8 20V30M16 20V30M24 20V30M32 20V30',
  closed: 'M6 16H34M10 16V30M30 16V30M10 21H30M10 26H30M7 31H13M27 31H33',
}

// A state as the ladder's posture: thin without feet, on its feet, a plank on top, hung from a hook, folded,
// lying.
export function Posture({ state }: { state: State }) {
  const down = DOWN[state]
  const thick = state === 'draft' ? 1.4 : 3
  if (down)
    return (
      <svg width={40} height={34} aria-hidden>
        <path d={down} stroke="currentColor" strokeWidth={2.5} />
      </svg>
    )
  return (
    <svg width={40} height={34} aria-hidden>
      <path d="M11 6V30M29 6V30" stroke="currentColor" strokeWidth={thick} />
      {RUNGS.map((y) => (
        <path key={y} d={`M11 ${y}H29`} stroke="currentColor" strokeWidth={1.4} />
      ))}
      {(state === 'checked' || state === 'issued') && (
        <path d="M7 31H15M25 31H33" stroke="currentColor" strokeWidth={3} />
      )}
      {(state === 'issued' || state === 'lifting') && (
        <path d="M5 6H35" stroke="currentColor" strokeWidth={4} />
      )}
      {state === 'lifting' && <path d="M20 0V5M6 33H34" stroke="currentColor" strokeWidth={1.6} />}
    </svg>
  )
}
