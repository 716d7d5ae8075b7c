import Button from '@mui/material/Button'
import { useState } from 'react'
import type { LiftDay } from '../../api/answers.generated'
import { useWho } from '../../ui/who'
import type { KeptEvent } from '../../plan/keptDays'
import { SayField } from './SayField'
import type { Day } from './useDay'
import { named } from './here'
import { clock } from '../../ui/clock'

// A stop that was called, and the way on, which is for the supervisor alone.
export function Stopped({ day, kept, say }: { day: LiftDay; kept: KeptEvent[]; say: Day['say'] }) {
  const [word, setWord] = useState('')
  const { who } = useWho()
  const own = kept.findLast(({ event }) => event.kind === 'stop')
  const stop = day.stop
  if (!stop && !own) return null
  const by = stop ? `${stop.name}, ${clock(stop.at)}` : `${who?.name ?? ''}, ${clock(own!.event.at)}, kept`
  const why = stop ? stop.words : String(own!.event.about['why'] ?? '')
  const supervisor = named(day, 'supervisor')
  return (
    <section className="day-stopped" role="alert" aria-label="Stop is called" data-stopped>
      <b>Stop{why ? `: ${why}` : ''}</b>
      <span>{by}. Nothing goes on before the supervisor says so.</span>
      {stop && (
        <SayField
          label={supervisor ? `What ${supervisor} looked at` : 'No supervisor is named yet'}
          button="It goes on"
          value={word}
          put={setWord}
          barred={supervisor === ''}
          filled
          onSay={(said) => say('went_on', { word: said }, supervisor)}
        />
      )}
    </section>
  )
}

const REASONS = ['line slack', 'radio lost', 'wind', 'somebody in the way', 'a pad sinks']

interface CallStopProps {
  say: Day['say']
  stopped: boolean
  why: string | null
}

// Anybody, at any moment: one press stops; the reason may come after, as one more word to it. Why nothing may
// be lifted stands here too, however far down somebody reads.
export function CallStop({ say, stopped, why }: CallStopProps) {
  const [called, setCalled] = useState(false)
  const because = (about: Record<string, unknown>) => {
    void say('stop', about)
    setCalled(false)
  }
  return (
    <div className="day-foot">
      {why && (
        <div className="day-foot-why" aria-hidden>
          No lift by this plan: {why}
        </div>
      )}
      {called && (
        <div className="day-why" role="group" aria-label="Why stop is called">
          {REASONS.map((reason) => (
            <Button key={reason} variant="outlined" onClick={() => because({ why: reason })}>
              {reason}
            </Button>
          ))}
          <Button variant="outlined" onClick={() => because({ gut: 'yes' })}>
            a gut feeling
          </Button>
          <Button variant="outlined" onClick={() => setCalled(false)}>
            say why later
          </Button>
        </div>
      )}
      <button
        type="button"
        className="day-stop"
        onClick={() => {
          void say('stop')
          setCalled(true)
        }}
      >
        {stopped ? 'Stop is called' : 'Call stop'}
      </button>
    </div>
  )
}
