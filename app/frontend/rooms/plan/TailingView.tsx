import type { Ladder, RungId } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { Label } from '../../drawing/figures/figures'
import { TailingSheet } from '../../drawing/tailing/TailingSheet'
import type { Actions } from '../../plan/usePlanEditor'

interface Props {
  ladder: Ladder | null
  plan: Plan
  editor: Actions
  working: boolean
  width: number
  height: number
  select: (id: RungId) => void
}

// A load between two cranes, or what is still wanted before it can be drawn.
export const TailingView = ({ ladder, working, ...given }: Props) =>
  ladder?.tailing ? (
    <TailingSheet view={ladder.tailing} ladder={ladder} {...given} />
  ) : (
    <Label x={36} y={120} size={17}>
      {working ? 'working' : 'Nothing to draw yet: load, points, tilts and the head’s hook are needed.'}
    </Label>
  )
