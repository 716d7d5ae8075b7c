import type { FindPart, FindPosition, WayPart, WhatIfPart } from './answers.generated'
import type { RungId } from './ladder.generated'
import type { Plan } from './plan.generated'
import { followed } from './wire'

// plan: that the document is of. rung: the one in question; null for the weakest; whole: for all that stops.
export interface WaysAsked {
  document: Plan
  plan: number
  rung: RungId | null
  whole: boolean
}
// input: of which figure, over which range as typed; other: of another beside. Without an input: all limits.
export interface WhatIfAsked {
  document: Plan
  input?: string
  from?: string
  to?: string
  other?: string
  other_from?: string
  other_to?: string
}

// May: what a search may change, and minutes until the lift is ready. from: where one was stopped.
export interface May {
  machines: boolean
  move: boolean
  hire: boolean
  hold: boolean
  minutes: number
}
export interface FindAsked {
  document: Plan
  plan: number
  may: May
  from?: FindPosition
}

// What is told line by line as it is found; each line is handed on.
export const advice = {
  waysOut: (asked: WaysAsked, take: (part: WayPart) => void, signal: AbortSignal) =>
    followed<WayPart>('/ways_out', asked, take, signal),
  whatIf: (asked: WhatIfAsked, take: (part: WhatIfPart) => void, signal: AbortSignal) =>
    followed<WhatIfPart>('/what_ifs', asked, take, signal),
  find: (asked: FindAsked, take: (part: FindPart) => void, signal: AbortSignal) =>
    followed<FindPart>('/finds', asked, take, signal),
}
