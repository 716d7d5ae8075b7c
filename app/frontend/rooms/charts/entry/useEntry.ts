import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { api, type ChartPart } from '../../../api/client'
import { blankSheet, compose, type Sheet } from './sheet'

const PLACE = 'dust-ladder-chart-entry'
const WAITS_MS = 350

const kept = (): Sheet => {
  try {
    const sheet = JSON.parse(localStorage.getItem(PLACE) ?? 'null') as Sheet | null
    return sheet ? { ...blankSheet(sheet.family), ...sheet } : blankSheet()
  } catch {
    return blankSheet()
  }
}

// What is typed, kept in this browser until it is taken; and how the server reads it, a moment after the hand
// has come to rest.
export function useEntry() {
  const [sheet, setSheet] = useState(kept)
  const composed = useMemo(() => compose(sheet), [sheet])
  const [asked, setAsked] = useState(composed)
  useEffect(() => {
    localStorage.setItem(PLACE, JSON.stringify(sheet))
  }, [sheet])
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
    sheet,
    change: (part: Partial<Sheet>) => setSheet((now) => ({ ...now, ...part })),
    begin: () => setSheet(blankSheet()),
    forget: () => localStorage.removeItem(PLACE),
    part: read.data?.part,
    faults,
    error: read.error,
    // Is what is shown of it what is typed now?
    fresh: !read.isFetching && asked.text === composed.text,
  }
}
