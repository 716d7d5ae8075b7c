import Button from '@mui/material/Button'
import { ChoiceField, Heading, QuantityField, Row, WordsField, type PanelProps } from './parts'
import { fieldId } from './places'

export function HoistPanel({ editor, ladder }: PanelProps) {
  const { deductions, parts_of_line } = editor.document.crane
  const parts: [string, string][] = [['', 'not given'], ...Array.from({ length: 12 }, (_, index): [string, string] => [String(index + 1), String(index + 1)])]
  return (
    <>
      <ChoiceField id={fieldId('/crane/parts_of_line')} label="Parts of line" value={String(parts_of_line ?? '')} choices={parts} onChoose={(value) => editor.change({ '/crane/parts_of_line': value === '' ? null : Number(value) }, 'parts of line')} />
      <Heading aside="beside block, rope, slings and the chart's own list">Also hanging from the tip</Heading>
      {deductions.map((_, index) => (
        <Row key={index} columns="1fr 1fr auto">
          <WordsField editor={editor} pointer={`/crane/deductions/${index}/what`} label="What" note={`what hangs, ${index + 1}`} />
          <QuantityField editor={editor} ladder={ladder} kind="mass" pointer={`/crane/deductions/${index}/mass`} label="Mass" note={`mass of what hangs, ${index + 1}`} />
          <Button variant="outlined" aria-label={`take away ${deductions[index]!.what || `item ${index + 1}`}`} onClick={() => editor.change({ '/crane/deductions': deductions.filter((_, place) => place !== index) }, 'deduction taken away')}>−</Button>
        </Row>
      ))}
      <Button variant="outlined" onClick={() => editor.change({ '/crane/deductions': [...deductions, { what: '', mass: null }] }, 'deduction added')}>Add something that hangs</Button>
    </>
  )
}
