import type { Plan } from '../api/plan.generated'

// The saved plan that is being edited, as it was when the editing began.
export interface Base {
  document: Plan
  lock_version: number
  revision: number
  // How it was taken over, where it is none of one's own.
  theirs?: string
}
