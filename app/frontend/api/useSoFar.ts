import { useCallback, useState } from 'react'

// What an answer that comes in parts has told so far, and of which question. With the first part of another
// question it begins anew; what still comes of one that was stopped is not taken.
export function useSoFar<Told extends object>(nothing: Told) {
  const [soFar, setSoFar] = useState<{ of: unknown; told: Told }>({ of: null, told: nothing })
  const telling = useCallback(
    (of: unknown, signal: AbortSignal) => (change: (now: Told) => Partial<Told>) => {
      if (signal.aborted) return
      setSoFar((now) => {
        const mine = now.of === of ? now.told : nothing
        return { of, told: { ...mine, ...change(mine) } }
      })
    },
    [nothing],
  )
  return { ...soFar, telling }
}
