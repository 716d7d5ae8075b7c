import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useState } from 'react'
import type { LiftDay } from '../../api/answers.generated'
import type { KeptEvent } from '../../plan/keptDays'
import { GiveName } from './GiveName'
import { crewOf, keptOf, signallerHere } from './here'
import type { Day } from './useDay'

interface Props {
  day: LiftDay
  kept: KeptEvent[]
  say: Day['say']
}

// To whom signals may pass: one of the crew who is not at the levers and has heard the briefing, where it
// was held. Somebody else is named first, and hears it.
function HandOver({ day, kept, say, onClose }: Props & { onClose: () => void }) {
  const now = signallerHere(day, kept)
  const held = day.phases.some(({ heard, done }) => heard.length > 0 && done)
  const bars = (one: ReturnType<typeof crewOf>[number]) =>
    one.roles.includes('operator')
      ? 'at the levers'
      : held && !one.heard
        ? 'has not said yes to the briefing'
        : ''
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="hand-over">
      <DialogTitle id="hand-over">Who signals from now on</DialogTitle>
      <DialogContent>
        <p>
          The load stands still while signals pass. One signals at a time, and the operator is told who.
          Whether the operator sees or hears the new one is asked again.
        </p>
        {crewOf(day, kept)
          .filter(({ name }) => name !== now)
          .map((one) => (
            <Button
              key={one.name}
              variant="outlined"
              fullWidth
              disabled={bars(one) !== ''}
              sx={{ mb: 1, minHeight: 48, justifyContent: 'space-between' }}
              onClick={() => {
                void say('signaller', {}, one.name)
                onClose()
              }}
            >
              <span>{one.name}</span>
              <small>{bars(one) || one.roles.join(', ')}</small>
            </Button>
          ))}
        <p>Somebody who is not named yet hears the briefing first:</p>
        <GiveName
          role="signaller"
          barred={false}
          onGive={(name) => void say('named', { role: 'signaller' }, name)}
        />
        <Button variant="outlined" fullWidth onClick={onClose}>
          Leave it as it is
        </Button>
      </DialogContent>
    </Dialog>
  )
}

// Who signals, and the button that passes it on.
export function Signaller({ day, kept, say }: Props) {
  const [open, setOpen] = useState(false)
  const now = signallerHere(day, kept)
  const waits = keptOf(kept, 'signaller', {})
  return (
    <span data-signaller={now}>
      Signaller: {now || 'nobody named'}
      {waits && ' (kept, to send)'}
      {!day.closed && !day.why && (
        <Button size="small" onClick={() => setOpen(true)} sx={{ ml: 1 }}>
          Another signals
        </Button>
      )}
      {open && <HandOver day={day} kept={kept} say={say} onClose={() => setOpen(false)} />}
    </span>
  )
}
