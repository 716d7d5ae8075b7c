import type { Ladder } from '../api/ladder.generated'

export type Verdict = Ladder['verdict']
export const WORD: Record<Verdict, string> = {
  holds: 'holds',
  tight: 'tight',
  stop: 'stop',
  not_known: 'not known',
}
export const COLOUR: Record<Verdict, string> = {
  holds: 'var(--mark)',
  tight: 'var(--tight)',
  stop: 'var(--stop)',
  not_known: 'var(--ink)',
}
// Worst first, as the core has it.
const WORST_FIRST: Verdict[] = ['stop', 'not_known', 'tight', 'holds']
export const rank = (verdict: Verdict) => WORST_FIRST.indexOf(verdict)
