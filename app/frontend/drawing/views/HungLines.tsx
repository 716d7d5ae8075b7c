import type { Drawing, Rung, Figure, Sentence } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { BeamFigure, HookBlock } from '../figures/lifting'
import { AngleArcs, LegLine, SlackLine } from '../figures/legs'
import { At } from '../scale/scale'
import { kindOf, inPlane } from './Elevation'

// Hook, beam, and the slings above and below it, as they hang.
export function HungLines({
  drawing,
  onRung,
  working,
  at,
  colour,
  plan,
  hook,
  onLeg,
  tops,
  points,
  lit,
  selected,
  shown,
  moved,
  top,
}: {
  drawing: Drawing
  onRung: (id: Rung['id']) => void
  working: boolean
  at: (place: number[]) => { x: number; y: number }
  colour: (verdict: Rung['verdict'] | undefined, about: string) => string
  plan: Plan
  hook: At
  onLeg: (leg: number) => void
  tops: { x: number; y: number }[]
  points: At[]
  lit: string | null
  selected: number
  shown: (figure: Figure | Sentence | null | undefined) => string
  moved: boolean
  top: number
}) {
  return (
    <>
      {drawing.uppers.map((one, index) => (
        <g key={index} onClick={() => onRung('upper')} style={{ cursor: 'pointer' }} data-upper={index}>
          {one.slack && !working ? (
            <SlackLine
              from={at(one.top)}
              to={at(one.bottom)}
              colour={colour(one.verdict, `upper:${index}`)}
            />
          ) : (
            <LegLine
              from={at(one.top)}
              to={at(one.bottom)}
              kind={kindOf(plan, plan.rigging.beam?.legs[index]?.sling)}
              colour={colour(one.verdict, `upper:${index}`)}
            />
          )}
        </g>
      ))}
      {drawing.beam && drawing.uppers.length === 0 && (
        <path
          d={`M${hook.x} ${hook.y}L${at(drawing.beam.eyes[0]!).x} ${at(drawing.beam.eyes[0]!).y}`}
          stroke="var(--ink)"
          strokeWidth={5}
        />
      )}
      {drawing.hook &&
        drawing.legs.map((one, index) => (
          <g
            key={index}
            onClick={() => {
              onLeg(index)
              onRung('slings')
            }}
            style={{ cursor: 'pointer' }}
            data-leg={one.name}
          >
            <path
              d={`M${tops[index]!.x} ${tops[index]!.y}L${points[index]!.x} ${points[index]!.y}`}
              stroke="transparent"
              strokeWidth={22}
            />
            {one.slack && !working ? (
              <SlackLine
                from={tops[index]!}
                to={points[index]!}
                colour={colour(one.verdict, `leg:${index}`)}
              />
            ) : (
              <LegLine
                from={tops[index]!}
                to={points[index]!}
                kind={kindOf(plan, plan.rigging.legs[index]?.sling)}
                colour={colour(one.verdict, `leg:${index}`)}
              />
            )}
          </g>
        ))}
      {drawing.beam && (
        <BeamFigure
          holes={drawing.beam.holes.map(at)}
          eyes={drawing.beam.eyes.map(at)}
          used={drawing.beam.used}
          colour={lit === 'beam' ? 'var(--mark)' : 'var(--ink)'}
          number={drawing.beam.number}
        />
      )}
      {drawing.hook &&
        drawing.legs.map(
          (one, index) =>
            one.run.value > 1e-6 &&
            index === selected &&
            !one.slack &&
            inPlane(tops[index]!, points[index]!, one.from_horizontal.value) && (
              <AngleArcs
                key={index}
                hook={tops[index]!}
                point={points[index]!}
                h={shown(one.from_horizontal)}
                b={points.length > 2 ? null : shown(one.from_plumb)}
              />
            ),
        )}
      {drawing.hook && <HookBlock x={hook.x} y={hook.y} top={moved ? hook.y - 200 : top} />}
    </>
  )
}
