import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, faultWords, Refused, type Fault, type PieceSheet } from '../../../api/client'
import { useKeptText } from '../../../ui/useKeptText'
import { ACTS, PUT } from './acts'

const NO_ANSWER: Fault[] = [{ pointer: '', message: 'no answer; nothing was done', expected: 'a connection' }]

// For which lift it goes out: those that rest on it first, then the next ones.
function Lift({
  value,
  choose,
  plans,
}: {
  value: string
  choose: (id: string) => void
  plans: PieceSheet['plans']
}) {
  const next = useQuery({ queryKey: ['board', 'next'], queryFn: () => api.board(new URLSearchParams()) })
  const others = (next.data?.lines ?? []).filter(({ id }) => !plans.some((plan) => plan.id === id))
  return (
    <TextField
      variant="filled"
      fullWidth
      select
      label="For which lift"
      value={value}
      helperText=" "
      slotProps={{
        select: { native: true },
        inputLabel: { shrink: true },
        htmlInput: { 'aria-label': 'For which lift' },
      }}
      onChange={(event) => choose(event.target.value)}
    >
      <option value="">no lift of the board</option>
      {[...plans, ...others].map(({ id, title, lift_at }) => (
        <option key={id} value={String(id)}>
          {[lift_at?.replace('T', ' '), title].filter(Boolean).join(', ')}
        </option>
      ))}
    </TextField>
  )
}

// One thing that is done with a piece: whom it goes to, why, and one button.
export function ActDialog({
  sheet,
  act,
  onClose,
  onDone,
}: {
  sheet: PieceSheet
  act: PieceSheet['may'][number]
  onClose: () => void
  onDone: () => void
}) {
  const { id, fields, lock_version } = sheet.now
  const [name, setName] = useKeptText(`act-${act.act}-${id}-with`)
  const [why, setWhy] = useKeptText(`act-${act.act}-${id}-why`)
  const [lift, setLift] = useState('')
  const [place, setPlace] = useState('')
  const [faults, setFaults] = useState<Fault[]>([])
  const [saving, setSaving] = useState(false)
  const faultOf = (field: string) => faults.find(({ pointer }) => pointer === `/${field}`)
  const told = (field: string) => {
    const fault = faultOf(field)
    return fault ? faultWords(fault) : ' '
  }
  const rest = faults.filter(({ pointer }) => pointer !== '/with' && pointer !== '/why')
  const take = async () => {
    setSaving(true)
    try {
      await api.actOnPiece(id, {
        act: act.act,
        with: name,
        why,
        place,
        lock_version,
        plan: lift === '' ? null : Number(lift),
      })
      setName('')
      setWhy('')
      onDone()
    } catch (error) {
      setFaults(error instanceof Refused ? error.faults : NO_ANSWER)
      setSaving(false)
    }
  }
  const words = ACTS[act.act]
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="act-title">
      <DialogTitle id="act-title">{`${words?.title ?? act.words}: ${fields.number}`}</DialogTitle>
      <DialogContent>
        {words?.says && <Box sx={{ mb: 1 }}>{words.says}</Box>}
        {rest.length > 0 && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {rest.map(faultWords).join('. ')}
          </Box>
        )}
        {act.needs.includes('with') && (
          <TextField
            variant="filled"
            fullWidth
            autoFocus
            label="To whom"
            value={name}
            error={!!faultOf('with')}
            helperText={told('with')}
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 200 } }}
            onChange={(event) => setName(event.target.value)}
          />
        )}
        {act.act === 'hand_out' && <Lift value={lift} choose={setLift} plans={sheet.plans} />}
        <TextField
          variant="filled"
          fullWidth
          autoFocus={!act.needs.includes('with')}
          label={act.needs.includes('why') ? 'Why' : 'For what, or anything to be said'}
          value={why}
          error={!!faultOf('why')}
          helperText={told('why')}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: 400 } }}
          onChange={(event) => setWhy(event.target.value)}
        />
        {PUT.includes(act.act) && (
          <TextField
            variant="filled"
            fullWidth
            label="Where it is put"
            value={place}
            placeholder={fields.place ?? ''}
            helperText=" "
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 200 } }}
            onChange={(event) => setPlace(event.target.value)}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={saving} onClick={() => void take()}>
          {words?.title ?? act.words}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
