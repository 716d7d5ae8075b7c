import TextField from '@mui/material/TextField'

// Words, a day or a moment of the site. note: what a screen reader says, where that is more than the label.
export function PlainField({
  label,
  value,
  onTake,
  type,
  note = label,
}: {
  label: string
  value: string
  onTake: (text: string) => void
  type?: 'date' | 'datetime-local'
  note?: string
}) {
  return (
    <TextField
      variant="filled"
      fullWidth
      label={label}
      type={type}
      value={value}
      autoComplete="off"
      slotProps={{
        inputLabel: type ? { shrink: true } : {},
        htmlInput: { 'aria-label': note, maxLength: 200 },
      }}
      onChange={(event) => onTake(event.target.value)}
    />
  )
}
