import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { dayApi, type DayEvent } from '../../api/day'
import type { LiftDay } from '../../api/answers.generated'
import { faultWords, Refused } from '../../api/wire'
import { dropEvents, keepEvent, keptEvents, refuseEvent, type KeptEvent } from './kept'

const EVERY_MS = 4000
const AT_ONCE = 50

// Without a network, or with a server that does not answer, what is said waits here; anything else is an
// answer.
const noAnswer = (error: unknown) => !(error instanceof Refused) || error.status === 0 || error.status >= 500

export interface Day {
  day: LiftDay | undefined
  error: Error | null
  again: () => void
  // Since when nobody answers, ms; null while somebody does.
  silentSince: number | null
  kept: KeptEvent[]
  say: (kind: string, about?: Record<string, unknown>, name?: string) => Promise<void>
  forget: (kept: KeptEvent) => Promise<void>
}

// The day of a plan's lift: how it stands by the server, asked again and again, and what was said here
// and is not there yet. What is said is kept on this device first, then sent in its order, and let go of
// once the server has its number.
export function useDay(plan: number): Day {
  const queries = useQueryClient()
  const [kept, setKept] = useState<KeptEvent[]>([])
  const [silentSince, setSilentSince] = useState<number | null>(null)
  const sending = useRef<Promise<void> | null>(null)
  const answered = useCallback(() => setSilentSince(null), [])
  const silent = useCallback(() => setSilentSince((since) => since ?? Date.now()), [])
  const asked = useQuery({
    queryKey: ['day', plan],
    queryFn: async () => {
      try {
        const day = await dayApi.day(plan)
        answered()
        return day
      } catch (error) {
        if (noAnswer(error)) silent()
        throw error
      }
    },
    refetchInterval: EVERY_MS,
    refetchIntervalInBackground: false,
    retry: false,
    networkMode: 'always',
  })
  const reread = useCallback(async () => setKept(await keptEvents(plan)), [plan])

  const sendAll = useCallback(async () => {
    for (;;) {
      const waiting = (await keptEvents(plan)).filter((one) => !one.refused).slice(0, AT_ONCE)
      if (waiting.length === 0) return
      const { taken, day } = await dayApi.sayOnDay(
        plan,
        waiting.map(({ event }) => event),
      )
      answered()
      // Answers stand in the order of what was sent.
      const done = waiting.filter((_, at) => taken[at]?.number)
      await dropEvents(done.map(({ order }) => order!))
      for (const [at, one] of waiting.entries()) {
        const faults = taken[at]?.faults ?? []
        if (faults.length > 0) await refuseEvent(one, faults.map(faultWords).join('. '))
      }
      queries.setQueryData(['day', plan], day)
      await reread()
      // Of what was neither taken nor refused nothing more is asked now.
      if (waiting.every((_, at) => !taken[at]?.number && !taken[at]?.faults.length)) return
    }
  }, [plan, queries, reread, answered])

  const flush = useCallback(() => {
    sending.current ??= sendAll()
      .catch((error: unknown) => {
        if (noAnswer(error)) silent()
      })
      .finally(() => {
        sending.current = null
        void reread()
      })
    return sending.current
  }, [sendAll, silent, reread])

  // What was left here before is sent as soon as somebody answers.
  const number = asked.data?.number
  const at = asked.dataUpdatedAt
  useEffect(() => {
    void flush()
  }, [flush, number, at])
  useEffect(() => {
    const back = () => void flush()
    window.addEventListener('online', back)
    return () => window.removeEventListener('online', back)
  }, [flush])

  const say = useCallback(
    async (kind: string, about: Record<string, unknown> = {}, name = '') => {
      const seen = queries.getQueryData<LiftDay>(['day', plan])?.number ?? 0
      const event: DayEvent = {
        id: crypto.randomUUID(),
        at: new Date().toISOString(),
        kind,
        name,
        seen,
        about,
      }
      await keepEvent(plan, event)
      await reread()
      // What is being sent may have been read before this was kept.
      await flush()
      await flush()
    },
    [plan, queries, reread, flush],
  )
  const forget = useCallback(
    async (one: KeptEvent) => {
      await dropEvents([one.order!])
      await reread()
    },
    [reread],
  )
  return {
    day: asked.data,
    error: asked.error,
    again: () => void asked.refetch(),
    silentSince,
    kept,
    say,
    forget,
  }
}
