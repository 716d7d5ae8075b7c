import type { Plan } from '../api/plan.generated'
import type { Base } from './base'
import { placeIn } from '../ui/placeIn'

// What was typed and not yet saved is kept in the browser, so that a reload loses nothing. sent: what was
// on its way to the server, should the answer never have been heard.
export interface Draft {
  base: Base
  document: Plan
  sent: Plan | null
}
const place = (id: number) => placeIn(`draft-${id}`)
const LONG_LIST = 400
const LATER_MS = 500

// A document that was left in the browser by an earlier version of the plan format, which had one crane.
type Older = Omit<Plan, 'version' | 'cranes'> & { crane: Plan['cranes'][number] }
const lifted = (kept: Plan | Older): Plan => {
  if (!('crane' in kept)) return kept
  const { crane, ...rest } = kept
  return { ...rest, version: 2, cranes: [crane] }
}

export const readDraft = (id: number): Draft | null => {
  try {
    const draft = JSON.parse(localStorage.getItem(place(id)) ?? 'null') as Draft | null
    return (
      draft && {
        base: { ...draft.base, document: lifted(draft.base.document) },
        document: lifted(draft.document),
        sent: draft.sent && lifted(draft.sent),
      }
    )
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

// Writes a draft, or takes it away. A long take-off is written a moment after the last key, or when the
// page goes. Gives back what calls it off.
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
