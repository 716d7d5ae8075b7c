import { useRef } from 'react'
import type { CraneView } from '../../api/ladder.generated'
import type { Chart, Plan } from '../../api/plan.generated'
import type { Actions } from '../../plan/usePlanEditor'
import type { CraneScale } from '../scale/craneScale'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { craneOf } from '../../plan/crane'

// A place on the way, as the indicator in the cab tells it.
export interface Live {
  radius: number
  slew: number | null
  hook: number
  along: number
}

export interface Props {
  view: CraneView
  plan: Plan
  scale: CraneScale
  editor: Actions | null
  working: boolean
  onSelect: () => void
  live?: Live | null
}

export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
// Moves a station by its grip: keeps where it was when the hand took it.
export const useStation = (editor: Actions | null) => {
  const from = useRef<[number, number] | null>(null)
  const start = (place: [number, number]) => (from.current ??= place)
  const end = (note: string) => () => {
    from.current = null
    editor?.settle(note)
  }
  return { start, end }
}

// The diagram of the chart that a plan carries, asked for once.
export const useDiagram = (plan: Plan) => {
  const snapshot = plan.snapshots.charts[craneOf(plan).chart ?? '']
  return (
    useQuery({
      queryKey: ['diagram', snapshot?.digest],
      queryFn: () => api.diagram(snapshot!.data as Chart),
      enabled: !!snapshot,
      staleTime: Infinity,
      retry: false,
    }).data ?? null
  )
}

// Height of the tip at a radius between the stations, from the booms that are drawn at them: one that luffs,
// or grows, turns about its foot; a trolley or a hoist stays level. null where no tip is known.
export function tipAt(stations: CraneView['stations'], radius: number): number | null {
  const known = stations
    .filter((station) => station.tip_m !== null)
    .sort((one, other) => one.loaded_m - other.loaded_m)
  const after = known.find((station) => station.loaded_m >= radius) ?? known.at(-1)
  const before = known.filter((station) => station.loaded_m <= radius).at(-1) ?? known[0]
  if (!before || !after) return null

  const apart = after.loaded_m - before.loaded_m
  const share = apart > 0 ? (radius - before.loaded_m) / apart : 0
  const mix = (one: number, other: number) => one + (other - one) * share
  const foot = before.boom[0]
  if (!foot || foot[1] === before.boom.at(-1)![1]) return mix(before.tip_m!, after.tip_m!)

  const long = (station: typeof before) => Math.hypot(station.loaded_m - foot[0]!, station.tip_m! - foot[1]!)
  const up = mix(long(before), long(after)) ** 2 - (radius - foot[0]!) ** 2
  return up > 0 ? foot[1]! + Math.sqrt(up) : null
}
