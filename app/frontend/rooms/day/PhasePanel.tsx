import Box from '@mui/material/Box'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { DayPhase, LiftDay } from '../../api/answers.generated'
import { WORD } from '../../ladder/verdict'
import { Answer } from './Answer'
import { Briefing } from './Briefing'
import type { KeptEvent } from '../../plan/keptDays'
import { HooksPanel } from './HooksPanel'
import { RiggedPanel } from './RiggedPanel'
import { TrialPanel } from './TrialPanel'
import type { Day } from './useDay'
import { keptOf, leftOf, named, openHere } from './here'

export interface PhaseProps {
  plan: number
  day: LiftDay
  phase: DayPhase
  kept: KeptEvent[]
  say: Day['say']
  silent: boolean
}

// Two cranes are read at their hold points as they come clear, and all through the lift.
const LIFT = 'lift'

// What was measured or tried is judged first; what waits to be sent is judged by nobody yet. The server
// has the last word.
function notYet(day: LiftDay, phase: DayPhase) {
  if (day.turning && (phase.trial || phase.id === LIFT)) {
    const left = phase.trial
      ? day.turning.open.filter((words) => words === day.turning!.points[0]?.words)
      : day.turning.open
    return left.length > 0 ? `both hooks are still to be read: ${left.join(', ')}` : ''
  }
  if (phase.trial) {
    const last = day.trial?.tries.at(-1)?.verdict
    if (!last || day.tried === 0) return 'nothing was tried yet'
    return last === 'stop' || last === 'not_known' ? `the last try is: ${WORD[last]}` : ''
  }
  if (!phase.measured) return ''
  if (!day.rigged) return 'nothing was measured yet'
  const { verdict } = day.rigged
  return verdict === 'stop' || verdict === 'not_known' ? `as it was measured it is: ${WORD[verdict]}` : ''
}

// What ends a phase: a tick and a name.
function Hold({ day, phase, kept, say, barred }: PhaseProps & { barred: boolean }) {
  const known = named(day, phase.by, kept)
  const [typed, setTyped] = useState('')
  const name = known || typed.trim()
  const left = leftOf(phase, kept)
  const open = phase.id === openHere(day, kept)
  const before = notYet(day, phase)
  // Whoever gives a name here is named for the day.
  const hold = async (answer: string, word: string) => {
    if (known === '') await say('named', { role: phase.by }, name)
    await say('held', { phase: phase.id, answer, ...(answer === 'no' && { word }) }, name)
  }
  return (
    <Box component="section" aria-label={`End of: ${phase.label}`} className="day-hold">
      {known === '' && (
        <TextField
          variant="filled"
          fullWidth
          label={`Name of the ${phase.by}`}
          value={typed}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: 80 } }}
          onChange={(event) => setTyped(event.target.value)}
          sx={{ mb: 1 }}
        />
      )}
      <Answer
        ask={<b>{phase.label}</b>}
        aside={
          open
            ? left > 0
              ? `${left} still to be answered with yes`
              : before
                ? before
                : `${name || 'no name yet'}, ${phase.by}`
            : phase.done
              ? ''
              : 'what comes first is not ended'
        }
        said={phase.held}
        kept={keptOf(kept, 'held', { phase: phase.id })}
        barred={barred || name === '' || !open}
        yesBarred={left > 0 || before !== ''}
        yes="It is so"
        name={phase.label}
        onSay={(answer, word) => void hold(answer, word)}
      />
    </Box>
  )
}

// The list of one phase, cut to the plan, and what ends it.
export function PhasePanel(props: PhaseProps) {
  const { day, phase, kept, say } = props
  const barred = day.stop !== null || day.closed !== null || day.why !== null
  return (
    <Box component="section" aria-labelledby="phase" data-panel={phase.id} className="day-panel">
      <h2 id="phase">{phase.label}</h2>
      {phase.id === 'rigged' && <RiggedPanel {...props} barred={barred} />}
      {phase.heard.length > 0 && <Briefing {...props} barred={barred} />}
      {phase.items.map((item) => (
        <Answer
          key={item.id}
          ask={item.ask}
          said={item.said}
          kept={keptOf(kept, 'answered', { phase: phase.id, item: item.id })}
          barred={barred}
          name={item.ask}
          onSay={(answer, word) =>
            void say(
              'answered',
              { phase: phase.id, item: item.id, answer, ...(answer === 'no' && { word }) },
              named(day, phase.by, kept),
            )
          }
        />
      ))}
      {phase.trial && !day.turning && <TrialPanel {...props} barred={barred} />}
      {day.turning && (phase.trial || phase.id === LIFT) && (
        <HooksPanel {...props} turning={day.turning} barred={day.closed !== null || day.why !== null} />
      )}
      <Hold {...props} barred={barred} />
    </Box>
  )
}
