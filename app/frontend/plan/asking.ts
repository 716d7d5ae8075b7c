import { api, Refused } from '../api/client'
import type { Ladder, RungId } from '../api/ladder.generated'
import type { Plan } from '../api/plan.generated'
import type { System } from '../units/units'
import { difference } from './pointers'

// What of the take-off is wanted beside the ladder: a group by its number or the load's own list, and the
// row whose working is shown.
export interface Look {
  of: number | null
  row: number | null
}
// open: the rung whose working is wanted; of every rung, when it is null. units: the system that is read.
// round: is it asked anew, since what the document rests on may have changed?
export interface Question {
  document: Plan
  look: Look | null
  open: RungId | null
  units: System
  round: number
}

// More changes than these are sent as the whole document, and what follows as changes of that.
const MOST_CHANGES = 24
const FORGOTTEN = 410

interface Base {
  digest: string
  document: Plan
}

// Asks for a document's ladder, and sends only what differs from one that was sent before as long as that
// is little and the server still has it.
export function asker(plan: number) {
  let base: Base | null = null

  const whole = async ({ document, look, open, units }: Question, hasty: boolean) => {
    const ladder = await api.check({ document, take_off: look, hasty, open: open && [open], units, plan })
    base = ladder.base ? { digest: ladder.base, document } : null
    return ladder
  }

  return async function ask(question: Question, hasty = false): Promise<Ladder> {
    const { document, look, open, units } = question
    if (!base || look) return whole(question, hasty)

    const { changes, gone } = difference(base.document, document)
    const many = Object.keys(changes).length + gone.length
    if (many > MOST_CHANGES || '' in changes) return whole(question, hasty)
    try {
      return await api.check({
        base: base.digest,
        changes,
        gone,
        take_off: null,
        hasty,
        open: open && [open],
        units,
        plan,
      })
    } catch (error) {
      if (error instanceof Refused && error.status === FORGOTTEN) return whole(question, hasty)
      throw error
    }
  }
}

// Does a ladder that was asked for one question answer another one too?
export function answers(ladder: Ladder | null, asked: Question | null, now: Question) {
  if (asked === now) return true
  if (!ladder || asked?.document !== now.document || asked.look !== now.look) return false
  if (asked.round !== now.round) return false
  if (ladder.headline[now.units] === undefined) return false

  return now.open
    ? ladder.rungs.every((rung) => rung.id !== now.open || rung.working !== null)
    : ladder.rungs.every((rung) => rung.working !== null)
}
