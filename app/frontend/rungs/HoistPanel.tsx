import Button from '@mui/material/Button'
import { ChoiceField, Heading, QuantityField, Row, WordsField, type PanelProps } from './parts'
import { fieldId } from './places'

export function HoistPanel({ editor, ladder }: PanelProps) {
  const { deductions, parts_of_line, idle_line } = editor.document.crane
  const parts: [string, string][] = [
    ['', 'not given'],
    ...Array.from({ length: 12 }, (_, index): [string, string] => [String(index + 1), String(index + 1)]),
  ]
  return (
    <>
      <ChoiceField
        id={fieldId('/crane/parts_of_line')}
        label={
          editor.document.snapshots.charts[editor.document.crane.chart ?? '']?.data.family === 'tower'
            ? 'Falls'
            : 'Parts of line'
        }
        note="Parts of line"
        value={String(parts_of_line ?? '')}
        choices={parts}
        onChoose={(value) =>
          editor.change({ '/crane/parts_of_line': value === '' ? null : Number(value) }, 'parts of line')
        }
      />
      <Heading aside="beside block, rope, slings and the chart's own list">Also hanging from the tip</Heading>
      {deductions.map((_, index) => (
        <Row key={index} columns="1fr 1fr auto">
          <WordsField
            editor={editor}
            pointer={`/crane/deductions/${index}/what`}
            label="What"
            note={`what hangs, ${index + 1}`}
          />
          <QuantityField
            editor={editor}
            ladder={ladder}
            kind="mass"
            pointer={`/crane/deductions/${index}/mass`}
            label="Mass"
            note={`mass of what hangs, ${index + 1}`}
          />
          <Button
            variant="outlined"
            aria-label={`take away ${deductions[index]!.what || `item ${index + 1}`}`}
            onClick={() =>
              editor.change(
                { '/crane/deductions': deductions.filter((_, place) => place !== index) },
                'deduction taken away',
              )
            }
          >
            −
          </Button>
        </Row>
      ))}
      <Button
        variant="outlined"
        onClick={() =>
          editor.change({ '/crane/deductions': [...deductions, { what: '', mass: null }] }, 'deduction added')
        }
      >
        Add something that hangs
      </Button>
      <Heading aside="a second line that is reeved and not used">Idle line</Heading>
      {idle_line ? (
        <Row columns="1fr 1fr auto">
          <ChoiceField
            id={fieldId('/crane/idle_line/parts')}
            label="Parts, idle"
            value={String(idle_line.parts ?? '')}
            choices={parts}
            onChoose={(value) =>
              editor.change({ '/crane/idle_line/parts': value === '' ? null : Number(value) }, 'idle line')
            }
          />
          <QuantityField
            editor={editor}
            ladder={ladder}
            kind="length"
            pointer="/crane/idle_line/hanging"
            label="Hanging"
            note="hanging of the idle line"
            empty="as the boom"
          />
          <Button
            variant="outlined"
            aria-label="take away the idle line"
            onClick={() => editor.change({ '/crane/idle_line': undefined }, 'idle line taken away')}
          >
            −
          </Button>
        </Row>
      ) : (
        <Button
          variant="outlined"
          onClick={() => editor.change({ '/crane/idle_line': { parts: 1, hanging: null } }, 'idle line')}
        >
          There is an idle line
        </Button>
      )}
    </>
  )
}
