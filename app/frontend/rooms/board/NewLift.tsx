import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../../api/client'

export function NewLift({ onClose }: { onClose: () => void }) {
  const [title, setTitle] = useState('')
  const navigate = useNavigate()
  const start = useMutation({
    mutationFn: () => api.start(title.trim()),
    onSuccess: (plan) => navigate(`/plans/${plan.id}`),
  })
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (title.trim()) start.mutate()
        }}
      >
        <DialogTitle>New lift</DialogTitle>
        <DialogContent>
          <TextField
            variant="filled"
            fullWidth
            autoFocus
            label="What is lifted, and where to"
            value={title}
            onChange={(event) => setTitle(event.target.value)}
            error={start.isError}
            helperText={start.isError ? `not started: ${start.error.message}` : ' '}
            slotProps={{ htmlInput: { maxLength: 200 } }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Leave</Button>
          <Button type="submit" variant="contained" disabled={!title.trim() || start.isPending}>
            Start
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  )
}
