import { useCallback, useEffect, useRef, useState } from 'react'
import { advice, type FindAsked, type May } from '../../api/advice'
import type { FindPart } from '../../api/answers.generated'
import { refusal } from '../../api/wire'
import type { Plan } from '../../api/plan.generated'
import { addedFalls, countedOn, type Fallen, type Few, type Lift, type Position } from './found'

export interface Search {
  lifts: Record<string, Lift>
  few: Few[]
  far: FindPart['far']
  position: Position | null
  fallen: Fallen
  nearest: FindPart['nearest']
  wider: NonNullable<FindPart['wider']>
  anew: boolean
  cut: string | null
  fault: string | null
  state: 'seeking' | 'stopped' | 'done'
}
const NONE: Search = {
  lifts: {},
  few: [],
  far: null,
  position: null,
  fallen: [],
  nearest: null,
  wider: [],
  anew: false,
  cut: null,
  fault: null,
  state: 'seeking',
}
const CUT = 'the search was cut short'

interface Asked {
  document: Plan
  plan: number
  may: May
}

// Seeks lifts for a document as soon as it is asked; stops where it is told to, and goes on from there. With
// another question what was found is gone.
export function useFind(asked: Asked) {
  const [held, setHeld] = useState<{ of: Asked; search: Search }>({ of: asked, search: NONE })
  const running = useRef<AbortController | null>(null)
  const search = held.of === asked ? held.search : NONE
  const seek = useCallback(
    (before: Search, from?: Position) => {
      const stop = new AbortController()
      running.current = stop
      let counted = before.fallen
      // What was counted before a search was stopped is counted on.
      let more = from && before.far ? before.far : { found: 0, passed: 0 }
      const put = (change: (now: Search) => Partial<Search>) =>
        !stop.signal.aborted &&
        setHeld((now) => {
          const mine = now.of === asked ? now.search : NONE
          return { of: asked, search: { ...mine, ...change(mine) } }
        })
      const take = (part: FindPart) => {
        if (part.anew) {
          counted = []
          more = { found: 0, passed: 0 }
          put(() => ({ ...NONE, anew: true }))
        }
        const { lift } = part
        put((now) => ({
          lifts: lift ? { ...now.lifts, [lift.id]: lift } : now.lifts,
          few: part.few ?? now.few,
          far: part.far ? countedOn(part.far, more) : now.far,
          position: part.position ?? now.position,
          fallen: part.fallen ? addedFalls(counted, part.fallen) : now.fallen,
          nearest: part.nearest ?? now.nearest,
          wider: part.wider ?? now.wider,
          cut: part.cut ?? now.cut,
          state: part.done ? 'done' : part.cut ? 'stopped' : now.state,
        }))
      }
      put(() => ({ ...before, state: 'seeking', cut: null, fault: null }))
      const question: FindAsked = from ? { ...asked, from } : asked
      advice
        .find(question, take, stop.signal)
        .then(() => put((now) => (now.state === 'seeking' ? { state: 'stopped', fault: CUT } : {})))
        .catch((error: unknown) => put(() => ({ state: 'stopped', fault: refusal(error, CUT) })))
      return stop
    },
    [asked],
  )
  useEffect(() => {
    const stop = seek(NONE)
    return () => {
      stop.abort()
      running.current?.abort()
    }
  }, [seek])
  const halt = () => {
    running.current?.abort()
    setHeld((now) => (now.of === asked ? { of: asked, search: { ...now.search, state: 'stopped' } } : now))
  }
  const goOn = () => seek(search, search.position ?? undefined)
  return { search, halt, goOn }
}
