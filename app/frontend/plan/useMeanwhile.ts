import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { api, type Whole } from '../api/client'
import { useInHand } from '../ui/useInHand'
import { same } from './pointers'
import type { Editor } from './usePlanEditor'

// How old what stands on a page that somebody looks at may be.
const EVERY_MS = 30_000

const query = (id: number) => ({
  queryKey: ['meanwhile', id],
  queryFn: () => api.plan(String(id)),
  retry: false,
  networkMode: 'always' as const,
})

// Since when nobody answers how the plan stands, as a time in ms; and which revision another hand has saved
// that is not shown yet. Null while somebody does, and while none is newer.
export function useTold(id: number, revision: number, version: number) {
  const { data, isError, dataUpdatedAt } = useQuery({ ...query(id), enabled: false })
  return {
    silence: isError ? dataUpdatedAt : null,
    waiting: data && data.lock_version > version && data.revision !== revision ? data.revision : null,
  }
}

// Keeps an open plan to what others do meanwhile: a piece is quarantined, a chart withdrawn, the ground
// tested, the plan itself saved or issued by another hand. It looks when somebody comes back to the page,
// too. What is under one's own hand is left alone, its save tells; so is what is only tried on a held plan.
// What another saved waits until the hand has left its field: rows would move away under it.
export function useMeanwhile(whole: Whole, editor: Editor) {
  const { state, moving, version, kept, take, setFrozen } = editor
  const { again } = editor.checked
  const { data } = useQuery({
    ...query(whole.id),
    initialData: whole,
    gcTime: 0,
    refetchInterval: EVERY_MS,
    refetchIntervalInBackground: false,
    refetchOnWindowFocus: true,
    refetchOnMount: false,
  })
  const told = useRef(whole)
  const inHand = useInHand()
  const tried = state === 'tried'
  const idle = (state === 'saved' || tried) && !moving

  useEffect(() => {
    if (!idle || data === told.current || data.lock_version < version) return
    // It is taken once nothing is tried any more.
    if (tried || (inHand && !same(data.document, kept))) return again()

    told.current = data
    if (data.lock_version > version) take(data)
    again()
    setFrozen(data.held)
  }, [idle, tried, inHand, data, version, kept, take, again, setFrozen])
}
