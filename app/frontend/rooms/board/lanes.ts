import type { DayLift, DaysPage } from '../../api/client'

// How wide one lift stands in a lane, and a later day's column, px.
export const BLOCK = 142
export const LATER = 152
const EARLIEST = 6
const LATEST = 18
const DAY_MINUTES = 24 * 60

// A lift in its lane: px from the left of its day, its step of the lane, and the px of its booking.
export interface Spot {
  lift: DayLift
  left: number
  step: number
  from: number
  to: number
}
export interface Lane {
  id: string
  name: string
  what: string
  // For each day, in the order of the days.
  days: Spot[][]
  steps: number
}

// Minutes of a day at a time such as 2026-12-14T06:30; what is before or after the day is at its ends.
export function minutesOf(at: string, day: string): number {
  const date = at.slice(0, 10)
  if (date !== day) return date < day ? 0 : DAY_MINUTES
  return Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16))
}

const on = (lift: DayLift, day: string) => lift.lift_at.slice(0, 10) <= day && lift.ends > `${day}T00:00`

// The hours that a day is drawn from and to: the working day, and whatever lies beyond it.
export function hoursOf(lifts: DayLift[], day: string): [number, number] {
  const own = lifts.filter((lift) => on(lift, day))
  const from = own.map((lift) => Math.floor(minutesOf(lift.lift_at, day) / 60))
  const to = own.map((lift) => Math.ceil(minutesOf(lift.lift_at, day) / 60) + 1)
  return [Math.min(EARLIEST, ...from), Math.min(24, Math.max(LATEST, ...to))]
}

// Places beside one another on as few steps as they need: none stands over another.
function stepped(spots: Omit<Spot, 'step'>[], width: number): Spot[] {
  const ends: number[] = []
  return spots.map((spot) => {
    const left = Math.max(0, Math.min(spot.left, width - BLOCK))
    const free = ends.findIndex((end) => end <= left)
    const step = free < 0 ? ends.length : free
    ends[step] = left + BLOCK
    return { ...spot, left, step }
  })
}

const NOBODY = { id: '', name: 'No crane chosen' }

// Lanes by crane, each day's lifts on its steps. width: of the first day, px. A lift of two cranes stands in
// both.
export function lanesOf({ lifts, days }: Pick<DaysPage, 'lifts' | 'days'>, width: number): Lane[] {
  const cranes = new Map<string, { name: string; what: string; lifts: DayLift[] }>()
  for (const lift of lifts)
    for (const { id, name } of lift.cranes.length > 0 ? lift.cranes : [NOBODY]) {
      const lane = cranes.get(id) ?? { name, what: id ? lift.what : '', lifts: [] }
      cranes.set(id, { ...lane, lifts: [...lane.lifts, lift] })
    }
  const [first = ''] = days
  const [from, to] = hoursOf(lifts, first)
  const px = (at: string) => ((minutesOf(at, first) / 60 - from) / (to - from)) * width
  return [...cranes]
    .map(([id, { name, what, lifts: own }]) => {
      const spots = days.map((day, index) => {
        const there = own.filter((lift) => on(lift, day))
        return index === 0
          ? stepped(
              there.map((lift) => ({
                lift,
                left: Math.max(0, px(lift.lift_at)),
                from: Math.max(0, px(lift.lift_at)),
                to: Math.min(width, px(lift.ends)),
              })),
              width,
            )
          : there.map((lift, step) => ({ lift, left: 8, step, from: 8, to: 68 }))
      })
      const steps = Math.max(1, ...spots.flat().map(({ step }) => step + 1))
      return { id, name, what, days: spots, steps }
    })
    .sort(
      (one, other) => Number(one.id === '') - Number(other.id === '') || one.name.localeCompare(other.name),
    )
}

// The lift that a key leads to: along the lanes, or to the nearest one of the next lane.
export function nextLift(lanes: Lane[], at: number | null, key: string): number | null {
  const rows = lanes.map((lane) => lane.days.flat().map(({ lift }) => lift))
  const row = rows.findIndex((lifts) => lifts.some(({ id }) => id === at))
  if (row < 0) return rows.flat()[0]?.id ?? null
  const index = rows[row]!.findIndex(({ id }) => id === at)
  if (key === 'ArrowLeft' || key === 'ArrowRight')
    return rows[row]![index + (key === 'ArrowRight' ? 1 : -1)]?.id ?? at
  const beside = rows[row + (key === 'ArrowDown' ? 1 : -1)] ?? []
  const own = Date.parse(rows[row]![index]!.lift_at)
  const gap = (lift: DayLift) => Math.abs(Date.parse(lift.lift_at) - own)
  return (
    beside.reduce<DayLift | null>((best, one) => (best && gap(best) <= gap(one) ? best : one), null)?.id ?? at
  )
}
