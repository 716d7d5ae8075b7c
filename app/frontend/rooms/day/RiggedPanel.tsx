import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { dayApi } from '../../api/day'
import { faultWords } from '../../api/wire'
import { Heading } from '../../ui/Row'
import { Beside } from './Beside'
import type { PhaseProps } from './PhasePanel'
import { AT_FIELD, blankRig, measuredOf, RiggedFields } from './RiggedFields'
import { useTyped } from './useTyped'
import { useJudged } from './useJudged'
import { clock } from '../../ui/clock'

// What the tape, the inclinometer and the eye tell beside the load, judged beside the plan while it is typed.
export function RiggedPanel({ plan, day, say, barred, kept }: PhaseProps & { barred: boolean }) {
  const { typed, put, clear } = useTyped(`rigged-${plan}`, blankRig(day))
  const given = measuredOf(typed)
  const judged = useJudged(['measured', plan], given, (measured) => dayApi.judgeMeasured(plan, measured))
  const waiting = kept.findLast(({ event }) => event.kind === 'rigged')
  const keep = async () => {
    if (await say('rigged', { measured: given })) clear()
  }
  const rest = judged.faults.filter(({ pointer }) => !AT_FIELD.test(pointer))
  return (
    <>
      <Heading aside="bearing to bearing, angles from the horizontal">Measured beside the load</Heading>
      {day.measures === null && (
        <div role="status">What is planned cannot be told: the plan does not say it.</div>
      )}
      <RiggedFields day={day} typed={typed} faults={judged.faults} put={put} />
      {judged.silent && <div role="status">No network: it is judged once somebody answers.</div>}
      {rest.map((fault) => (
        <div key={fault.message} role="alert" style={{ color: 'var(--stop)' }}>
          {faultWords(fault)}
        </div>
      ))}
      {given && judged.told && judged.settled && <Beside told={judged.told} />}
      {given && (
        <Button
          variant="contained"
          disabled={barred || judged.faults.length > 0 || (!judged.settled && !judged.silent)}
          onClick={() => void keep()}
          sx={{ my: 1 }}
        >
          Keep what was measured
        </Button>
      )}
      {waiting && <Box className="small">Measured at {clock(waiting.event.at)}, kept on this device.</Box>}
      {day.rigged && !given && (
        <Box sx={{ my: 1 }}>
          <Beside told={day.rigged} />
          {day.rigged.said && (
            <span className="small">
              {day.rigged.said.name}, {clock(day.rigged.said.at)}
            </span>
          )}
        </Box>
      )}
    </>
  )
}
