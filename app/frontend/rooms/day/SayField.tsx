import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'

// One line of words and the button that says it, which empties the line once it is kept.
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
  onSay: (words: string) => Promise<boolean>
  barred?: boolean
  example?: string
  most?: number
  filled?: boolean
}) {
  const [busy, setBusy] = useState(false)
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
        disabled={barred || busy || value.trim() === ''}
        onClick={() => {
          setBusy(true)
          void onSay(value.trim()).then((kept) => {
            setBusy(false)
            if (kept) put('')
          })
        }}
      >
        {button}
      </Button>
    </div>
  )
}
