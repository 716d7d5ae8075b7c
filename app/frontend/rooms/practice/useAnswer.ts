import { useRef, useState } from 'react'
import { refusal } from '../../api/wire'

// One answer to one question: what was given, and what it is worth once it was judged. Two keys at once are
// one answer; one that was not taken may be given again.
export function useAnswer<T>(ask: (given: unknown) => Promise<T>) {
  const [given, setGiven] = useState<unknown>(null)
  const [told, setTold] = useState<T | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const asked = useRef(false)
  const answer = (value: unknown) => {
    if (asked.current) return
    asked.current = true
    setGiven(value)
    setFault(null)
    ask(value)
      .then(setTold)
      .catch((error: unknown) => {
        asked.current = false
        setGiven(null)
        setFault(refusal(error, 'the answer was not taken'))
      })
  }
  return { given: typeof given === 'string' ? given : null, told, fault, answer }
}
