import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { DayEvent } from '../../api/day'

// What was said on this device and not yet taken by the server, in the order in which it was said.
// refused: in words, where the server would not take it: it stays here until somebody has seen why.
export interface KeptEvent {
  order?: number
  plan: number
  event: DayEvent
  refused?: string
}

interface Kept extends DBSchema {
  events: { key: number; value: KeptEvent; indexes: { plan: number } }
}

let opened: Promise<IDBPDatabase<Kept>> | null = null
const database = () =>
  (opened ??= openDB<Kept>('dust-ladder-day', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('events', { keyPath: 'order', autoIncrement: true }).createIndex('plan', 'plan')
    },
    // Closed from outside, such as by the browser: opened anew at the next turn.
    terminated() {
      opened = null
    },
  }))

// Kept before it is sent: a page that is closed meanwhile loses nothing.
export const keepEvent = async (plan: number, event: DayEvent) => {
  await (await database()).add('events', { plan, event })
}

export const keptEvents = async (plan: number) => (await database()).getAllFromIndex('events', 'plan', plan)

export const dropEvents = async (orders: number[]) => {
  const all = (await database()).transaction('events', 'readwrite')
  await Promise.all([...orders.map((order) => all.store.delete(order)), all.done])
}

export const refuseEvent = async (kept: KeptEvent, refused: string) => {
  await (await database()).put('events', { ...kept, refused })
}
