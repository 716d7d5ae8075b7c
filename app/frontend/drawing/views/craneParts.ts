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
