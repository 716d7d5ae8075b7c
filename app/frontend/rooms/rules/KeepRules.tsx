import { PasswordField } from '../../ui/PasswordField'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { api, faultWords, Refused, type RulesPage } from '../../api/client'
import { useWho } from '../../ui/who'
import { changeWords, type Value } from './leaves'

interface Props {
  page: RulesPage
  changes: [string, Value][]
  onClose: () => void
  onDone: (page: RulesPage) => void
  onOvertaken: () => void
}

// Why each value is another one here, by whom; what loosens a rule wants an appointed person's password.
export function KeepRules({ page, changes, onClose, onDone, onOvertaken }: Props) {
  const { who } = useWho()
  const [why, setWhy] = useState<Record<string, string>>({})
  const [password, setPassword] = useState('')
  const [faults, setFaults] = useState<{ pointer: string; words: string }[]>([])
  const [busy, setBusy] = useState(false)
  const before = new Map(page.leaves.map(({ place, value }) => [place, value]))
  const keep = async () => {
    setBusy(true)
    try {
      const asked = { changes: Object.fromEntries(changes), why, password, version: page.data.version }
      onDone(await api.changeRules(page.data.id, asked))
    } catch (error) {
      const refused = error instanceof Refused ? error : new Refused(0, [])
      const told = refused.faults.map((one) => ({ pointer: one.pointer, words: faultWords(one) }))
      setFaults(told.length > 0 ? told : [{ pointer: '', words: 'no answer from the server' }])
      if (refused.status === 409) onOvertaken()
    } finally {
      setBusy(false)
    }
  }
  const at = (place: string) =>
    faults.find(({ pointer }) => pointer === `/why/${place}` || pointer.startsWith(`/values/${place}`))?.words
  const rest = faults.filter(({ pointer }) => !changes.some(([place]) => pointer.includes(place)))
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="keep-title">
      <DialogTitle id="keep-title">{`${page.data.title}, version ${page.data.version + 1}`}</DialogTitle>
      <DialogContent>
        <Box sx={{ mb: 1 }}>{`${who?.name ?? ''} stands for these. Every plan under the set is told.`}</Box>
        {changes.map(([place, value]) => (
          <Box key={place} sx={{ mb: 1 }}>
            <strong>{changeWords({ place, before: before.get(place) ?? null, after: value })}</strong>
            <TextField
              variant="filled"
              fullWidth
              label="Why it is so here"
              value={why[place] ?? ''}
              error={!!at(place)}
              helperText={at(place) ?? ' '}
              slotProps={{ htmlInput: { maxLength: 400, 'aria-label': `Why ${place.replaceAll('_', ' ')}` } }}
              onChange={(event) => setWhy((now) => ({ ...now, [place]: event.target.value }))}
            />
          </Box>
        ))}
        <PasswordField label="Your password, where a rule is loosened" value={password} put={setPassword} />
        {rest.length > 0 && (
          <Box role="alert" sx={{ color: 'var(--stop)', mt: 1 }}>
            {rest.map(({ words }) => words).join('; ')}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={busy} onClick={() => void keep()}>
          Keep it
        </Button>
      </DialogActions>
    </Dialog>
  )
}
