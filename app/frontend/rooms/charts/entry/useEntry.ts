import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { api, type ChartPart } from '../../../api/client'
import { compose, type Sheet } from './sheet'

const WAITS_MS = 350

// How the server reads a sheet, a moment after the hand has come to rest.
export function useEntry(sheet: Sheet) {
  const composed = useMemo(() => compose(sheet), [sheet])
  const [asked, setAsked] = useState(composed)
  useEffect(() => {
    const timer = setTimeout(() => setAsked(composed), WAITS_MS)
    return () => clearTimeout(timer)
  }, [composed])
  const read = useQuery({
    queryKey: ['typed_chart', asked.text],
    queryFn: async ({ signal }) => {
      const parts: ChartPart[] = []
      await api.readCharts([new File([asked.text], 'typed.csv')], (part) => parts.push(part), signal)
      return { part: parts[0]!, places: asked.places }
    },
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 10_000,
  })
  const faults = useMemo(
    () =>
      [...(read.data?.part.refused ?? []), ...(read.data?.part.reading.faults ?? [])].map((fault) => ({
        ...fault,
        place: read.data?.places.get(Number(/^line (\d+)/.exec(fault.pointer)?.[1])),
      })),
    [read.data],
  )
  return {
    part: read.data?.part,
    faults,
    error: read.error,
    // Is what is shown of it what is typed now?
    fresh: !read.isFetching && asked.text === composed.text,
  }
}
