import type { Plan } from '../api/plan.generated'
import type { Base } from './usePlanEditor'

// What was typed and not yet saved is kept in the browser, so that a reload loses nothing. sent: what was on its way
// to the server, should the answer never have been heard.
export interface Draft {
  base: Base
  document: Plan
  sent: Plan | null
}
const place = (id: number) => `dust-ladder-draft-${id}`
const LONG_LIST = 400
const LATER_MS = 500

export const readDraft = (id: number): Draft | null => {
  try {
    return JSON.parse(localStorage.getItem(place(id)) ?? 'null') as Draft | null
  } catch {
    return null
  }
}

const write = (id: number, draft: Draft | null) => {
  if (!draft) return localStorage.removeItem(place(id))
  try {
    localStorage.setItem(
      place(id),
      JSON.stringify({ ...draft, sent: draft.sent === draft.document ? null : draft.sent }),
    )
  } catch {
    // There is no room for it in this browser; the bar goes on saying that the plan is not saved yet.
    localStorage.removeItem(place(id))
  }
}

// Writes a draft, or takes it away. A long take-off is written a moment after the last key, or when the page goes.
// Gives back what calls it off.
export const keepDraft = (id: number, draft: Draft | null): (() => void) => {
  if (!draft || (draft.document.load.take_off?.parts.length ?? 0) < LONG_LIST) {
    write(id, draft)
    return () => {}
  }
  const now = () => write(id, draft)
  const timer = setTimeout(now, LATER_MS)
  window.addEventListener('pagehide', now)
  return () => {
    clearTimeout(timer)
    window.removeEventListener('pagehide', now)
  }
}
