import Button from '@mui/material/Button'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { machineOf } from '../../plan/crane'
import { useCrane, useCranePlace } from '../../plan/craneAt'
import { DeductionCases } from './DeductionCases'

export function HoistPanel({ editor, ladder }: PanelProps) {
  const crane = useCranePlace()
  const { parts_of_line, idle_line } = useCrane(editor.document)
  const parts: [string, string][] = [
    ['', 'not given'],
    ...Array.from({ length: 12 }, (_, index): [string, string] => [String(index + 1), String(index + 1)]),
  ]
  return (
    <>
      <ChoiceField
        id={fieldId(`${crane}/parts_of_line`)}
        label={machineOf(ladder).falls ? 'Falls' : 'Parts of line'}
        note="Parts of line"
        value={String(parts_of_line ?? '')}
        choices={parts}
        onChoose={(value) =>
          editor.change({ [`${crane}/parts_of_line`]: value === '' ? null : Number(value) }, 'parts of line')
        }
      />
      <DeductionCases editor={editor} />
      <HangingFields editor={editor} ladder={ladder} where="hook" />
      <HangingFields editor={editor} ladder={ladder} where="elsewhere" />
      <Heading aside="a second line that is reeved and not used">Idle line</Heading>
      {idle_line ? (
        <Row columns="1fr 1fr auto">
          <ChoiceField
            id={fieldId(`${crane}/idle_line/parts`)}
            label="Parts, idle"
            value={String(idle_line.parts ?? '')}
            choices={parts}
            onChoose={(value) =>
              editor.change(
                { [`${crane}/idle_line/parts`]: value === '' ? null : Number(value) },
                'idle line',
              )
            }
          />
          <QuantityField
            editor={editor}
            ladder={ladder}
            pointer={`${crane}/idle_line/hanging`}
            label="Hanging"
            note="hanging of the idle line"
            empty="as the boom"
          />
          <Button
            variant="outlined"
            aria-label="take away the idle line"
            onClick={() => editor.change({ [`${crane}/idle_line`]: undefined }, 'idle line taken away')}
          >
            −
          </Button>
        </Row>
      ) : (
        <Button
          variant="outlined"
          onClick={() => editor.change({ [`${crane}/idle_line`]: { parts: 1, hanging: null } }, 'idle line')}
        >
          There is an idle line
        </Button>
      )}
    </>
  )
}

const LISTS = {
  hook: {
    title: 'Hangs on the hook',
    aside: 'beside load, slings and beam; rope, block and hook carry it too',
  },
  elsewhere: { title: 'Hangs elsewhere', aside: 'from the tip or the boom, beside the chart’s own list' },
}

// What hangs beside load and rigging, by where; what an older plan does not place counts on the hook.
function HangingFields({
  editor,
  ladder,
  where,
}: Pick<PanelProps, 'editor' | 'ladder'> & { where: keyof typeof LISTS }) {
  const crane = useCranePlace()
  const { deductions } = useCrane(editor.document)
  const { title, aside } = LISTS[where]
  const here = (hangs: string | null | undefined) => (hangs === 'elsewhere') === (where === 'elsewhere')
  const other = where === 'hook' ? 'elsewhere' : 'hook'
  return (
    <>
      <Heading aside={aside}>{title}</Heading>
      {deductions.map((item, index) =>
        here(item.hangs) ? (
          <Row key={index} columns="1fr 84px auto auto">
            <WordsField
              editor={editor}
              pointer={`${crane}/deductions/${index}/what`}
              label="What"
              note={`what hangs, ${index + 1}`}
            />
            <QuantityField
              editor={editor}
              ladder={ladder}
              pointer={`${crane}/deductions/${index}/mass`}
              label="Mass"
              note={`mass of what hangs, ${index + 1}`}
            />
            <Button
              variant="outlined"
              sx={{ minWidth: 44 }}
              aria-label={
                `${item.what || `item ${index + 1}`}` +
                ` hangs ${other === 'hook' ? 'on the hook' : 'elsewhere'}`
              }
              onClick={() =>
                editor.change({ [`${crane}/deductions/${index}/hangs`]: other }, 'where something hangs')
              }
            >
              {other === 'hook' ? '↑' : '↓'}
            </Button>
            <Button
              variant="outlined"
              sx={{ minWidth: 44 }}
              aria-label={`take away ${item.what || `item ${index + 1}`}`}
              onClick={() =>
                editor.change(
                  { [`${crane}/deductions`]: deductions.filter((_, place) => place !== index) },
                  'something that hangs taken away',
                )
              }
            >
              −
            </Button>
          </Row>
        ) : null,
      )}
      <Button
        variant="outlined"
        onClick={() =>
          editor.change(
            { [`${crane}/deductions`]: [...deductions, { what: '', mass: null, hangs: where }] },
            'something that hangs',
          )
        }
      >
        {where === 'hook' ? 'Add something on the hook' : 'Add something elsewhere'}
      </Button>
    </>
  )
}
