import type { PersonLine } from '../../api/client'

// Within so many days an end is said to be near.
const SOON_DAYS = 60
const DAY_MS = 86_400_000

export const today = () => {
  const now = new Date()
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-')
}

// How near the last day of something is. Days are ISO dates.
export function dueIn(until: string, on: string) {
  const days = Math.round((Date.parse(until) - Date.parse(on)) / DAY_MS)
  const soon = days <= SOON_DAYS
  const words = days < 0 ? 'over' : days === 0 ? 'ends today' : soon ? `${days} days left` : ''
  return { over: days < 0, soon, words }
}

// Those in whose name, roles or competences every word stands.
export function found(people: PersonLine[], wanted: string) {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  return people.filter((one) => {
    const kinds = one.competences.map(({ kind }) => kind)
    const text = [one.name, one.login, ...(one.roles ?? []), ...kinds].join(' ').toLowerCase()
    return words.every((word) => text.includes(word))
  })
}
