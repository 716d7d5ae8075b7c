import type { Tailing, TailingStep } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { Grip, type Move } from '../grips/Grip'
import { ownMove, placeAt, type TailingScale } from '../scale/tailingScale'
import { writeLength } from '../scale/write'
import { useStation } from '../views/craneParts'
import { ENDS } from '../../plan/tandem'

interface Props {
  view: Tailing
  step: TailingStep
  scale: TailingScale
  plan: Plan
  editor: Actions
  places: { x: number; z: number }[]
  onSelect: () => void
}

// Head and tail point, moved as the load stands: along it, and how high its lug stands over it.
export function TailingGrips({ view, step, scale, plan, editor, places, onSelect }: Props) {
  const { system } = usePreferences().preferences
  const { start, end } = useStation(editor)
  // Toward the head along the load's own length.
  const way = (places[0]?.x ?? 1) > (places[1]?.x ?? 0) ? 1 : -1
  return (
    <>
      {ENDS.map((side, index) => {
        const [x, z] = placeAt(step, view.points[index]!)
        const own = places[index]
        if (!own) return null
        const move = ({ dx, dz, free }: Move) => {
          const [along, up] = start([own.x, own.z])
          const [du, dv] = ownMove(step, dx, dz)
          editor.change(
            {
              [`/load/points/${index}/x`]: writeLength(along + way * du, system, free),
              [`/load/points/${index}/z`]: writeLength(up + dv, system, free),
            },
            `${side} point`,
            'drag',
          )
        }
        return (
          <Grip
            key={side}
            id={`tailing-${side}`}
            x={scale.x(x)}
            y={scale.y(z)}
            name={`${side} point, ${plan.load.points[index]?.name ?? ''}`}
            value={`${own.x.toFixed(3)} m along, ${own.z.toFixed(3)} m up`}
            perMetre={scale.perMetre}
            axis="both"
            onMove={move}
            onEnd={end(`${side} point`)}
            onSelect={onSelect}
          />
        )
      })}
    </>
  )
}
