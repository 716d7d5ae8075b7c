import { useEffect, useRef, useState } from 'react'
import { api, type PlacePart } from '../../api/client'
import type { Plan } from '../../api/plan.generated'
import { refusal } from '../../api/wire'

type Found = NonNullable<PlacePart['places']>[number]
type Offered = NonNullable<PlacePart['best']>[number]
export interface BestPlace {
  // Of which document.
  of: Plan
  share: number
  cell_m: number
  found: Found[]
  best: Offered[] | null
  // What looked well and stops when it is climbed, where nothing else was found.
  refused: PlacePart['refused']
  fault: string | null
}

// The search for a better place to stand: on while it is asked for, grown as it is found, and gone with the
// document that it was of: what is hatched is never of another plan than the one that is drawn.
export function useBestPlace(plan: Plan) {
  const [search, setSearch] = useState<BestPlace | null>(null)
  const stop = useRef<AbortController | null>(null)
  useEffect(() => () => stop.current?.abort(), [])
  const end = () => {
    stop.current?.abort()
    setSearch(null)
  }
  const start = async () => {
    stop.current?.abort()
    const mine = new AbortController()
    stop.current = mine
    setSearch({ of: plan, share: 0, cell_m: 2, found: [], best: null, refused: null, fault: null })
    const put = (change: (now: BestPlace) => Partial<BestPlace>) =>
      !mine.signal.aborted && setSearch((now) => now && { ...now, ...change(now) })
    try {
      await api.bestPlaces(
        plan,
        (part) =>
          put((now) => ({
            share: part.share,
            cell_m: part.cell_m,
            found: part.places ? [...now.found, ...part.places] : now.found,
            best: part.best ?? now.best,
            refused: part.refused ?? now.refused,
            fault: part.missing ? `Needs ${part.missing.what}` : now.fault,
          })),
        mine.signal,
      )
    } catch (error) {
      put(() => ({ share: 1, fault: refusal(error, 'the search was cut short') }))
    }
  }
  const shown = search && search.of === plan ? search : null
  return { search: shown, toggle: () => (shown ? end() : void start()) }
}
