import { useCrane, useCraneAt, useCranePlace } from '../../plan/craneAt'
import { ENDS } from '../../plan/tandem'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { PlaceFields } from '../site/StandFields'
import { Beside } from './Beside'

const MOVES: [string, string][] = [
  ['', 'not given'],
  ['stays', 'it stays where it is'],
  ['slews_and_luffs', 'it slews and luffs'],
  ['walks', 'it walks with the load'],
]

// Where one of two cranes stands, with how much boom, and how it follows its hook.
export function StandsPanel({ editor, ladder }: Pick<PanelProps, 'editor' | 'ladder'>) {
  const at = useCraneAt()
  const place = useCranePlace()
  const crane = useCrane(editor.document)
  const field = { editor, ladder }
  const moves = `/tandem/ends/${at}/moves`
  return (
    <>
      <Heading aside={crane.chart ? editor.document.snapshots.charts[crane.chart]?.data.title : undefined}>
        {at === 0 ? 'Head crane' : 'Tail crane'}
      </Heading>
      <PlaceFields {...field} />
      <Row columns="1fr 1fr">
        <QuantityField {...field} pointer={`${place}/boom_length`} label="Boom length" note="boom length" />
        <ChoiceField
          id={fieldId(`${place}/radius_measured_loaded`)}
          label="Radius measured"
          value={String(crane.radius_measured_loaded)}
          choices={[
            ['false', 'unloaded'],
            ['true', 'under load'],
          ]}
          onChoose={(value) =>
            editor.change(
              { [`${place}/radius_measured_loaded`]: value === 'true' },
              'how the radius was measured',
            )
          }
        />
      </Row>
      <ChoiceField
        id={fieldId(moves)}
        label="To follow its hook"
        note={`how the ${ENDS[at]} crane follows its hook`}
        value={editor.document.tandem?.ends[at]?.moves ?? ''}
        choices={MOVES}
        onChoose={(chosen) => editor.change({ [moves]: chosen || null }, 'how a crane follows its hook')}
      />
    </>
  )
}

// The tail's crane, with the tail's holds side by side.
export function TailCranePanel(given: PanelProps) {
  return (
    <>
      <Beside {...given} />
      <StandsPanel {...given} />
    </>
  )
}
