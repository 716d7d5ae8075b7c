import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { Answer } from './Answer'
import { keptOf } from './here'
import type { PhaseProps } from './PhasePanel'

// Somebody for a role that the plan names nobody for, or for more beside it.
function GiveName({
  role,
  onGive,
  barred,
}: {
  role: string
  onGive: (name: string) => void
  barred: boolean
}) {
  const [name, setName] = useState('')
  return (
    <div className="day-answer">
      <TextField
        variant="filled"
        fullWidth
        label={`Name of the ${role}`}
        value={name}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 80 } }}
        onChange={(event) => setName(event.target.value)}
      />
      <div className="day-buttons">
        <Button
          variant="outlined"
          disabled={barred || !/\p{Letter}/u.test(name)}
          onClick={() => onGive(name.trim())}
        >
          Give a name
        </Button>
      </div>
    </div>
  )
}

// What the crew is told from the plan, and each of them by name.
export function Briefing({ day, phase, kept, say, barred }: PhaseProps & { barred: boolean }) {
  const shown = useShown()
  const { brief } = day
  return (
    <>
      <Heading
        aside={`${phase.heard.filter(({ said }) => said?.answer === 'yes').length} of ${phase.heard.length}`}
      >
        Who has heard it
      </Heading>
      {phase.heard.map(({ role, name, said }, at) =>
        name === '' ? (
          <GiveName
            key={role}
            role={role}
            barred={day.closed !== null || day.why !== null}
            onGive={(given) => void say('named', { role }, given)}
          />
        ) : (
          <Answer
            key={`${role}${at}`}
            ask={<b>{name}</b>}
            aside={role}
            said={said}
            kept={kept.findLast(({ event }) => event.kind === 'heard' && event.name === name)}
            barred={barred}
            yes="Say yes"
            name={name}
            onSay={(answer, word) =>
              void say('heard', { role, answer, ...(answer === 'no' && { word }) }, name)
            }
          />
        ),
      )}
      <Heading>What stops the lift</Heading>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {brief.stops.map((one, at) => (
          <li key={at}>{shown(one)}</li>
        ))}
      </Box>
      <Heading>The way</Heading>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {brief.route.map((one, at) => (
          <li key={at}>{shown(one)}</li>
        ))}
        {brief.route.length === 0 && <li>The plan does not say it.</li>}
      </Box>
      {brief.cautions.length > 0 && (
        <>
          <Heading aside="from the plan">To be watched</Heading>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {brief.cautions.map((one, at) => (
              <li key={at}>{shown(one)}</li>
            ))}
          </Box>
        </>
      )}
      <Heading>Said, one by one</Heading>
      {keptOf(kept, 'named', {}) && <span className="small">A name is kept, not sent yet.</span>}
    </>
  )
}
