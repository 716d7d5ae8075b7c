import { useEffect, useRef, useState } from 'react'

const EVERY_MS = 200
const OLD_MS = 1500

type Silence = { no_reading: string }

// Asks again and again what an outside device says. What is older than a moment is no reading, whatever the
// reason.
export const useDevice = <T extends object>(
  name: string,
  ask: (signal: AbortSignal) => Promise<T | Silence>,
) => {
  const [said, setSaid] = useState<T | Silence>({ no_reading: `the ${name} was not asked yet` })
  const asking = useRef(ask)
  useEffect(() => {
    let over = false
    let heard = Date.now()
    let next: ReturnType<typeof setTimeout>
    const again = async () => {
      const stop = new AbortController()
      const late = setTimeout(() => stop.abort(), OLD_MS)
      try {
        const answer = await asking.current(stop.signal)
        heard = Date.now()
        if (!over) setSaid(answer)
      } catch {
        if (!over && Date.now() - heard > OLD_MS) setSaid({ no_reading: 'no answer from the server' })
      }
      clearTimeout(late)
      if (!over) next = setTimeout(() => void again(), EVERY_MS)
    }
    void again()
    return () => {
      over = true
      clearTimeout(next)
    }
  }, [name])
  return said
}
