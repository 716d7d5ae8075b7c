import { useShown } from '../../ui/preferences'
import { ChoiceField } from '../../ui/ChoiceField'
import { Row } from '../../ui/Row'
import { QuantityField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { keptSlings, usedSlings, useStore } from '../shared/slings'

import { BeamLegs } from './BeamLegs'

// The plan's own beam, then those of the store that are ready.
const beamChoices = (
  chosen: string | null,
  beams: ReturnType<typeof useStore>['beams'],
): [string, string][] => [
  ['', 'none chosen'],
  ...(chosen && !beams.some((piece) => piece.data.number === chosen)
    ? [[chosen, `${chosen}, kept in the plan`] as [string, string]]
    : []),
  ...beams
    .filter((piece) => piece.fields.state === 'ready' || piece.data.number === chosen)
    .map((piece): [string, string] => [piece.data.number, `${piece.data.number}, ${piece.data.size}`]),
]

// The beam, how it is set, the slings above it, and the hole of every leg.
export function BeamPanel({ editor, ladder, open }: PanelProps) {
  const { document } = editor
  const { rigging, load, snapshots } = document
  const { slings, beams, failed } = useStore(document)
  const shown = useShown()
  const beam = rigging.beam
  if (!beam) return null
  const field = { editor, ladder }
  const data = snapshots.beams?.[beam.beam ?? '']?.data
  const holes = data?.kind === 'lifting' ? [...data.holes_m].sort((one, other) => one - other) : [-1, 1]
  const bails = [...(data?.bails_m ?? [])].sort((one, other) => one - other)
  const takeBeam = (number: string) => {
    const taken = beams.find((piece) => piece.data.number === number)
    if (!taken)
      return editor.change({ '/rigging/beam/beam': null, '/snapshots/beams': undefined }, 'no beam chosen')
    const legs = rigging.legs.map((leg) => ({ ...leg, hole: (leg.hole ?? 0) > 0 ? taken.holes - 1 : 0 }))
    const above = Array.from(
      { length: taken.eyes },
      (_, index) => beam.legs[index] ?? { sling: null, length: null },
    )
    editor.change(
      {
        '/rigging/beam': {
          ...beam,
          beam: number,
          bail: null,
          legs: above,
          span: taken.data.kind === 'spreader' ? (beam.span ?? `${taken.data.spans[0]!.span_m} m`) : null,
        },
        '/rigging/legs': legs,
        '/snapshots/beams': { [number]: { digest: taken.digest, data: taken.data } },
        '/snapshots/slings': keptSlings(
          document,
          [...legs.map((leg) => leg.sling), ...above.map((leg) => leg.sling)],
          null,
          slings,
        ),
      },
      `beam ${number}`,
    )
  }
  const takeSling = (index: number, number: string) => {
    const used = usedSlings(document)
    used[rigging.legs.length + index] = number || null
    editor.change(
      {
        [`/rigging/beam/legs/${index}/sling`]: number || null,
        '/snapshots/slings': keptSlings(document, used, number || null, slings),
      },
      `upper sling ${index + 1}`,
    )
  }
  const choices = beamChoices(beam.beam, beams)
  return (
    <>
      {failed && (
        <div role="alert" style={{ color: 'var(--stop)' }}>
          The store could not be read.
        </div>
      )}
      <ChoiceField
        id={fieldId('/rigging/beam/beam')}
        label="Beam"
        value={beam.beam ?? ''}
        choices={choices}
        onChoose={takeBeam}
      />
      <div style={{ height: 8 }} />
      <Row columns="1fr 1fr">
        {data?.kind === 'lifting' ? (
          <span />
        ) : (
          <QuantityField
            {...field}
            pointer="/rigging/beam/span"
            label="Span, end to end"
            note="span of the beam"
          />
        )}
        {rigging.set_by === 'hook_height' && beam.legs.length > 0 ? (
          <QuantityField
            {...field}
            pointer="/rigging/beam/headroom"
            label="Hook above the beam"
            note="hook above the beam"
          />
        ) : (
          <span />
        )}
      </Row>
      {rigging.set_by === 'hook_height' && (
        <QuantityField
          {...field}
          pointer="/rigging/hook_height"
          label="Hook bearing above the load's base"
          note="hook height"
        />
      )}
      {data && data.spans.length > 0 && (
        <div className="small">
          Marked: {data.spans.map(({ span_m, kg }) => `${span_m} m: ${kg} kg`).join(', ')}
          {data.least_deg_from_horizontal
            ? `; upper slings ${data.least_deg_from_horizontal}° from horizontal or steeper`
            : ''}
          .
        </div>
      )}
      {bails.length > 0 && (
        <ChoiceField
          id={fieldId('/rigging/beam/bail')}
          label="Its bail is in"
          note="hole of the bail"
          value={String(beam.bail ?? '')}
          choices={[
            ['', 'not given'],
            ...bails.map((place, hole): [string, string] => [
              String(hole),
              `hole ${hole + 1}, ${place} m from the middle`,
            ]),
          ]}
          onChoose={(hole) =>
            editor.change({ '/rigging/beam/bail': hole === '' ? null : Number(hole) }, 'hole of the bail')
          }
        />
      )}
      <BeamLegs
        beam={beam}
        rigging={rigging}
        document={document}
        slings={slings}
        shown={shown}
        takeSling={takeSling}
        field={field}
        open={open}
        load={load}
        editor={editor}
        holes={holes}
        data={data}
      />
    </>
  )
}
