import { useEffect } from 'react'
import { dayApi } from '../api/day'
import type { DaysPage } from '../api/answers.generated'
import { keepDay } from './keptDays'

const DAY_MS = 24 * 3600 * 1000
const HELD = ['issued', 'lifting']

// The worker keeps the front end itself on this device. Asked for where a day is at hand, once.
export const keepFrontEnd = () => {
  if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/worker.js').catch(() => {})
}

const two = (part: number) => String(part).padStart(2, '0')
const local = (at: Date) => [at.getFullYear(), two(at.getMonth() + 1), two(at.getDate())].join('-')

// Keeps the days of what is issued for today and tomorrow on this device: they open without a network.
export function useKeepDays(page: DaysPage | undefined) {
  const held = (page?.lifts ?? [])
    .filter(({ state }) => HELD.includes(state))
    .map(({ id, lift_at }) => `${id} ${lift_at.slice(0, 10)}`)
    .join(',')
  useEffect(() => {
    const days = [local(new Date()), local(new Date(Date.now() + DAY_MS))]
    const wanted = held
      .split(',')
      .map((one) => one.split(' '))
      .filter(([, day]) => days.includes(day ?? ''))
    if (wanted.length === 0) return
    keepFrontEnd()
    const keep = async () => {
      for (const [id] of wanted) {
        const day = await dayApi.day(Number(id)).catch(() => null)
        if (day) await keepDay(Number(id), day)
      }
    }
    void keep().catch(() => {})
  }, [held])
}
