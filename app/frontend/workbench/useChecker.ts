import { useEffect, useRef, useState } from 'react'
import { api, Refused, type Fault } from '../api/client'
import type { Ladder } from '../api/ladder.generated'
import type { Plan } from '../api/plan.generated'

export const PATIENCE_MS = 150

export interface Checked { ladder: Ladder | null; of: Plan | null; working: boolean; faults: Fault[]; silentSince: Date | null; answers: number }

// Keeps asking the server for the ladder of the newest document: one question at a time, the newest next, so
// that an older answer can never stand over a newer one. A ladder that is older than its document for longer
// than a moment counts as working, and is not to be shown as current.
export function useChecker(document: Plan, first: { ladder: Ladder; of: Plan }): Checked {
  const [answer, setAnswer] = useState<Omit<Checked, 'working'>>({ ...first, faults: [], silentSince: null, answers: 0 })
  const [lateAfter, setLateAfter] = useState<unknown>(first.of === document ? null : answer)
  const unanswered = useRef<{ after: unknown; since: number } | null>(null)
  const newest = useRef(document)
  const asking = useRef(false)
  const gone = useRef(false)

  useEffect(() => {
    gone.current = false
    return () => {
      gone.current = true
    }
  }, [])

  useEffect(() => {
    newest.current = document
    if (answer.of === document) {
      unanswered.current = null
      return
    }
    if (unanswered.current?.after !== answer) unanswered.current = { after: answer, since: performance.now() }
    const timer = setTimeout(() => setLateAfter(answer), PATIENCE_MS - (performance.now() - unanswered.current!.since))
    if (!asking.current) void ask()
    return () => clearTimeout(timer)

    async function ask() {
      asking.current = true
      for (let asked: Plan | null = null; asked !== newest.current && !gone.current; ) {
        asked = newest.current
        try {
          const ladder = await api.check(asked)
          setAnswer((now) => ({ ladder, of: asked, faults: [], silentSince: null, answers: now.answers + 1 }))
        } catch (error) {
          const refused = error instanceof Refused ? error : new Refused(0, [])
          setAnswer((now) => ({ ladder: null, of: asked, faults: refused.faults, silentSince: refused.status === 0 ? (now.silentSince ?? new Date()) : null, answers: now.answers + 1 }))
          if (refused.status === 0) await new Promise((resolve) => setTimeout(resolve, 2000))
          if (refused.status === 0) asked = null
        }
      }
      asking.current = false
    }
  }, [document, answer])

  return { ...answer, working: answer.of !== document && lateAfter === answer }
}
