import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState, type FormEvent } from 'react'
import { api, type RevisionLine } from '../api/client'

// The name of one revision; one with a name is never thinned.
export function NameRevision({
  plan,
  revision,
  onClose,
  onDone,
}: {
  plan: number
  revision: RevisionLine
  onClose: () => void
  onDone: () => void
}) {
  const [name, setName] = useState(revision.name ?? '')
  const [trouble, setTrouble] = useState('')
  const keep = async (event: FormEvent) => {
    event.preventDefault()
    try {
      await api.nameRevision(plan, revision.number, name)
      onDone()
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : 'it could not be kept')
    }
  }
  return (
    <Box
      component="form"
      onSubmit={(event) => void keep(event)}
      sx={{ display: 'flex', gap: 1, alignItems: 'start' }}
    >
      <TextField
        variant="filled"
        fullWidth
        autoFocus
        label={`Name of revision ${revision.number}`}
        value={name}
        error={trouble !== ''}
        helperText={trouble || 'such as: as briefed; empty takes the name away'}
        slotProps={{ htmlInput: { maxLength: 80 } }}
        onChange={(event) => setName(event.target.value)}
      />
      <Button onClick={onClose}>Leave</Button>
      <Button type="submit" variant="contained">
        Keep the name
      </Button>
    </Box>
  )
}
