import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import type { Ladder } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { Label } from '../../drawing/figures/figures'
import { TakersStrip } from '../../drawing/views/TakersStrip'
import { craneOf, machineOf } from '../../plan/crane'
import { useShown } from '../../ui/preferences'

interface Props {
  ladder: Ladder | null
  plan: Plan
  working: boolean
  width: number
}

// The strip where no chart is drawn: why, or who could take the load while no crane is chosen.
export function StripUndrawn({ ladder, plan, working, width }: Props) {
  const shown = useShown()
  const planned = craneOf(plan).chart ? null : (ladder?.first.planned_kg ?? null)
  const takers = useQuery({
    queryKey: ['takers', planned],
    queryFn: () => api.takers(planned!),
    enabled: planned !== null && planned > 0,
    placeholderData: keepPreviousData,
    retry: false,
  })
  if (planned !== null && takers.data && !takers.isPlaceholderData && !working)
    return <TakersStrip takers={takers.data} width={width} />

  const chart = ladder?.rungs.find((rung) => rung.id === 'chart')
  const words = () => {
    if (working || takers.isFetching) return 'working'
    if (chart?.verdict === 'stop') return `Chart: ${shown(chart.note)}. No steps are drawn.`
    if (machineOf(ladder).reads === 'angles')
      return 'This chart goes by the angles of both booms: see Jib and Platform.'
    if (takers.isError) return `Who could take it was not told: ${takers.error.message}`
    return 'Crane: no chart that can be read here yet.'
  }
  return (
    <Label x={36} y={100} size={17}>
      {words()}
    </Label>
  )
}
