import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { Editor } from './usePlanEditor'

export function Details({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const [title, setTitle] = useState(editor.document.title)
  const [site, setSite] = useState(editor.document.site)
  const [time, setTime] = useState(editor.document.lift_at ?? '')
  const take = () => {
    editor.change(
      { '/title': title.trim(), '/site': site, '/lift_at': time === '' ? null : time },
      'title, site and time',
    )
    onClose()
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Title, site and time</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <TextField
          variant="filled"
          label="Title"
          value={title}
          error={title.trim() === ''}
          helperText={title.trim() === '' ? 'a plan needs a title' : ' '}
          slotProps={{ htmlInput: { maxLength: 200 } }}
          onChange={(event) => setTitle(event.target.value)}
          autoFocus
        />
        <TextField
          variant="filled"
          label="Site"
          value={site}
          slotProps={{ htmlInput: { maxLength: 200 } }}
          onChange={(event) => setSite(event.target.value)}
        />
        <TextField
          variant="filled"
          label="Time of the lift, local"
          type="datetime-local"
          value={time}
          onChange={(event) => setTime(event.target.value.slice(0, 16))}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={title.trim() === ''} onClick={take}>
          Take
        </Button>
      </DialogActions>
    </Dialog>
  )
}
