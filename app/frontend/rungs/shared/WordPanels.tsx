import TextField from '@mui/material/TextField'
import { at } from '../../plan/pointers'
import { ChoiceField } from '../../ui/ChoiceField'
import { QuantityField, WordsField } from './fields'
import { Row } from '../../ui/Row'
import { SiteChoice } from '../site/SiteChoice'
import { CarriedFields, PlaceFields, WatcherField } from '../site/StandFields'
import type { PanelProps } from './panel'
import { fieldId } from './places'

type WordRung = 'ground' | 'power_lines' | 'obstacles' | 'crew'
interface Asked {
  what: string
  says: string
}

const ASKED: Record<WordRung, Asked> = {
  ground: { what: 'ground', says: 'What it bears, and where that is written' },
  power_lines: { what: 'power lines', says: 'What was found, and where' },
  obstacles: { what: 'obstacles and people', says: 'What is in the way, and how people are kept out' },
  crew: { what: 'crew', says: 'Operator, slinger, signaller, supervisor' },
}

const LINES: [string, string][] = [
  ['', 'not given'],
  ['none', 'none as far as was looked'],
  ['known', 'one of known voltage'],
  ['unknown', 'one whose voltage nobody knows'],
]

// A day of the plan, or none.
function DayField({
  editor,
  pointer,
  label,
  note,
  empty,
}: Pick<PanelProps, 'editor'> & { pointer: string; label: string; note: string; empty: string }) {
  const value = (at(editor.document, pointer) as string | null) ?? ''
  return (
    <TextField
      variant="filled"
      fullWidth
      type="date"
      id={fieldId(pointer)}
      label={label}
      value={value}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'aria-label': note } }}
      helperText={value ? ' ' : empty}
      onChange={(event) => editor.change({ [pointer]: event.target.value || null }, note)}
    />
  )
}

// Who says what, since when, and until when it counts.
export function WordFields({ editor, rung, of }: Pick<PanelProps, 'editor' | 'rung'> & { of: WordRung }) {
  const { what, says } = ASKED[of]
  const place = `/by_word/${of}`
  return (
    <>
      <WordsField editor={editor} pointer={`${place}/says`} label={says} note={`what is said of ${what}`} />
      <WordsField editor={editor} pointer={`${place}/by`} label="Says who" note={`who answers for ${what}`} />
      <Row columns="1fr 1fr">
        <DayField
          editor={editor}
          pointer={`${place}/on`}
          label="Said on"
          note={`day on which ${what} was answered`}
          empty="not given"
        />
        <DayField
          editor={editor}
          pointer={`${place}/until`}
          label="Counts until"
          note={`last day of the word on ${what}`}
          empty={rung?.word ? `by the rules until ${rung.word.lapses}` : 'as long as the rules let it'}
        />
      </Row>
      <div className="small">
        An answer by word is shown as one, stands at the head of the plan, and lapses.
      </div>
    </>
  )
}

const wordPanel = (of: WordRung) =>
  function WordPanel({ editor, rung }: PanelProps) {
    return <WordFields editor={editor} rung={rung} of={of} />
  }
const GroundWord = wordPanel('ground')
const ObstaclesWord = wordPanel('obstacles')
// Until the crane stands on a site these are answered in words.
export const GroundPanel = (given: PanelProps) => (
  <>
    <SiteChoice editor={given.editor} />
    <GroundWord {...given} />
  </>
)
export const ObstaclesPanel = (given: PanelProps) => (
  <>
    <SiteChoice editor={given.editor} />
    <ObstaclesWord {...given} />
  </>
)
export function PowerLinesPanel(given: PanelProps) {
  if (!given.ladder?.site) return <PowerLinesByWord {...given} />
  return (
    <>
      <SiteChoice editor={given.editor} />
      <PlaceFields {...given} />
      <WatcherField editor={given.editor} />
      <CarriedFields {...given} />
    </>
  )
}

function PowerLinesByWord({ editor, ladder, rung }: PanelProps) {
  const lines = editor.document.by_word?.power_lines?.lines ?? ''
  const place = '/by_word/power_lines'
  const field = (name: string, label: string, note: string) => (
    <QuantityField editor={editor} ladder={ladder} pointer={`${place}/${name}`} label={label} note={note} />
  )
  return (
    <>
      <ChoiceField
        id={fieldId(`${place}/lines`)}
        label="Is a power line near?"
        note="is a power line near"
        value={lines}
        choices={LINES}
        onChoose={(chosen) => editor.change({ [`${place}/lines`]: chosen || null }, 'power lines')}
      />
      {lines === 'none' &&
        field('looked', 'Looked how far round all it reaches', 'how far was looked for power lines')}
      {(lines === 'known' || lines === 'unknown') && (
        <Row columns="1fr 1fr">
          {field('voltage', 'Voltage', 'voltage of the line')}
          {field('nearest', 'Comes how near', 'how near the line comes')}
        </Row>
      )}
      <WordFields editor={editor} rung={rung} of="power_lines" />
    </>
  )
}
