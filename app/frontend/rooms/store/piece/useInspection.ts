import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo } from 'react'
import { api, type Finding, type Findings, type PieceSheet } from '../../../api/client'
import { useKeptText } from '../../../ui/useKeptText'

const read = (text: string): Findings => {
  try {
    const found: unknown = JSON.parse(text || '{}')
    return found && typeof found === 'object' ? (found as Findings) : {}
  } catch {
    return {}
  }
}
const isEmpty = ({ seen, measured, words }: Finding) => !seen && !measured && !words

// What is found while it is typed, kept through a reload, and what the rules make of it. pending: what is
// shown is not of what was typed last.
export function useInspection(sheet: PieceSheet) {
  const { id } = sheet.now
  const [kept, keep] = useKeptText(`look-${id}`)
  const findings = useMemo(() => read(kept), [kept])
  const asked = useDeferredValue(findings)
  const begun = Object.keys(findings).length > 0
  const tried = useQuery({
    queryKey: ['try', id, sheet.now.lock_version, asked],
    queryFn: () => api.tryLook(id, asked),
    enabled: begun,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 0,
    retry: false,
  })
  const find = (look: string, change: Finding) => {
    const next = { ...findings, [look]: { ...findings[look], ...change } }
    if (isEmpty(next[look]!)) delete next[look]
    keep(Object.keys(next).length > 0 ? JSON.stringify(next) : '')
  }
  return {
    findings,
    begun,
    find,
    clear: () => keep(''),
    inspection: begun ? (tried.data ?? sheet.inspection) : sheet.inspection,
    pending: begun && (tried.isPlaceholderData || tried.isPending || asked !== findings),
    failed: begun && tried.isError,
  }
}

export type Looking = ReturnType<typeof useInspection>
