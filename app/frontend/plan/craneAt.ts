import { createContext, useContext } from 'react'
import type { Crane, Plan } from '../api/plan.generated'

// Which of the plan's cranes a panel speaks of: the only one, or of two the head's or the tail's.
export const CraneAt = createContext(0)
export const useCraneAt = () => useContext(CraneAt)
// Its place in the plan.
export const useCranePlace = () => `/cranes/${useCraneAt()}`
export const useCrane = (plan: Plan): Crane => plan.cranes[useCraneAt()] ?? plan.cranes[0]!
