import { useCallback, useEffect, useState } from 'react'
import { useQueryClient } from '@tanstack/react-query'
import { api, Refused, type WholeSite } from '../../api/client'
import { refusal } from '../../api/wire'
import type { Site } from '../../api/plan.generated'

const place = (id: number) => `dust-ladder-site-${id}`
const MOST_STEPS = 200

interface Kept {
  lock_version: number
  data: Site
}
const readKept = (id: number): Kept | null => {
  try {
    return JSON.parse(localStorage.getItem(place(id)) ?? 'null') as Kept | null
  } catch {
    return null
  }
}

// A site that is being drawn: each change one step of undo, kept in the browser until it is kept as the next
// version.
export function useSite(site: WholeSite) {
  const queries = useQueryClient()
  const [kept] = useState(() => readKept(site.id))
  const [steps, setSteps] = useState<Site[]>(() => [site.snapshot.data as Site, ...(kept ? [kept.data] : [])])
  const [at, setAt] = useState(kept ? 1 : 0)
  const [base, setBase] = useState(kept?.lock_version ?? site.lock_version)
  const [fault, setFault] = useState<string | null>(null)
  const [now, setNow] = useState<WholeSite | null>(null)
  const [keeping, setKeeping] = useState(false)
  const data = steps[at]!
  const changed = JSON.stringify(data) !== JSON.stringify(steps[0])

  useEffect(() => {
    if (!changed) return localStorage.removeItem(place(site.id))
    try {
      localStorage.setItem(place(site.id), JSON.stringify({ lock_version: base, data }))
    } catch {
      // The browser has no room: what was drawn is on the screen only.
    }
  }, [changed, data, base, site.id])

  // same: goes on with the step before it, as one drag does.
  const change = useCallback(
    (make: (before: Site) => Site, same = false) =>
      setSteps((before) => {
        const next = make(before[at]!)
        const upto = same && at > 0 ? at : at + 1
        const kept = [...before.slice(0, upto), next]
        setAt(kept.length - 1)
        if (kept.length <= MOST_STEPS) return kept
        setAt(kept.length - 2)
        return [kept[0]!, ...kept.slice(2)]
      }),
    [at],
  )
  const taken = (whole: WholeSite) => {
    localStorage.removeItem(place(whole.id))
    setSteps([whole.snapshot.data as Site])
    setAt(0)
    setBase(whole.lock_version)
    setNow(null)
    setFault(null)
    queries.setQueryData(['site', whole.id], whole)
    void queries.invalidateQueries({ queryKey: ['sites'] })
  }
  const keep = async (seen = base) => {
    setKeeping(true)
    setFault(null)
    try {
      taken(await api.changeSite(site.id, data, seen))
    } catch (error) {
      if (error instanceof Refused && error.status === 409)
        setNow((error.now as WholeSite | undefined) ?? null)
      setFault(refusal(error))
    } finally {
      setKeeping(false)
    }
  }
  return {
    data,
    changed,
    change,
    keep,
    keeping,
    fault,
    // As it stands now, where somebody else kept another one meanwhile.
    now,
    take: taken,
    undo: at > 0 ? () => setAt(at - 1) : null,
    redo: at < steps.length - 1 ? () => setAt(at + 1) : null,
    restored: kept !== null,
  }
}
export type Drawn = ReturnType<typeof useSite>
