import Button from '@mui/material/Button'
import { leavingTwo } from '../../plan/tandem'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { HookBeamFields } from './HookBeamFields'

const DOES: [string, string][] = [
  ['', 'not given'],
  ['stand_up', 'stand it up'],
  ['lay_down', 'lay it down'],
  ['carry', 'carry it level'],
]
const COMES: [string, string][] = [
  ['', 'not given'],
  ['tail', 'the tail’s; the head’s stays'],
  ['head', 'the head’s; the tail’s stays'],
  ['both', 'both, half each'],
]

// What two cranes do with the load between them, where their hooks are, and who hands over to whom.
export function TurnPanel({ editor, ladder }: Pick<PanelProps, 'editor' | 'ladder'>) {
  const { tandem } = editor.document
  const field = { editor, ladder }
  if (!tandem) return null
  const carry = tandem.does === 'carry'
  return (
    <>
      <Row columns="1fr 1fr">
        <ChoiceField
          id={fieldId('/tandem/does')}
          label="Both cranes"
          note="what both cranes do"
          value={tandem.does ?? ''}
          choices={DOES}
          onChoose={(does) => editor.change({ '/tandem/does': does || null }, 'what both cranes do')}
        />
        <QuantityField
          {...field}
          pointer="/tandem/under"
          label="Lowest corner, over peg"
          note="how high the load's lowest corner is kept"
        />
      </Row>
      {!carry && (
        <>
          <Row columns="1fr 1fr">
            <QuantityField
              {...field}
              pointer="/tandem/from"
              label="From a tilt of"
              note="tilt it begins with"
            />
            <QuantityField {...field} pointer="/tandem/to" label="To a tilt of" note="tilt it ends with" />
          </Row>
          <ChoiceField
            id={fieldId('/tandem/comes')}
            label="Which hook comes as the lines draw near"
            value={tandem.comes ?? ''}
            choices={COMES}
            onChoose={(comes) => editor.change({ '/tandem/comes': comes || null }, 'which hook comes')}
          />
        </>
      )}
      <Heading aside="as it begins, from the site's peg">Head’s hook</Heading>
      <Row columns="1fr 1fr">
        <QuantityField {...field} pointer="/tandem/head_at/east" label="East" note="head's hook, east" />
        <QuantityField {...field} pointer="/tandem/head_at/north" label="North" note="head's hook, north" />
      </Row>
      <QuantityField
        {...field}
        pointer="/tandem/bearing"
        label="Bearing from the tail’s hook to the head’s"
        note="bearing from tail to head"
      />
      {carry ? <CarryFields {...field} /> : <HandoverFields {...field} />}
      <HookBeamFields {...field} />
      <HoldFields {...field} />
      <Heading aside="jerking, rough ground, poor brakes">Adds to the load</Heading>
      <QuantityField
        {...field}
        pointer="/tandem/dynamic"
        label="Such as 10 %"
        note="what jerking adds to the load"
        empty="nothing"
      />
      <Button
        variant="outlined"
        fullWidth
        onClick={() => editor.change(leavingTwo(editor.document), 'one crane again')}
      >
        One crane again: the head’s
      </Button>
    </>
  )
}

type Given = Pick<PanelProps, 'editor' | 'ladder'>

// Where a carried load ends, and how far apart in height both hooks may get.
function CarryFields({ editor, ladder }: Given) {
  const field = { editor, ladder }
  return (
    <>
      <QuantityField
        {...field}
        pointer="/tandem/out_of_step"
        label="One hook ahead of the other, at most"
        note="how far one hook may be ahead"
      />
      <Heading aside="head’s hook at the end">Carried to</Heading>
      {editor.document.tandem?.head_to ? (
        <Row columns="1fr 1fr 1fr">
          <QuantityField
            {...field}
            pointer="/tandem/head_to/east"
            label="East"
            note="head's hook ends, east"
          />
          <QuantityField
            {...field}
            pointer="/tandem/head_to/north"
            label="North"
            note="head's hook ends, north"
          />
          <QuantityField
            {...field}
            pointer="/tandem/head_to/bearing"
            label="Bearing"
            note="bearing at the end"
          />
        </Row>
      ) : (
        <Button
          id={fieldId('/tandem/head_to')}
          variant="outlined"
          onClick={() =>
            editor.change(
              { '/tandem/head_to': { east: null, north: null, bearing: null } },
              'where it is carried',
            )
          }
        >
          Say where it is carried
        </Button>
      )}
    </>
  )
}

// Where it is held on the day, and both hooks are read.
function HoldFields({ editor, ladder }: Given) {
  const holds = editor.document.tandem?.holds ?? []
  return (
    <>
      <Heading aside="both hooks are read there, on the day">Hold points</Heading>
      {holds.map((_, index) => (
        <Row key={index} columns="1fr auto">
          <QuantityField
            editor={editor}
            ladder={ladder}
            pointer={`/tandem/holds/${index}`}
            label={editor.document.tandem?.does === 'carry' ? 'Held, of its way' : 'Held at a tilt of'}
            note={`hold point ${index + 1}`}
          />
          <Button
            variant="outlined"
            aria-label={`take away hold point ${index + 1}`}
            onClick={() =>
              editor.change(
                { '/tandem/holds': holds.filter((_one, place) => place !== index) },
                'hold point taken away',
              )
            }
          >
            −
          </Button>
        </Row>
      ))}
      {holds.length < MOST_HOLDS && (
        <Button
          variant="outlined"
          onClick={() => editor.change({ '/tandem/holds': [...holds, null] }, 'hold point')}
        >
          Add a hold point
        </Button>
      )}
    </>
  )
}
const MOST_HOLDS = 12

// Where the tail crane lets go, and by whose plan.
function HandoverFields({ editor, ladder }: Given) {
  const field = { editor, ladder }
  return (
    <>
      <Heading aside="before a line goes slack">Handover</Heading>
      {editor.document.tandem?.handover ? (
        <Row columns="92px 1fr auto">
          <QuantityField
            {...field}
            pointer="/tandem/handover/at"
            label="At a tilt"
            note="tilt of the handover"
          />
          <WordsField
            editor={editor}
            pointer="/tandem/handover/by"
            label="Planned by"
            note="who planned the handover"
          />
          <Button
            variant="outlined"
            aria-label="take away the handover"
            onClick={() => editor.change({ '/tandem/handover': null }, 'handover taken away')}
          >
            −
          </Button>
        </Row>
      ) : (
        <Button
          id={fieldId('/tandem/handover')}
          variant="outlined"
          onClick={() => editor.change({ '/tandem/handover': { at: null, by: '' } }, 'handover')}
        >
          Plan the handover
        </Button>
      )}
    </>
  )
}
