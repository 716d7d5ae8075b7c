import TextField from '@mui/material/TextField'

export function ChoiceField({
  id,
  label,
  value,
  choices,
  onChoose,
  note,
}: {
  id: string
  label: string
  value: string
  choices: [string, string][]
  onChoose: (value: string) => void
  note?: string
}) {
  return (
    <TextField
      variant="filled"
      fullWidth
      select
      id={id}
      label={label}
      value={value}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': note ?? label } }}
      onChange={(event) => onChoose(event.target.value)}
    >
      {choices.map(([choice, words]) => (
        <option key={choice} value={choice}>
          {words}
        </option>
      ))}
    </TextField>
  )
}
