import { useState } from 'react'
import { placeIn } from '../../ui/placeIn'
import { useWho } from '../../ui/who'

type Texts = Record<string, string | string[]>

const alike = (one: unknown, blank: string | string[]) =>
  Array.isArray(blank)
    ? Array.isArray(one) && one.length === blank.length && one.every((text) => typeof text === 'string')
    : typeof one === 'string'

// As kept, as far as it fits what is asked now.
const fitting = <T extends object>(kept: T | Texts, blank: T): T => {
  const fits = Object.entries(kept).filter(([name, one]) => {
    const empty = (blank as Texts)[name]
    return empty !== undefined && alike(one, empty)
  })
  return { ...blank, ...Object.fromEntries(fits) }
}

const read = <T extends object>(place: string, blank: T): T => {
  try {
    return fitting(JSON.parse(localStorage.getItem(place) ?? '{}') as Texts, blank)
  } catch {
    return blank
  }
}

// What is being typed and not kept yet, on this device, for whoever is signed in: it is there again after
// another phase was looked at, or the page was left. What does not fit the plan any more is left out.
export function useTyped<T extends object>(key: string, blank: T) {
  const { who } = useWho()
  const place = placeIn(`typed-${who?.id ?? 0}-${key}`)
  const [kept, setKept] = useState(() => read(place, blank))
  const put = (change: Partial<T>) =>
    setKept((now) => {
      const next = { ...fitting(now, blank), ...change }
      try {
        localStorage.setItem(place, JSON.stringify(next))
      } catch {
        // A device that keeps nothing: it stands as long as the page does.
      }
      return next
    })
  const clear = () => {
    try {
      localStorage.removeItem(place)
    } finally {
      setKept(blank)
    }
  }
  return { typed: fitting(kept, blank), put, clear }
}
