import type { Crane, Plan } from '../api/plan.generated'

// The crane of a lift that has one.
export const craneOf = (plan: Plan): Crane => plan.cranes[0]!
