import type { Ladder, Machine } from '../api/ladder.generated'
import type { Crane, Plan } from '../api/plan.generated'

// The crane of a lift that has one.
export const craneOf = (plan: Plan): Crane => plan.cranes[0]!

// What the chosen machine asks of the plan; of most cranes, before there is an answer.
export const machineOf = (ladder: Ladder | null): Machine =>
  ladder?.machine ?? { reads: 'radius', booms: true, second_trolley: false, falls: false, hook_rated: true }
