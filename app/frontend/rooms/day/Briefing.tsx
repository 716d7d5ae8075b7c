import Box from '@mui/material/Box'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { Answer } from './Answer'
import { GiveName } from './GiveName'
import { keptOf } from './here'
import type { PhaseProps } from './PhasePanel'

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
