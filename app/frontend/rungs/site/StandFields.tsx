import Button from '@mui/material/Button'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { MatPick } from './MatPick'
import { useCrane, useCranePlace } from '../../plan/craneAt'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import TextField from '@mui/material/TextField'

type Given = Pick<PanelProps, 'editor' | 'ladder'>
const useStandPlace = () => `${useCranePlace()}/stand`

// Where the slewing axis is, how high its ground lies, and where the front looks.
export function PlaceFields(given: Given) {
  const place = useStandPlace()
  if (!useCrane(given.editor.document).stand) return null
  return (
    <>
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${place}/east`}
          label="East of the peg"
          note="crane east of the peg"
        />
        <QuantityField
          {...given}
          pointer={`${place}/north`}
          label="North of the peg"
          note="crane north of the peg"
        />
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${place}/ground`}
          label="Ground above peg"
          note="height of the crane's ground"
        />
        <QuantityField
          {...given}
          pointer={`${place}/bearing`}
          label="Front bears"
          note="bearing of the crane's front"
        />
      </Row>
    </>
  )
}

// Mats under the pads, or the machine's own pads.
export function MatFields(given: Given) {
  const { editor } = given
  const { stand } = useCrane(editor.document)
  const place = useStandPlace()
  if (!stand) return null
  return (
    <>
      <ChoiceField
        id={fieldId(`${place}/mat`)}
        label="Under the pads"
        value={stand.mat ? 'mats' : ''}
        choices={[
          ['', 'nothing: its own pads'],
          ['mats', 'a square mat each'],
        ]}
        onChoose={(chosen) =>
          editor.change(
            { [`${place}/mat`]: chosen ? { side: null, mass: null, rated: null } : null },
            chosen ? 'mats under the pads' : 'on its own pads',
          )
        }
      />
      {!editor.document.tandem && <MatPick editor={editor} />}
      {stand.mat && (
        <>
          <Row columns="1fr 1fr">
            <QuantityField
              {...given}
              pointer={`${place}/mat/side`}
              label="Side of a mat"
              note="side of a mat"
            />
            <QuantityField
              {...given}
              pointer={`${place}/mat/mass`}
              label="Mass of a mat"
              note="mass of a mat"
            />
          </Row>
          <QuantityField
            {...given}
            pointer={`${place}/mat/rated`}
            label="What a mat may carry"
            note="what a mat may carry"
            empty="not given: no more than the rule set lets it spread"
          />
        </>
      )}
    </>
  )
}

// How high the load goes and how it is turned on the way.
export function CarriedFields(given: Given) {
  const { editor } = given
  const { stand } = useCrane(editor.document)
  const place = useStandPlace()
  if (!stand) return null
  return (
    <>
      <Heading>The load on its way</Heading>
      <QuantityField
        {...given}
        pointer={`${place}/carried`}
        label="Underside carried, above the ground"
        note="how high the load is carried"
      />
      <Row columns="1fr 1fr">
        <ChoiceField
          id={fieldId(`${place}/load_turned`)}
          label="The load turns"
          value={stand.load_turned ?? ''}
          choices={[
            ['', 'any way: not said'],
            ['with_boom', 'with the boom'],
            ['held', 'not: held by tag lines'],
          ]}
          onChoose={(chosen) =>
            editor.change({ [`${place}/load_turned`]: chosen || null }, 'how the load turns')
          }
        />
        {stand.load_turned && (
          <QuantityField
            {...given}
            pointer={`${place}/load_axis`}
            label={stand.load_turned === 'held' ? 'Its length, from north' : 'Its length, from the boom'}
            note="how the load's length lies"
          />
        )}
      </Row>
    </>
  )
}

export function WatcherField({ editor }: Pick<Given, 'editor'>) {
  const place = useStandPlace()
  if (!useCrane(editor.document).stand) return null
  return (
    <WordsField
      editor={editor}
      pointer={`${place}/watcher`}
      label="Who watches the line and does nothing else"
      note="who watches the power line"
    />
  )
}

// What the load is set down on.
export function DunnageFields(given: Given) {
  const { editor } = given
  const { stand } = useCrane(editor.document)
  const place = useStandPlace()
  if (!stand) return null
  if (!stand.dunnage)
    return (
      <Button
        id={fieldId(`${place}/dunnage`)}
        variant="outlined"
        fullWidth
        onClick={() =>
          editor.change(
            { [`${place}/dunnage`]: { count: null, length: null, width: null, high: null, form: null } },
            'timbers at the landing',
          )
        }
      >
        Set it down on timbers
      </Button>
    )
  const count = stand.dunnage.count
  return (
    <>
      <TextField
        variant="filled"
        fullWidth
        type="number"
        id={fieldId(`${place}/dunnage/count`)}
        label="How many timbers"
        value={count ?? ''}
        helperText={count ? ' ' : 'not given'}
        slotProps={{ htmlInput: { min: 1, max: 200, step: 1, 'aria-label': 'how many timbers' } }}
        onChange={(event) => {
          const typed = Number(event.target.value)
          const whole = Number.isInteger(typed) && typed >= 1 && typed <= 200
          editor.change({ [`${place}/dunnage/count`]: whole ? typed : null }, 'how many timbers', 'typing')
        }}
        onBlur={() => editor.settle('how many timbers typed')}
      />
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${place}/dunnage/length`}
          label="Bears over"
          note="length of a timber"
        />
        <QuantityField
          {...given}
          pointer={`${place}/dunnage/width`}
          label="Width of one"
          note="width of a timber"
        />
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${place}/dunnage/high`}
          label="Stack high"
          note="height of the stack"
          empty="one layer"
        />
        <ChoiceField
          id={fieldId(`${place}/dunnage/form`)}
          label="Stacked"
          note="how the timbers are stacked"
          value={stand.dunnage.form ?? ''}
          choices={[
            ['', 'one layer'],
            ['box', 'boxed, crosswise'],
            ['wedge', 'wedged'],
            ['notched', 'notched, in pairs'],
          ]}
          onChoose={(form) => editor.change({ [`${place}/dunnage/form`]: form || null }, 'how it is stacked')}
        />
      </Row>
    </>
  )
}
