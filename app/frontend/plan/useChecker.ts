import { replaceEqualDeep } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { Refused, type Fault } from '../api/client'
import type { Ladder, RungId } from '../api/ladder.generated'
import type { Plan } from '../api/plan.generated'
import type { System } from '../units/units'
import { answers, asker, type Look, type Question } from './asking'

export const PATIENCE_MS = 150
// Past this the worst case is waited for apart: how it hangs comes first, its rungs pending.
const LONG_MS = 200

export interface Checked {
  ladder: Ladder | null
  of: Plan | null
  working: boolean
  faults: Fault[]
  silentSince: Date | null
  answers: number
  // Asks for the same document once more.
  again: () => void
}
interface Answer extends Omit<Checked, 'working' | 'again'> {
  to: Question | null
}

// The newer ladder, with what is alike in both as it was: what shows that need not be drawn again.
const shared = (last: Ladder | null, next: Ladder) => (last ? replaceEqualDeep(last, next) : next)

// Keeps asking the server for the ladder of the newest document: one question at a time, the newest next, so
// that an older answer can never stand over a newer one. A ladder that is older than its document for longer
// than a moment counts as working, and is not to be shown as current.
export function useChecker(
  plan: number,
  document: Plan,
  look: Look | null,
  open: RungId | null,
  units: System,
  first: { ladder: Ladder; of: Plan },
): Checked {
  const [round, setRound] = useState(0)
  const again = useCallback(() => setRound((now) => now + 1), [])
  const question = useMemo(
    () => ({ document, look, open, units, round }),
    [document, look, open, units, round],
  )
  const [inquire] = useState(() => asker(plan))
  const [answer, setAnswer] = useState<Answer>({
    ...first,
    to: first.of === document && !look ? question : null,
    faults: [],
    silentSince: null,
    answers: 0,
  })
  const [lateAfter, setLateAfter] = useState<unknown>(first.of === document ? null : answer)
  const unanswered = useRef<{ after: unknown; since: number } | null>(null)
  const newest = useRef(question)
  const asking = useRef(false)
  const gone = useRef(false)
  const lastTook = useRef(0)

  useEffect(() => {
    gone.current = false
    return () => {
      gone.current = true
    }
  }, [])

  useEffect(() => {
    newest.current = question
    if (answers(answer.ladder, answer.to, question)) {
      unanswered.current = null
      return
    }
    if (unanswered.current?.after !== answer) unanswered.current = { after: answer, since: performance.now() }
    const timer = setTimeout(
      () => setLateAfter(answer),
      PATIENCE_MS - (performance.now() - unanswered.current!.since),
    )
    if (!asking.current) void ask()
    return () => clearTimeout(timer)

    async function ask() {
      asking.current = true
      for (let asked: Question | null = null; asked !== newest.current && !gone.current;) {
        const now = (asked = newest.current)
        try {
          if (lastTook.current > LONG_MS && !now.look) {
            const hasty = await inquire(now, true)
            setAnswer((last) => ({
              ladder: shared(last.ladder, hasty),
              of: now.document,
              to: now,
              faults: [],
              silentSince: null,
              answers: last.answers + 1,
            }))
            if (now !== newest.current || !hasty.rungs.some((rung) => rung.pending)) continue
          }
          const from = performance.now()
          const ladder = await inquire(now)
          const apart = lastTook.current > LONG_MS
          lastTook.current = performance.now() - from
          if (now !== newest.current && apart) continue
          setAnswer((last) => ({
            ladder: shared(last.ladder, ladder),
            of: now.document,
            to: now,
            faults: [],
            silentSince: null,
            answers: last.answers + 1,
          }))
        } catch (error) {
          const refused = error instanceof Refused ? error : new Refused(0, [])
          setAnswer((last) => ({
            ladder: null,
            of: now.document,
            to: now,
            faults: refused.faults,
            silentSince: refused.status === 0 ? (last.silentSince ?? new Date()) : null,
            answers: last.answers + 1,
          }))
          if (refused.status === 0) await new Promise((resolve) => setTimeout(resolve, 2000))
          if (refused.status === 0) asked = null
        }
      }
      asking.current = false
    }
  }, [question, answer, inquire])

  return {
    ...answer,
    again,
    working: answer.to !== question && lateAfter === answer && answer.of !== document,
  }
}
