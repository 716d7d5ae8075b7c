import { useState } from 'react'
import { placeIn } from './placeIn'

const place = (key: string) => placeIn(`typed-${key}`)
const read = (key: string) => {
  try {
    return sessionStorage.getItem(place(key)) ?? ''
  } catch {
    return ''
  }
}

// Text that is still there when its field comes again: after another rung was looked at, or a reload. Empty
// once it was sent.
export function useKeptText(key: string): [string, (text: string) => void] {
  const [kept, setKept] = useState({ key, text: read(key) })
  const text = kept.key === key ? kept.text : read(key)
  const put = (next: string) => {
    setKept({ key, text: next })
    try {
      if (next) sessionStorage.setItem(place(key), next)
      else sessionStorage.removeItem(place(key))
    } catch {
      // Without a place to keep it, it lasts as long as its field.
    }
  }
  return [text, put]
}
