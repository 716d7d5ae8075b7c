import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'

// Somebody for a role that the plan names nobody for, or for more beside it.
export function GiveName({
  role,
  onGive,
  barred,
}: {
  role: string
  onGive: (name: string) => void
  barred: boolean
}) {
  const [name, setName] = useState('')
  return (
    <div className="day-answer">
      <TextField
        variant="filled"
        fullWidth
        label={`Name of the ${role}`}
        value={name}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 80 } }}
        onChange={(event) => setName(event.target.value)}
      />
      <div className="day-buttons">
        <Button
          variant="outlined"
          disabled={barred || !/\p{Letter}/u.test(name)}
          onClick={() => {
            onGive(name.trim())
            setName('')
          }}
        >
          Give a name
        </Button>
      </div>
    </div>
  )
}
