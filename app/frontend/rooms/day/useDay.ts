import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { dayApi, type DayEvent } from '../../api/day'
import type { LiftDay } from '../../api/answers.generated'
import { faultWords, refusal, Refused } from '../../api/wire'
import { useWho } from '../../ui/who'
import {
  dropEvents,
  keepDay,
  keepEvent,
  keptDay,
  keptEvents,
  refuseEvent,
  type KeptDay,
  type KeptEvent,
} from '../../plan/keptDays'
import { keepFrontEnd } from '../../plan/useKeepDays'

const EVERY_MS = 4000
const AT_ONCE = 50

// Without a network, or with a server that does not answer, what is said waits here; anything else is an
// answer.
const noAnswer = (error: unknown) => !(error instanceof Refused) || error.status === 0 || error.status >= 500

// The mark of one event. Where the page came without TLS the browser makes none by itself.
const mark = () => {
  if ('randomUUID' in crypto) return crypto.randomUUID()
  const hex = [...(crypto as Crypto).getRandomValues(new Uint8Array(16))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

export interface Day {
  day: LiftDay | undefined
  error: Error | null
  again: () => void
  // Since when nobody answers, ms; null while somebody does.
  silentSince: number | null
  // Why what waits here cannot be sent, where somebody answers; or ''.
  trouble: string
  kept: KeptEvent[]
  // Was it kept, here or by the server? Where it was not, what was typed is to stay.
  say: (kind: string, about?: Record<string, unknown>, name?: string) => Promise<boolean>
  forget: (kept: KeptEvent) => Promise<void>
}

// The day of a plan's lift: how it stands by the server, asked again and again, and what was said here
// and is not there yet. What is said is kept on this device first, then sent in its order, and let go of
// once the server has its number.
export function useDay(plan: number): Day {
  const queries = useQueryClient()
  const [kept, setKept] = useState<KeptEvent[]>([])
  const [silentSince, setSilentSince] = useState<number | null>(null)
  const [trouble, setTrouble] = useState('')
  const [old, setOld] = useState<KeptDay>()
  const { who } = useWho()
  const by = who?.id ?? 0
  const sending = useRef<Promise<void> | null>(null)
  const answered = useCallback(() => setSilentSince(null), [])
  const silent = useCallback(() => setSilentSince((since) => since ?? Date.now()), [])
  const asked = useQuery({
    queryKey: ['day', plan],
    queryFn: async () => {
      try {
        const day = await dayApi.day(plan)
        answered()
        void keepDay(plan, day).catch(() => {})
        return day
      } catch (error) {
        if (noAnswer(error)) {
          silent()
          // As it stood when somebody answered last, told as that.
          setOld(await keptDay(plan).catch(() => undefined))
        }
        throw error
      }
    },
    refetchInterval: EVERY_MS,
    refetchIntervalInBackground: false,
    retry: false,
    networkMode: 'always',
  })
  const reread = useCallback(async () => setKept(await keptEvents(plan).catch((): KeptEvent[] => [])), [plan])

  const sendAll = useCallback(async () => {
    for (;;) {
      const waiting = (await keptEvents(plan).catch((): KeptEvent[] => []))
        .filter((one) => !one.refused && one.by === by)
        .slice(0, AT_ONCE)
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
      void keepDay(plan, day).catch(() => {})
      await reread()
      // Of what was neither taken nor refused nothing more is asked now.
      if (waiting.every((_, at) => !taken[at]?.number && !taken[at]?.faults.length)) return
    }
  }, [plan, by, queries, reread, answered])

  const flush = useCallback(() => {
    sending.current ??= sendAll()
      .then(() => setTrouble(''))
      .catch((error: unknown) => {
        if (noAnswer(error)) silent()
        else setTrouble(refusal(error))
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
  useEffect(keepFrontEnd, [])
  useEffect(() => {
    const back = () => void flush()
    window.addEventListener('online', back)
    return () => window.removeEventListener('online', back)
  }, [flush])

  const atOnce = useCallback(
    async (event: DayEvent) => {
      try {
        const { taken, day } = await dayApi.sayOnDay(plan, [event])
        queries.setQueryData(['day', plan], day)
        const faults = taken[0]?.faults ?? []
        setTrouble(faults.length > 0 ? `not taken: ${faults.map(faultWords).join('. ')}` : '')
        return faults.length === 0
      } catch (error) {
        setTrouble(`this device can keep nothing, and it was not sent: ${refusal(error, 'no answer')}`)
        return false
      }
    },
    [plan, queries],
  )
  const say = useCallback(
    async (kind: string, about: Record<string, unknown> = {}, name = '') => {
      const seen = (queries.getQueryData<LiftDay>(['day', plan]) ?? old?.day)?.number ?? 0
      const event: DayEvent = {
        id: mark(),
        at: new Date().toISOString(),
        kind,
        name,
        seen,
        about,
      }
      try {
        await keepEvent({ plan, by, event })
      } catch {
        // A device that keeps nothing, such as a private window: it goes to the server at once, or not at
        // all.
        return atOnce(event)
      }
      await reread()
      // What is being sent may have been read before this was kept. Nobody waits for the network.
      void flush().then(flush)
      return true
    },
    [plan, by, old, queries, reread, flush, atOnce],
  )
  const forget = useCallback(
    async (one: KeptEvent) => {
      await dropEvents([one.order!])
      await reread()
    },
    [reread],
  )
  return {
    day: asked.data ?? old?.day,
    error: asked.error,
    again: () => void asked.refetch(),
    silentSince: asked.data ? silentSince : (old?.at ?? silentSince),
    trouble,
    kept,
    say,
    forget,
  }
}
