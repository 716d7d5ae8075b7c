import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Trial } from '../../api/answers.generated'
import { dayApi } from '../../api/day'
import { faultWords } from '../../api/wire'
import { VerdictLine } from '../../ladder/VerdictLine'
import { WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { Instruments } from './Instruments'
import { Advice, Learnt } from './Learnt'
import type { PhaseProps } from './PhasePanel'
import { TakeTrial } from './TakeTrial'
import { blank, TrialFields } from './TrialFields'
import { TrialFigures } from './TrialFigures'
import { readOf, sideless } from './typedTry'
import { useTyped } from './useTyped'
import { useJudged } from './useJudged'
import { clock } from '../../ui/clock'

// Each line's length at the next try: as it was last, but for what the advice changed.
const nextLengths = (trial: Trial | null) => {
  const last = trial?.read?.at(-1)?.['lengths'] as (string | null)[] | undefined
  const advised = trial?.advice?.lengths
  if (!advised && !last) return undefined
  return (trial?.names ?? []).map((_, leg) => advised?.[leg] ?? last?.[leg] ?? null)
}

// The trial lift: what was read is judged while it is typed; every try is kept, with what all of them
// teach.
export function TrialPanel({ plan, day, say, barred, kept }: PhaseProps & { barred: boolean }) {
  const shown = useShown()
  const { typed, put, clear } = useTyped(`tried-${plan}`, blank(day.names.length))
  const [advised, setAdvised] = useState(true)
  const lengths = advised ? nextLengths(day.trial) : (day.trial?.read?.at(-1)?.['lengths'] as never)
  const read = readOf(typed)
  const given = read && { ...read, ...(lengths && { lengths }) }
  const judged = useJudged(['try', plan, day.number], given, (one) => dayApi.judgeTry(plan, one))
  const live = given && judged.settled ? (judged.told as Trial | undefined) : undefined
  const told = live ?? (given ? null : day.trial)
  const waiting = kept.filter(({ event }) => event.kind === 'tried')
  const many = (day.trial?.tries.length ?? 0) + 1
  const keep = async () => {
    if (!(await say('tried', { try: given }))) return
    clear()
    setAdvised(true)
  }
  const rest = judged.faults.filter(({ pointer }) => !/\/(cells\/\d+|indicator|along|across)$/.test(pointer))
  const last = told ? told.tries.length - 1 : -1
  const verdict = told?.tries[last]?.verdict
  const legend = live
    ? 'being typed'
    : day.trial?.at?.[last] && `${day.trial.at[last].name}, ${clock(day.trial.at[last].at)}`
  return (
    <>
      {told && verdict && (
        <>
          <Heading aside={legend}>Try {last + 1}</Heading>
          <div className={verdict === 'stop' ? 'day-stopped' : 'day-verdict'} data-trial={verdict}>
            <VerdictLine verdict={verdict} utilisation={null}>
              <span>
                {WORD[verdict]}: {shown(told.tries[last]!.worst)}
              </span>
            </VerdictLine>
          </div>
          <Advice told={told} />
          <TrialFigures
            day={day}
            told={told}
            at={last}
            read={live ? (given as Record<string, unknown>) : day.trial?.read?.[last]}
          />
          <Learnt told={told} />
          {!live && <TakeTrial plan={plan} day={day} />}
        </>
      )}
      {day.trial?.missing && !day.trial.tries.length && <div role="status">{day.trial.missing}</div>}
      <Instruments plan={plan} day={day} lengths={lengths} put={put} />
      <TrialFields day={day} typed={typed} faults={judged.faults} set={put} />
      {day.trial?.advice?.lengths && (
        <label className="day-check">
          <input type="checkbox" checked={advised} onChange={(event) => setAdvised(event.target.checked)} />
          Rigged as advised after try {many - 1}: {shown(day.trial.advice.words)}
        </label>
      )}
      {judged.silent && (
        <div role="status">No network: the try is kept here, and judged once somebody answers.</div>
      )}
      {rest.map((fault) => (
        <div key={fault.message} role="alert" style={{ color: 'var(--stop)' }}>
          {faultWords(fault)}
        </div>
      ))}
      {given && (
        <Button
          variant="contained"
          disabled={
            barred ||
            judged.faults.length > 0 ||
            sideless(typed).length > 0 ||
            (!judged.settled && !judged.silent)
          }
          onClick={() => void keep()}
          sx={{ my: 1, minHeight: 52 }}
        >
          Keep try {many}
        </Button>
      )}
      {waiting.length > 0 && (
        <Box className="small">{`${waiting.length} kept on this device, not judged yet.`}</Box>
      )}
    </>
  )
}
