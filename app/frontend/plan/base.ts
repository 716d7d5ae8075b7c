import type { Plan } from '../api/plan.generated'

// The saved plan that is being edited, as it was when the editing began.
export interface Base {
  document: Plan
  lock_version: number
  revision: number
  // Was it taken over from another hand, as it stood?
  theirs?: boolean
}
