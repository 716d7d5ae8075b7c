import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import type { Entry } from '../grips/ElevationGrips'
import { type Move, Grip } from '../grips/Grip'
import type { At } from '../scale/scale'
import { writeLength } from '../scale/write'
import { PlanScale } from './PlanSheet'
import type { System } from '../../units/units'

// The grips of the load seen from above: CG and points.
export function PlanGrips({
  plan,
  cg,
  drawing,
  system,
  scale,
  moveCg,
  end,
  onRung,
  onEntry,
  at,
  selected,
  movePoint,
  onLeg,
}: {
  plan: Plan
  cg: At
  drawing: Drawing
  system: System
  scale: PlanScale
  moveCg: ({ dx, dz, free }: Move) => void
  end: (note: string) => () => void
  onRung: (id: Rung['id']) => void
  onEntry: (entry: Entry) => void
  at: (place: number[]) => At
  selected: number
  movePoint: (index: number) => ({ dx, dz, free }: Move) => void
  onLeg: (leg: number) => void
}) {
  return (
    <>
      {plan.load.cg.by !== 'take_off' && (
        <Grip
          id="cg"
          x={cg.x}
          y={cg.y + 24}
          name="Centre of gravity"
          value={
            `${writeLength(drawing.cg[0]!, system)}` + ` along, ${writeLength(drawing.cg[1]!, system)} across`
          }
          perMetre={scale.perMetre}
          axis="both"
          onMove={moveCg}
          onEnd={end('centre of gravity moved')}
          onSelect={() => onRung('load')}
          onEntry={() =>
            onEntry({
              ...cg,
              title: 'Centre of gravity',
              fields: ['x', 'y', 'z'].map((axis) => ({
                pointer: `/load/cg/${axis}`,
                label: `centre of gravity ${axis}`,
              })),
            })
          }
        />
      )}
      {drawing.points.map((point, index) => (
        <Grip
          key={index}
          id={`point-${index}`}
          {...at(point.at)}
          name={`${point.name} point`}
          value={`${writeLength(point.at[0]!, system)} along, ${writeLength(point.at[1]!, system)} across`}
          perMetre={scale.perMetre}
          axis="both"
          filled={index === selected}
          onMove={movePoint(index)}
          onEnd={end(`${point.name} point moved`)}
          onSelect={() => onLeg(index)}
          onEntry={() =>
            onEntry({
              ...at(point.at),
              title: `${point.name} point`,
              fields: ['x', 'y', 'z'].map((axis) => ({
                pointer: `/load/points/${index}/${axis}`,
                label: `${point.name} point ${axis}`,
              })),
            })
          }
        />
      ))}
    </>
  )
}
