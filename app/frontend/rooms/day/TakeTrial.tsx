import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { dayApi } from '../../api/day'
import type { LiftDay } from '../../api/answers.generated'
import { refusal } from '../../api/wire'
import { PasswordField } from '../../ui/PasswordField'
import { useShown } from '../../ui/preferences'
import { useMay, useWho } from '../../ui/who'

// What a trial taught becomes the plan's next revision, signed by a planner; every rung and every
// signature is asked anew.
export function TakeTrial({ plan, day }: { plan: number; day: LiftDay }) {
  const [open, setOpen] = useState(false)
  const [password, setPassword] = useState('')
  const [fault, setFault] = useState('')
  const [busy, setBusy] = useState(false)
  const { who } = useWho()
  const may = useMay()('planner')
  const shown = useShown()
  const go = useNavigate()
  const taken = day.trial?.taken
  if (!taken) return null
  const take = async (event: FormEvent) => {
    event.preventDefault()
    setBusy(true)
    try {
      await dayApi.takeTrial(plan, day.number, password)
      void go(`/plans/${plan}`)
    } catch (error) {
      setFault(refusal(error, 'no answer: nothing was taken'))
      setBusy(false)
    }
  }
  return (
    <>
      <Button variant="outlined" fullWidth disabled={!may} onClick={() => setOpen(true)}>
        {may ? 'Take into the plan' : 'Take into the plan: waits for a planner'}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="take-title" fullWidth maxWidth="sm">
        <form onSubmit={(event) => void take(event)}>
          <DialogTitle id="take-title">Take what was learnt into the plan</DialogTitle>
          <DialogContent>
            <p>
              The next revision begins with it. It is a draft: every rung is judged anew, and every signature
              is asked again before anything is lifted.
            </p>
            <p>
              <b>{shown(taken.headline)}</b>
            </p>
            <PasswordField
              label={`Password of ${who?.name ?? 'whoever signs'}`}
              value={password}
              put={setPassword}
            />
            {fault && (
              <div role="alert" style={{ color: 'var(--stop)' }}>
                {fault}.
              </div>
            )}
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setOpen(false)}>Leave</Button>
            <Button type="submit" variant="contained" disabled={busy}>
              Take it
            </Button>
          </DialogActions>
        </form>
      </Dialog>
    </>
  )
}
