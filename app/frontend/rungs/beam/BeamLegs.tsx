import Button from '@mui/material/Button'

import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField } from '../shared/fields'

import { fieldId } from '../shared/places'
import { slingChoices } from '../shared/slings'
import { StoredSling } from '../../api/answers.generated'
import { Figure, type Ladder, Sentence } from '../../api/ladder.generated'
import { Rigging, Plan, Load, Beam } from '../../api/plan.generated'
import { RiggingDialog } from '../../plan/dialogs'
import type { Editor } from '../../plan/usePlanEditor'

// The slings above the beam, and the holes that those below it hang from.
export function BeamLegs({
  beam,
  rigging,
  document,
  slings,
  shown,
  takeSling,
  field,
  open,
  load,
  editor,
  holes,
  data,
}: {
  beam: {
    beam: string | null
    span: string | null
    headroom: string | null
    legs: { sling: string | null; length: string | null }[]
    bail?: number | null
  }
  rigging: Rigging
  document: Plan
  slings: StoredSling[]
  shown: (figure: Figure | Sentence | null | undefined) => string
  takeSling: (index: number, number: string) => void
  field: { editor: Editor; ladder: Ladder | null }
  open: (dialog: RiggingDialog) => void
  load: Load
  editor: Editor
  holes: number[]
  data: Beam | undefined
}) {
  return (
    <>
      {beam.legs.length > 0 && <Heading>Above it</Heading>}
      {beam.legs.map((leg, index) => (
        <Row key={index} columns={rigging.set_by === 'leg_lengths' ? '1fr 112px' : '1fr'}>
          <ChoiceField
            id={fieldId(`/rigging/beam/legs/${index}/sling`)}
            label={`Upper sling ${index + 1}`}
            note={`upper sling ${index + 1}`}
            value={leg.sling ?? ''}
            choices={slingChoices(document, slings, shown)}
            onChoose={(number) => takeSling(index, number)}
          />
          {rigging.set_by === 'leg_lengths' && (
            <QuantityField
              {...field}
              pointer={`/rigging/beam/legs/${index}/length`}
              label="Length"
              note={`length of upper sling ${index + 1}`}
            />
          )}
        </Row>
      ))}
      {beam.legs.length > 0 && (
        <Button variant="outlined" fullWidth sx={{ minHeight: 44 }} onClick={() => open('store_above')}>
          Pick from the store, above the beam
        </Button>
      )}
      <Heading>Below it</Heading>
      {rigging.legs.map((leg, index) => (
        <ChoiceField
          key={index}
          id={fieldId(`/rigging/legs/${index}/hole`)}
          label={`${load.points[index]?.name ?? ''} leg hangs from`}
          note={`hole of the ${load.points[index]?.name ?? ''} leg`}
          value={String(leg.hole ?? '')}
          onChoose={(hole) =>
            editor.change(
              { [`/rigging/legs/${index}/hole`]: hole === '' ? null : Number(hole) },
              `hole of the ${load.points[index]?.name} leg`,
            )
          }
          choices={[
            ['', 'not given'],
            ...holes.map((at, hole): [string, string] => [
              String(hole),
              data?.kind === 'lifting'
                ? `hole ${hole + 1}, ${at} m from the middle`
                : hole === 0
                  ? 'the end at low x'
                  : 'the end at high x',
            ]),
          ]}
        />
      ))}
    </>
  )
}
