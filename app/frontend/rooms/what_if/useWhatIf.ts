import { useEffect } from 'react'
import { advice, type WhatIfAsked } from '../../api/advice'
import { Refused, type Fault, type WhatIfPart } from '../../api/client'
import { useSoFar } from '../../api/useSoFar'
import { refusal } from '../../api/wire'
import type { Input, Limit } from './range'

type Row = NonNullable<WhatIfPart['row']>
export interface Told {
  inputs: Input[] | null
  aside: string[]
  limits: Limit[]
  looks: NonNullable<WhatIfPart['look']>[]
  strip: WhatIfPart['strip']
  rows: Row[]
  cut: string | null
  done: boolean
  faults: Fault[]
  fault: string | null
}
const NONE: Told = {
  inputs: null,
  aside: [],
  limits: [],
  looks: [],
  strip: null,
  rows: [],
  cut: null,
  done: false,
  faults: [],
  fault: null,
}
const CUT = 'the answer was cut short'

// What the ladder says over a range, as it is told; null asks nothing. It is of what was asked alone: with
// the next question it is gone.
export function useWhatIf(asked: WhatIfAsked | null): Told & { fresh: boolean } {
  const { of, told, telling } = useSoFar(NONE)
  useEffect(() => {
    if (!asked) return
    const stop = new AbortController()
    const put = telling(asked, stop.signal)
    const take = (part: WhatIfPart) =>
      put((now) => ({
        inputs: part.inputs ?? now.inputs,
        aside: part.aside ?? now.aside,
        limits: part.limit ? [...now.limits, part.limit] : now.limits,
        looks: part.look ? [...now.looks, part.look] : now.looks,
        strip: part.strip ?? now.strip,
        rows: part.row ? [...now.rows, part.row] : now.rows,
        cut: part.cut ?? now.cut,
        done: part.done || now.done,
      }))
    advice
      .whatIf(asked, take, stop.signal)
      .then(() => put((now) => (now.done || now.cut ? {} : { fault: CUT })))
      .catch((error: unknown) =>
        put(() => ({
          faults: error instanceof Refused ? error.faults : [],
          fault: refusal(error, CUT),
        })),
      )
    return () => stop.abort()
  }, [asked, telling])
  const fresh = of === asked && asked !== null
  return { ...(fresh ? told : NONE), fresh }
}
