import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { api, type Whole } from '../api/client'
import type { Editor } from './usePlanEditor'

// How old what stands on a page that somebody looks at may be.
const EVERY_MS = 30_000

// Keeps an open plan to what others do meanwhile: a piece is quarantined, a chart withdrawn, the ground
// tested, the plan itself saved or issued by another hand. It looks when somebody comes back to the page,
// too. What is under one's own hand is left alone, its save tells; so is what is only tried on a held plan.
export function useMeanwhile(whole: Whole, editor: Editor) {
  const { state, moving, version, take, setFrozen } = editor
  const { again } = editor.checked
  const { data } = useQuery({
    queryKey: ['meanwhile', String(whole.id)],
    queryFn: () => api.plan(String(whole.id)),
    initialData: whole,
    gcTime: 0,
    refetchInterval: EVERY_MS,
    refetchIntervalInBackground: false,
    refetchOnWindowFocus: true,
    refetchOnMount: false,
    retry: false,
  })
  const told = useRef(whole)
  const tried = state === 'tried'
  const idle = (state === 'saved' || tried) && !moving

  useEffect(() => {
    if (!idle || data === told.current || data.lock_version < version) return

    told.current = data
    if (data.lock_version > version && !tried) take(data)
    else again()
    if (!tried) setFrozen(data.held)
  }, [idle, tried, data, version, take, again, setFrozen])
}
