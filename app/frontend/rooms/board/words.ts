import type { DayLift, WaitLine } from '../../api/client'

// What one does about what waits, and where.
const DO: Record<WaitLine['act'], string> = {
  wrote: 'Write it down',
  write: 'Begin anew',
  mend: 'Open it',
  flight: 'Climb it',
  second: 'Read, sign',
  deviation: 'Read it',
  issued: 'Issue',
  close: 'Close it',
  overlap: 'Say which',
  answer: 'Answer',
  read: 'Read it',
}
const ON_LADDER: WaitLine['act'][] = ['mend', 'overlap', 'answer']

export const doing = (wait: WaitLine) => DO[wait.act]
export function placeOf(wait: WaitLine): string {
  if (wait.chart !== null) return `/cranes/${wait.chart}/paper`
  if (ON_LADDER.includes(wait.act)) return `/plans/${wait.plan}${wait.rung ? `?rung=${wait.rung}` : ''}`
  return `/plans/${wait.plan}/life`
}

const WEEKDAY: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric' }
export const dayName = (day: string, more: Intl.DateTimeFormatOptions = {}) =>
  new Date(`${day}T12:00`).toLocaleDateString('en-GB', { ...WEEKDAY, ...more })

// When it is: today by its hour, else by its day too.
export function timeOf(at: string | null, today: string): string {
  if (!at) return 'no day'
  const hour = at.slice(11, 16)
  return at.startsWith(today) ? `today ${hour}` : `${dayName(at.slice(0, 10))} ${hour}`
}

// Second line of a lift: its hour and how it stands.
export const standing = (lift: DayLift, day: string) =>
  `${lift.lift_at.startsWith(day) ? lift.lift_at.slice(11) : 'goes on'}, ${lift.state}`

export const countedPlans = (plans: number) => (plans === 1 ? '1 plan' : `${plans} plans`)
