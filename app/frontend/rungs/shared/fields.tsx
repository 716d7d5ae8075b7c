import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import FormHelperText from '@mui/material/FormHelperText'
import TextField from '@mui/material/TextField'
import { useEffect, useRef, useState } from 'react'
import type { Ladder } from '../../api/ladder.generated'
import { at } from '../../plan/pointers'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { fieldId } from './places'

type FieldProps = {
  editor: Pick<Editor, 'document' | 'change' | 'settle' | 'abandon'>
  ladder: Ladder | null
} & {
  pointer: string
  label: string
  note?: string
}

const unitOf = (text: string) => text.replace(/[\d\s.,+−-]/g, '')
// What a quantity that was asked back may have been meant as.
export const Choices = ({ choices, take }: { choices: string[]; take: (text: string) => void }) =>
  choices.length > 0 && (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.5 }}>
      {choices.map((text) => (
        <Button key={text} size="small" variant="outlined" sx={{ minWidth: 40 }} onClick={() => take(text)}>
          {text}
        </Button>
      ))}
    </Box>
  )

// A field that is taken away while it is being typed in: what stands in it is half a value. It is taken
// back, and Redo brings it again.
function useWhole(abandon: () => void) {
  const typingRef = useRef(false)
  const latest = useRef(abandon)
  useEffect(() => {
    latest.current = abandon
  })
  useEffect(
    () => () => {
      if (typingRef.current) latest.current()
    },
    [],
  )
  return typingRef
}

// A quantity as it is typed; under it, what was understood, or what is wrong and was expected.
export function QuantityField({
  editor,
  ladder,
  pointer,
  label,
  note,
  empty = 'not given',
}: FieldProps & { empty?: string }) {
  const { system } = usePreferences().preferences
  const value = (at(editor.document, pointer) as string | null) ?? ''
  const problem = ladder?.problems.find((one) => one.pointer === pointer && one.typed === value)
  const read = ladder?.readings[pointer]
  const reading = read?.typed === value ? read[system] : null
  const understood = reading && unitOf(reading) !== unitOf(value) ? `read as ${reading}` : ' '
  const name = note ?? label
  const [focused, setFocused] = useState(false)
  const typingRef = useWhole(editor.abandon)
  const settle = () => {
    typingRef.current = false
    editor.settle(`${name} typed`)
  }
  const words = problem ? `${problem.message}; ${problem.expected}` : value === '' ? empty : understood
  const choices = problem?.choices ?? []
  return (
    <Box className="quantity">
      <TextField
        variant="filled"
        fullWidth
        id={fieldId(pointer)}
        label={label}
        value={value}
        error={!!problem}
        autoComplete="off"
        slotProps={{
          htmlInput: {
            'data-pointer': pointer,
            'aria-label': name,
            'aria-describedby': `${fieldId(pointer)}-words`,
            maxLength: 80,
          },
        }}
        onFocus={() => setFocused(true)}
        onChange={(event) => {
          typingRef.current = true
          editor.change(
            { [pointer]: event.target.value === '' ? null : event.target.value },
            `${name} typed`,
            'typing',
          )
        }}
        onBlur={() => {
          setFocused(false)
          settle()
        }}
        onKeyDown={(event) => event.key === 'Enter' && settle()}
      />
      <div className={problem && focused ? 'words-line over' : 'words-line'}>
        <div>
          <FormHelperText id={`${fieldId(pointer)}-words`} error={!!problem}>
            {words}
          </FormHelperText>
          <Choices choices={choices} take={(text) => editor.change({ [pointer]: text }, `${name} typed`)} />
        </div>
      </div>
    </Box>
  )
}

export function WordsField({ editor, pointer, label, note }: Omit<FieldProps, 'ladder'>) {
  const value = (at(editor.document, pointer) as string | null) ?? ''
  return (
    <TextField
      variant="filled"
      fullWidth
      id={fieldId(pointer)}
      label={label}
      value={value}
      autoComplete="off"
      slotProps={{ htmlInput: { 'data-pointer': pointer, maxLength: 200, 'aria-label': note ?? label } }}
      onChange={(event) =>
        editor.change({ [pointer]: event.target.value }, `${note ?? label} typed`, 'typing')
      }
      onBlur={() => editor.settle(`${note ?? label} typed`)}
    />
  )
}
