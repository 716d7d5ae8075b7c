import { useEffect } from 'react'
import { advice } from '../../api/advice'
import { refusal, type WayPart } from '../../api/client'
import type { RungId } from '../../api/ladder.generated'
import { useSoFar } from '../../api/useSoFar'
import type { Editor } from '../../plan/usePlanEditor'

type Told = NonNullable<WayPart['told']>
export interface Ways {
  found: NonNullable<WayPart['way']>[]
  far: WayPart['far']
  told: Told | null
  fault: string | null
}
const NONE: Ways = { found: [], far: null, told: null, fault: null }

// Ways out for a rung of the document, or for all that stops, as they are found; asked when nothing is
// moving, and dropped with the document that they were of.
export function useWaysOut(editor: Editor, rung: RungId, whole: boolean, asked: boolean): Ways {
  const key = asked ? `${editor.id}/${editor.checked.answers}/${rung}/${whole}` : ''
  const { of, told, telling } = useSoFar(NONE)
  const { document, id } = editor
  useEffect(() => {
    if (!key) return
    const stop = new AbortController()
    const put = telling(key, stop.signal)
    advice
      .waysOut(
        { document, plan: id, rung: whole ? null : rung, whole },
        ({ way, far, told }) =>
          put((now) => ({
            found: way ? [...now.found, way] : now.found,
            far: far ?? now.far,
            told: told ?? now.told,
          })),
        stop.signal,
      )
      .then(() => put((now) => (now.told ? {} : { fault: 'the search was cut short' })))
      .catch((error: unknown) => put(() => ({ fault: refusal(error, 'the search was cut short') })))
    return () => stop.abort()
    // A document is told by the answer that was given of it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key])
  return of === key ? told : NONE
}
