import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'

// One line of words and the button that says it, which empties the line.
export function SayField({
  label,
  button,
  value,
  put,
  onSay,
  barred = false,
  example = '',
  most = 400,
  filled = false,
}: {
  label: string
  button: string
  value: string
  put: (value: string) => void
  onSay: (words: string) => void
  barred?: boolean
  example?: string
  most?: number
  filled?: boolean
}) {
  return (
    <div className="day-on">
      <TextField
        variant="filled"
        fullWidth
        label={label}
        value={value}
        placeholder={example}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: most } }}
        onChange={(event) => put(event.target.value)}
      />
      <Button
        variant={filled ? 'contained' : 'outlined'}
        disabled={barred || value.trim() === ''}
        onClick={() => {
          onSay(value.trim())
          put('')
        }}
      >
        {button}
      </Button>
    </div>
  )
}
