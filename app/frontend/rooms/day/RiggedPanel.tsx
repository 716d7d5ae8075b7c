import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { dayApi, type Measured } from '../../api/day'
import type { AsRigged } from '../../api/answers.generated'
import { faultWords } from '../../api/wire'
import { VerdictLine } from '../../ladder/VerdictLine'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import type { PhaseProps } from './PhasePanel'
import { useJudged } from './useJudged'
import { asTheyLie, clock } from './words'

const empty = (texts: string[]) => texts.every((text) => text.trim() === '')
const told = (texts: string[]) => texts.map((text) => text.trim() || null)

// What was measured against the plan: what is beyond tolerance, and every rung that changed.
export function Beside({ told }: { told: AsRigged }) {
  const shown = useShown()
  return (
    <div data-beside={told.verdict}>
      <VerdictLine verdict={told.verdict} utilisation={null}>
        As rigged: {WORD[told.verdict]}
      </VerdictLine>
      {told.missing && <div role="alert">{told.missing}</div>}
      {told.beyond.map((one, at) => (
        <div key={at} role="alert" style={{ color: 'var(--stop)', fontWeight: 600 }}>
          {shown(one)}
        </div>
      ))}
      {told.changed.length === 0 && told.beyond.length === 0 && !told.missing && (
        <span className="small">No rung changes by it.</span>
      )}
      {told.changed.length > 0 && (
        <table className="day-table">
          <thead>
            <tr>
              <th>rung</th>
              <th>planned</th>
              <th>as rigged</th>
            </tr>
          </thead>
          <tbody>
            {told.changed.map((one) => (
              <tr key={one.id}>
                <td>{one.label}</td>
                <td>{shown(one.planned.utilisation) || WORD[one.planned.verdict]}</td>
                <td style={{ color: COLOUR[one.measured.verdict], fontWeight: one.worse ? 600 : 500 }}>
                  {[WORD[one.measured.verdict], shown(one.measured.utilisation)].filter(Boolean).join(' ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  )
}

// Leg lengths by tape and angles by inclinometer, judged beside the plan while they are typed.
export function RiggedPanel({ plan, day, say, barred, kept }: PhaseProps & { barred: boolean }) {
  const [lengths, setLengths] = useState(() => day.names.map(() => ''))
  const [angles, setAngles] = useState(() => day.names.map(() => ''))
  const given: Measured | null =
    empty(lengths) && empty(angles)
      ? null
      : {
          ...(!empty(lengths) && { lengths: told(lengths) }),
          ...(!empty(angles) && { angles: told(angles) }),
        }
  const judged = useJudged(['measured', plan], given, (measured) => dayApi.judgeMeasured(plan, measured))
  const faultOf = (list: string, leg: number) =>
    judged.faults.find(({ pointer }) => pointer === `/measured/${list}/${leg}`)
  const field = (
    list: string,
    texts: string[],
    set: (texts: string[]) => void,
    leg: number,
    example: string,
  ) => {
    const fault = faultOf(list, leg)
    return (
      <TextField
        variant="filled"
        fullWidth
        label={`${day.names[leg]}, ${list === 'lengths' ? 'length' : 'angle from the horizontal'}`}
        value={texts[leg]}
        placeholder={example}
        error={!!fault}
        helperText={fault ? faultWords(fault) : ' '}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 40 } }}
        onChange={(event) => set(texts.with(leg, event.target.value))}
      />
    )
  }
  const waiting = kept.findLast(({ event }) => event.kind === 'rigged')
  const keep = async () => {
    await say('rigged', { measured: given })
    setLengths(day.names.map(() => ''))
    setAngles(day.names.map(() => ''))
  }
  const rest = judged.faults.filter(({ pointer }) => !/^\/measured\/\w+\/\d+$/.test(pointer))
  return (
    <>
      <Heading aside="bearing to bearing">Measured beside the load</Heading>
      <div className="day-legs">
        {asTheyLie(day).map((leg) => (
          <div key={day.names[leg]}>
            {field('lengths', lengths, setLengths, leg, '4.120 m')}
            {field('angles', angles, setAngles, leg, '58°')}
          </div>
        ))}
      </div>
      {judged.silent && <div role="status">No network: it is judged once somebody answers.</div>}
      {rest.map((fault) => (
        <div key={fault.message} role="alert" style={{ color: 'var(--stop)' }}>
          {faultWords(fault)}
        </div>
      ))}
      {given && judged.told && judged.settled && <Beside told={judged.told as AsRigged} />}
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
