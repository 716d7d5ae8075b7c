import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Beam, Rigging } from '../../api/plan.generated'
import type { ElevationScale, At } from '../scale/scale'
import { Entry } from './ElevationGrips'
import { type Move, Grip } from './Grip'

// Span and height of a beam, and the holes that the legs hang from.
export function BeamGrips({
  drawing,
  last,
  axis,
  marked,
  beam,
  scale,
  moveSpan,
  end,
  onRung,
  opens,
  selected,
  at,
  rigging,
  moveHole,
  byLengths,
  moveBeam,
}: {
  drawing: Drawing
  last: { x: number; y: number } | null
  axis: number
  marked: Beam | undefined
  beam:
    | {
        beam: string | null
        span: string | null
        headroom: string | null
        legs: { sling: string | null; length: string | null }[]
        bail?: number | null
      }
    | null
    | undefined
  scale: ElevationScale
  moveSpan: ({ dx, free }: Move) => void
  end: (note: string) => () => void
  onRung: (id: Rung['id']) => void
  opens: (title: string, place: At, fields: Entry['fields']) => () => void
  selected: number
  at: (place: number[]) => { x: number; y: number }
  rigging: Rigging
  moveHole: (index: number) => ({ dx }: Move) => void
  byLengths: boolean
  moveBeam: ({ dz, free }: Move) => void
}) {
  return (
    <>
      {drawing.beam && last && axis === 0 && marked?.kind === 'spreader' && (
        <Grip
          id="span"
          x={last.x + 22}
          y={last.y}
          name="Span of the beam"
          value={beam?.span ?? 'not given'}
          perMetre={scale.perMetre}
          axis="x"
          onMove={moveSpan}
          onEnd={end('span of the beam changed')}
          onSelect={() => onRung('beam')}
          onEntry={opens('Beam', last, [{ pointer: '/rigging/beam/span', label: 'span of the beam' }])}
        />
      )}
      {drawing.beam &&
        marked?.kind === 'lifting' &&
        axis === 0 &&
        drawing.legs.map(
          (leg, index) =>
            index === selected && (
              <Grip
                key={index}
                id={`hole-${index}`}
                x={at(leg.top).x}
                y={at(leg.top).y + 20}
                name={`Hole of the ${leg.name} leg`}
                value={`hole ${(rigging.legs[index]?.hole ?? 0) + 1}`}
                perMetre={scale.perMetre}
                axis="x"
                onMove={moveHole(index)}
                onEnd={end(`hole of the ${leg.name} leg changed`)}
                onSelect={() => onRung('beam')}
              />
            ),
        )}
      {drawing.beam && !byLengths && drawing.uppers.length > 0 && (
        <Grip
          id="beam"
          x={at(drawing.beam.eyes[0]!).x - 24}
          y={at(drawing.beam.eyes[0]!).y}
          name="Height of the beam"
          value={beam?.headroom ?? 'not given'}
          perMetre={scale.perMetre}
          axis="z"
          onMove={moveBeam}
          onEnd={end('height of the beam changed')}
          onSelect={() => onRung('beam')}
          onEntry={opens('Beam', at(drawing.beam.eyes[0]!), [
            { pointer: '/rigging/beam/headroom', label: 'hook above the beam' },
          ])}
        />
      )}
    </>
  )
}
