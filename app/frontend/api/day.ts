import type { AsRigged, HooksRead, LiftDay, TodayPage, Trial, TrialInstruments } from './answers.generated'
import { ask, send } from './wire'

// One thing that is said of the day, as it is sent; id is made here, so that sending it twice keeps it once.
export interface DayEvent {
  id: string
  at: string
  kind: string
  name: string
  seen: number
  about: Record<string, unknown>
}

// What was read at a try, as it is typed; whatever was not looked at is left out.
export interface TryRead {
  cells?: (string | null)[]
  indicator?: string
  shows?: string
  along?: string
  across?: string
  lengths?: (string | null)[]
  tight?: string
  slack?: number[]
  brakes?: string
  swing?: string
}

// What both hooks of a lift by two cranes show, and where.
export interface HookRead {
  at: string
  head: string
  tail: string
  shows: string
}

export interface Measured {
  lengths?: (string | null)[]
  angles?: (string | null)[]
  spread?: (string | null)[]
  uppers?: (string | null)[]
  holes?: (number | null)[]
  bail?: number
  span?: string
}

export interface Kept {
  taken: {
    uid: string
    number: number | null
    faults: { pointer: string; message: string; expected: string }[]
  }[]
  day: LiftDay
}

export const dayApi = {
  today: (on: string) => ask<TodayPage>(on ? `/today?on=${on}` : '/today'),
  day: (plan: number) => ask<LiftDay>(`/plans/${plan}/day`),
  sayOnDay: (plan: number, events: DayEvent[]) => send<Kept>('POST', `/plans/${plan}/day`, { events }),
  judgeTry: (plan: number, read: TryRead) => send<Trial>('POST', `/plans/${plan}/trial`, { try: read }),
  judgeMeasured: (plan: number, measured: Measured) =>
    send<AsRigged>('POST', `/plans/${plan}/trial`, { measured }),
  judgeHooks: (plan: number, read: HookRead) => send<HooksRead>('POST', `/plans/${plan}/trial`, { read }),
  instruments: (signal?: AbortSignal) =>
    ask<TrialInstruments>('/trial_instruments', signal ? { signal } : {}),
  tellInstruments: (words: Record<string, unknown>) =>
    send<TrialInstruments>('PATCH', '/trial_instruments', words),
  takeTrial: (plan: number, seen: number, password: string) =>
    send<{ id: number; revision: string | null }>('POST', `/plans/${plan}/taking`, { seen, password }),
}
