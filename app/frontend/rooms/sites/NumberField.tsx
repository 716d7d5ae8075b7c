import TextField from '@mui/material/TextField'
import { useState } from 'react'

const read = (text: string) => {
  const plain = text
    .trim()
    .replace(/[\u202f\u00a0 ]/g, '')
    .replace('−', '-')
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : null
}

// A figure in the unit that its label tells. Only a whole figure is taken; half of one stays where it is
// typed, and says what is expected.
export function NumberField({
  label,
  note,
  value,
  onTake,
  empty = 'not given',
}: {
  label: string
  note?: string
  value: number | null | undefined
  onTake: (value: number | null) => void
  empty?: string
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? (value ?? '').toString()
  const wrong = shown.trim() !== '' && read(shown) === null
  return (
    <TextField
      variant="filled"
      fullWidth
      label={label}
      value={shown}
      error={wrong}
      helperText={wrong ? 'a figure such as 12.5, with a point' : shown.trim() === '' ? empty : ' '}
      autoComplete="off"
      slotProps={{ htmlInput: { 'aria-label': note ?? label, inputMode: 'decimal', maxLength: 20 } }}
      onChange={(event) => {
        setTyped(event.target.value)
        const figure = read(event.target.value)
        if (figure !== null) onTake(figure)
        else if (event.target.value.trim() === '') onTake(null)
      }}
      onBlur={() => !wrong && setTyped(null)}
    />
  )
}
