import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { LiftDay } from '../api/answers.generated'
import type { DayEvent } from '../api/day'
import { placeIn } from '../ui/placeIn'

// What was said on this device and not yet taken by the server, in the order in which it was said. by:
// who was signed in, who alone sends it. refused: in words, where the server would not take it: it stays
// here until somebody has seen why.
export interface KeptEvent {
  order?: number
  plan: number
  by: number
  event: DayEvent
  refused?: string
}

// A day as the server told it, and when.
export interface KeptDay {
  plan: number
  at: number
  day: LiftDay
}

interface Kept extends DBSchema {
  events: { key: number; value: KeptEvent; indexes: { plan: number } }
  days: { key: number; value: KeptDay }
}

let opened: Promise<IDBPDatabase<Kept>> | null = null
const database = () =>
  (opened ??= openDB<Kept>(placeIn('day'), 1, {
    upgrade(fresh) {
      fresh.createObjectStore('events', { keyPath: 'order', autoIncrement: true }).createIndex('plan', 'plan')
      fresh.createObjectStore('days', { keyPath: 'plan' })
    },
    // Closed from outside, such as by the browser: opened anew at the next turn.
    terminated() {
      opened = null
    },
  }))

// Kept before it is sent: a page that is closed meanwhile loses nothing.
export const keepEvent = async (kept: KeptEvent) => {
  await (await database()).add('events', kept)
}

export const keptEvents = async (plan: number) => (await database()).getAllFromIndex('events', 'plan', plan)

export const dropEvents = async (orders: number[]) => {
  const all = (await database()).transaction('events', 'readwrite')
  await Promise.all([...orders.map((order) => all.store.delete(order)), all.done])
}

export const refuseEvent = async (kept: KeptEvent, refused: string) => {
  await (await database()).put('events', { ...kept, refused })
}

const MOST_DAYS = 30

export const keepDay = async (plan: number, day: LiftDay) => {
  const store = await database()
  await store.put('days', { plan, at: Date.now(), day })
  const all = await store.getAll('days')
  const old = all.sort((one, other) => other.at - one.at).slice(MOST_DAYS)
  await Promise.all(old.map((one) => store.delete('days', one.plan)))
}

export const keptDay = async (plan: number) => (await database()).get('days', plan)
