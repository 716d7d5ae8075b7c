import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState, type FormEvent } from 'react'
import type { ActName, PlanLife } from '../../api/answers.generated'
import { api, Refused, refusal } from '../../api/client'
import { ChoiceField } from '../../ui/ChoiceField'
import { useShown } from '../../ui/preferences'
import { useWho } from '../../ui/who'
import { DO } from './words'

export interface Asked {
  act: ActName
  about: Record<string, string>
  words: string
}
const REASONED: ActName[] = ['deviation', 'withdrawn', 'closed']

interface Props {
  plan: number
  life: PlanLife
  asked: Asked
  onClose: () => void
  onDone: (life: PlanLife) => void
  onOvertaken: () => void
}

// What is signed stands once more over the name and the password of whoever signs it: what was seen when this
// was opened, whatever the house says by now.
export function SignDialog({ plan, life, asked, onClose, onDone, onOvertaken }: Props) {
  const { who } = useWho()
  const shown = useShown()
  const [{ seen, headline }] = useState(life)
  const [reason, setReason] = useState('')
  const [lifted, setLifted] = useState('')
  const [password, setPassword] = useState('')
  const [fault, setFault] = useState('')
  const [busy, setBusy] = useState(false)
  const closes = asked.act === 'closed'
  const reasoned = REASONED.includes(asked.act)
  const about = {
    ...asked.about,
    ...(reasoned ? { reason } : {}),
    ...(closes ? { lifted } : {}),
  }
  const sign = async (event: FormEvent) => {
    event.preventDefault()
    if (busy) return
    setBusy(true)
    try {
      onDone(await api.act(plan, { act: asked.act, about, words: '', seen, password }))
    } catch (error) {
      setFault(refusal(error, 'it could not be signed'))
      if (error instanceof Refused && error.status === 409) onOvertaken()
    } finally {
      setBusy(false)
    }
  }
  return (
    <Dialog open onClose={onClose} aria-labelledby="sign-title" fullWidth maxWidth="sm">
      <form onSubmit={(event) => void sign(event)}>
        <DialogTitle id="sign-title">{DO[asked.act]}</DialogTitle>
        <DialogContent>
          <Box sx={{ mb: 1 }}>{asked.words}</Box>
          <Box sx={{ mb: 2, fontWeight: 600 }}>{shown(headline)}</Box>
          {closes && (
            <ChoiceField
              id="lifted"
              label="Was it lifted"
              value={lifted}
              choices={[
                ['', 'say which'],
                ['yes', 'yes'],
                ['no', 'no'],
              ]}
              onChoose={setLifted}
            />
          )}
          {reasoned && (
            <TextField
              fullWidth
              variant="filled"
              label={closes ? 'Why not, or what was learnt' : 'Why'}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 500 } }}
              sx={{ mb: 1.5 }}
            />
          )}
          {life.asks_password && (
            <TextField
              fullWidth
              variant="filled"
              type="password"
              label={`Password of ${who?.name ?? 'whoever signs'}`}
              value={password}
              autoComplete="current-password"
              onChange={(event) => setPassword(event.target.value)}
            />
          )}
          {fault && (
            <Box role="alert" sx={{ mt: 1.5, color: 'var(--stop)' }}>
              {fault}.
            </Box>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Leave</Button>
          <Button type="submit" variant="contained" disabled={busy}>
            {DO[asked.act]} as {who?.name}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  )
}
