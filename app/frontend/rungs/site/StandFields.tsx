import Button from '@mui/material/Button'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { MatPick } from './MatPick'
import { standOf } from '../../plan/stand'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import TextField from '@mui/material/TextField'

type Given = Pick<PanelProps, 'editor' | 'ladder'>
const STAND = '/cranes/0/stand'

// Where the slewing axis is, how high its ground lies, and where the front looks.
export function PlaceFields(given: Given) {
  if (!standOf(given.editor.document)) return null
  return (
    <>
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${STAND}/east`}
          label="East of the peg"
          note="crane east of the peg"
        />
        <QuantityField
          {...given}
          pointer={`${STAND}/north`}
          label="North of the peg"
          note="crane north of the peg"
        />
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${STAND}/ground`}
          label="Ground above peg"
          note="height of the crane's ground"
        />
        <QuantityField
          {...given}
          pointer={`${STAND}/bearing`}
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
  const stand = standOf(editor.document)
  if (!stand) return null
  return (
    <>
      <ChoiceField
        id={fieldId(`${STAND}/mat`)}
        label="Under the pads"
        value={stand.mat ? 'mats' : ''}
        choices={[
          ['', 'nothing: its own pads'],
          ['mats', 'a square mat each'],
        ]}
        onChoose={(chosen) =>
          editor.change(
            { [`${STAND}/mat`]: chosen ? { side: null, mass: null, rated: null } : null },
            chosen ? 'mats under the pads' : 'on its own pads',
          )
        }
      />
      <MatPick editor={editor} />
      {stand.mat && (
        <>
          <Row columns="1fr 1fr">
            <QuantityField
              {...given}
              pointer={`${STAND}/mat/side`}
              label="Side of a mat"
              note="side of a mat"
            />
            <QuantityField
              {...given}
              pointer={`${STAND}/mat/mass`}
              label="Mass of a mat"
              note="mass of a mat"
            />
          </Row>
          <QuantityField
            {...given}
            pointer={`${STAND}/mat/rated`}
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
  const stand = standOf(editor.document)
  if (!stand) return null
  return (
    <>
      <Heading>The load on its way</Heading>
      <QuantityField
        {...given}
        pointer={`${STAND}/carried`}
        label="Underside carried, above the ground"
        note="how high the load is carried"
      />
      <Row columns="1fr 1fr">
        <ChoiceField
          id={fieldId(`${STAND}/load_turned`)}
          label="The load turns"
          value={stand.load_turned ?? ''}
          choices={[
            ['', 'any way: not said'],
            ['with_boom', 'with the boom'],
            ['held', 'not: held by tag lines'],
          ]}
          onChoose={(chosen) =>
            editor.change({ [`${STAND}/load_turned`]: chosen || null }, 'how the load turns')
          }
        />
        {stand.load_turned && (
          <QuantityField
            {...given}
            pointer={`${STAND}/load_axis`}
            label={stand.load_turned === 'held' ? 'Its length, from north' : 'Its length, from the boom'}
            note="how the load's length lies"
          />
        )}
      </Row>
    </>
  )
}

export function WatcherField({ editor }: Pick<Given, 'editor'>) {
  if (!standOf(editor.document)) return null
  return (
    <WordsField
      editor={editor}
      pointer={`${STAND}/watcher`}
      label="Who watches the line and does nothing else"
      note="who watches the power line"
    />
  )
}

// What the load is set down on.
export function DunnageFields(given: Given) {
  const { editor } = given
  const stand = standOf(editor.document)
  if (!stand) return null
  if (!stand.dunnage)
    return (
      <Button
        id={fieldId(`${STAND}/dunnage`)}
        variant="outlined"
        fullWidth
        onClick={() =>
          editor.change(
            { [`${STAND}/dunnage`]: { count: null, length: null, width: null, high: null, form: null } },
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
        id={fieldId(`${STAND}/dunnage/count`)}
        label="How many timbers"
        value={count ?? ''}
        helperText={count ? ' ' : 'not given'}
        slotProps={{ htmlInput: { min: 1, max: 200, step: 1, 'aria-label': 'how many timbers' } }}
        onChange={(event) => {
          const typed = Number(event.target.value)
          const whole = Number.isInteger(typed) && typed >= 1 && typed <= 200
          editor.change({ [`${STAND}/dunnage/count`]: whole ? typed : null }, 'how many timbers', 'typing')
        }}
        onBlur={() => editor.settle('how many timbers typed')}
      />
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${STAND}/dunnage/length`}
          label="Bears over"
          note="length of a timber"
        />
        <QuantityField
          {...given}
          pointer={`${STAND}/dunnage/width`}
          label="Width of one"
          note="width of a timber"
        />
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField
          {...given}
          pointer={`${STAND}/dunnage/high`}
          label="Stack high"
          note="height of the stack"
          empty="one layer"
        />
        <ChoiceField
          id={fieldId(`${STAND}/dunnage/form`)}
          label="Stacked"
          note="how the timbers are stacked"
          value={stand.dunnage.form ?? ''}
          choices={[
            ['', 'one layer'],
            ['box', 'boxed, crosswise'],
            ['wedge', 'wedged'],
            ['notched', 'notched, in pairs'],
          ]}
          onChoose={(form) => editor.change({ [`${STAND}/dunnage/form`]: form || null }, 'how it is stacked')}
        />
      </Row>
    </>
  )
}
