import type { Ladder as Whole, Rung, RungId } from '../api/ladder.generated'
import type { LadderLayout } from './layout'

// What a ladder is drawn from.
export interface LadderProps {
  flights: Whole['flights']
  rungs: Rung[]
  working: boolean
  governs: RungId[]
  selected: RungId
  onSelect: (id: RungId) => void
  layout: LadderLayout
  height: number
  scope: Whole['scope']
  onNear: () => void
}
