import { useCallback, useEffect, useRef, useState } from 'react'
import { useQueryClient } from '@tanstack/react-query'
import { api, Refused, type WholeSite } from '../../api/client'
import { refusal } from '../../api/wire'
import type { Site } from '../../api/plan.generated'
import { placeIn } from '../../ui/placeIn'

const place = (id: number) => placeIn(`site-${id}`)
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

// As it was kept, and then as it was left in the browser.
const begun = (site: WholeSite, kept: Kept | null) => ({
  steps: [site.snapshot.data as Site, ...(kept ? [kept.data] : [])],
  at: kept ? 1 : 0,
})

// A site that is being drawn: each change one step of undo, kept in the browser until it is kept as the next
// version.
export function useSite(site: WholeSite) {
  const queries = useQueryClient()
  const [kept] = useState(() => readKept(site.id))
  const [{ steps, at }, setHistory] = useState(() => begun(site, kept))
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

  const typed = useRef<string | null>(null)
  // same: goes on with the step before it, as one drag does; typing: the field that is typed in, one step as
  // long as it is.
  const change = useCallback((make: (before: Site) => Site, same = false, typing: string | null = null) => {
    const goesOn = same || (typing !== null && typing === typed.current)
    typed.current = typing
    setHistory(({ steps: before, at: now }) => {
      const upto = goesOn && now > 0 ? now : now + 1
      const all = [...before.slice(0, upto), make(before[now]!)]
      const some = all.length > MOST_STEPS ? [all[0]!, ...all.slice(2)] : all
      return { steps: some, at: some.length - 1 }
    })
  }, [])
  const step = (by: 1 | -1) => {
    typed.current = null
    setHistory((now) => ({ ...now, at: now.at + by }))
  }
  const taken = (whole: WholeSite) => {
    localStorage.removeItem(place(whole.id))
    setHistory(begun(whole, null))
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
    undo: at > 0 ? () => step(-1) : null,
    redo: at < steps.length - 1 ? () => step(1) : null,
    restored: kept !== null,
  }
}
export type Drawn = ReturnType<typeof useSite>
