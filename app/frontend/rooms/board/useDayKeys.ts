import type { KeyboardEvent } from 'react'
import type { DaysPage } from '../../api/client'
import { nextLift, type Lane } from './lanes'

const ARROWS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown']
const typing = (target: EventTarget) =>
  target instanceof HTMLElement && target.matches('input, textarea, select')

// Arrows go from lift to lift and from lane to lane, digits to what waits, Page keys to other days.
export function useDayKeys(lanes: Lane[], page: DaysPage | undefined, turn: (day: string) => void) {
  return (event: KeyboardEvent) => {
    if (typing(event.target) || event.ctrlKey || event.metaKey || event.altKey || !page) return
    const to = (selector: string) => {
      const found = document.querySelector<HTMLElement>(selector)
      if (found) event.preventDefault()
      found?.focus()
    }
    if (ARROWS.includes(event.key)) {
      const at = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-lift]') : null
      const next = nextLift(lanes, at ? Number(at.dataset.lift) : null, event.key)
      if (next !== null) to(`[data-lift="${next}"]`)
    } else if (/^[1-9]$/.test(event.key)) to(`[data-waits="${event.key}"]`)
    else if (event.key === 'PageDown' && page.after) turn(page.after)
    else if (event.key === 'PageUp' && page.before) turn(page.before)
    else return
    event.preventDefault()
  }
}
