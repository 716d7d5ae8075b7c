import type { Reach, Figure, Sentence } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import { FRAME } from './ReachStrip'
import type { ReachScale } from '../scale/scale'

// The gross load, and where the chart ends for it.
export function ReachWords({
  grossY,
  scale,
  reach,
  right,
  grossBelow,
  working,
  shown,
}: {
  grossY: number | null
  scale: ReachScale
  reach: Reach
  right: number
  grossBelow: boolean
  working: boolean
  shown: (figure: Figure | Sentence | null | undefined) => string
}) {
  return (
    <>
      {grossY !== null && (
        <Label
          x={Math.max(
            scale.x(reach.stations[0]?.radius.value ?? 0) + 24,
            Math.min(right - 150, scale.x(reach.stations.at(-1)?.loaded_radius.value ?? 0) + 14),
          )}
          y={grossBelow ? grossY + 17 : grossY - 6}
          size={16}
          fill="var(--mark)"
          halo
        >
          {working ? 'working' : `gross load ${shown(reach.gross)}`}
        </Label>
      )}
      {reach.end && !working && (
        <Label
          x={right - 4}
          y={(grossY ?? FRAME.bottom) - (grossY !== null && !grossBelow ? 25 : 8)}
          anchor="end"
          size={16}
          fill="var(--stop)"
          halo
        >{`${shown(reach.end)} is the end for this load`}</Label>
      )}
    </>
  )
}
