import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import type { HooksRead, LiftDay } from '../../api/answers.generated'
import { dayApi, type HookRead } from '../../api/day'
import { faultWords } from '../../api/wire'
import { COLOUR, WORD } from '../../ladder/verdict'
import { ChoiceField } from '../../ui/ChoiceField'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import type { PhaseProps } from './PhasePanel'
import { useJudged } from './useJudged'
import { useTyped } from './useTyped'
import { clock } from '../../ui/clock'

type Turning = NonNullable<LiftDay['turning']>

const BLANK: HookRead = { at: '', head: '', tail: '', shows: '' }
const SHOWS: [string, string][] = [
  ['', 'not said'],
  ['load', 'what hangs in the hooks'],
  ['with_block', 'that and block and rope'],
]
const FIELDS = ['at', 'head', 'tail'] as const

// What is planned at each hold point, and which are still to be read.
function Points({ turning }: { turning: Turning }) {
  const shown = useShown()
  return (
    <table className="day-hooks" aria-label="Hold points">
      <thead>
        <tr>
          <th scope="col">held</th>
          <th scope="col">head</th>
          <th scope="col">tail</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {turning.points.map(({ at, words, head, tail }) => (
          <tr key={at}>
            <th scope="row">{words}</th>
            {[head, tail].map((line, index) => (
              <td key={index}>
                {line.planned ? shown(line.planned) : WORD.not_known}{' '}
                <span className="small">at most {line.most ? shown(line.most) : WORD.not_known}</span>
              </td>
            ))}
            <td>{turning.open.includes(words) ? 'to be read' : 'read'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const Found = ({ told }: { told: HooksRead }) => {
  const shown = useShown()
  return (
    <ul className="day-found" data-hooks={told.verdict}>
      {told.findings.map(({ id, verdict, words }) => (
        <li key={id} style={{ color: COLOUR[verdict] }}>
          <b>{WORD[verdict]}</b> {shown(words)}
        </li>
      ))}
    </ul>
  )
}

// Both hooks read at a hold point, judged while they are typed; over what is planned it stops by itself.
export function HooksPanel({
  plan,
  say,
  kept,
  barred,
  turning,
}: PhaseProps & { barred: boolean; turning: Turning }) {
  const { typed, put, clear } = useTyped(`hooks-${plan}`, BLANK)
  const given = FIELDS.every((name) => typed[name].trim() !== '') && typed.shows !== '' ? typed : null
  const judged = useJudged(['hooks', plan], given, (read) => dayApi.judgeHooks(plan, read))
  const waiting = kept.filter(({ event }) => event.kind === 'turned').length
  const fault = (name: string) => judged.faults.find(({ pointer }) => pointer === `/read/${name}`)
  const keep = async () => {
    if (await say('turned', { read: given })) clear()
  }
  const line = (name: (typeof FIELDS)[number], label: string, example: string) => {
    const wrong = fault(name)
    return (
      <TextField
        variant="filled"
        fullWidth
        label={label}
        value={typed[name]}
        error={!!wrong}
        helperText={wrong ? faultWords(wrong) : example}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 40 } }}
        onChange={(event) => put({ [name]: event.target.value })}
      />
    )
  }
  return (
    <section aria-label="Both hooks">
      <Heading aside="what hangs in each hook, block and rope not">Hold points</Heading>
      <Points turning={turning} />
      {line(
        'at',
        turning.carry ? 'Held at, of its way' : 'Held at a tilt of',
        turning.carry ? 'such as 50 %' : 'such as 20°',
      )}
      {line('head', 'Head’s indicator', 'such as 11 200 kg')}
      {line('tail', 'Tail’s indicator', 'such as 10 400 kg')}
      <ChoiceField
        id="hooks-show"
        label="Both show"
        value={typed.shows}
        choices={SHOWS}
        onChoose={(shows) => put({ shows })}
      />
      {judged.silent && <div role="status">No network: it is judged once somebody answers.</div>}
      {given && judged.told && judged.settled && <Found told={judged.told} />}
      {typed.shows === '' && FIELDS.some((name) => typed[name].trim() !== '') && (
        <div role="status">Judged once it is said what both show.</div>
      )}
      {given && (
        <Button
          variant="contained"
          fullWidth
          sx={{ my: 1, minHeight: 56 }}
          disabled={barred || judged.faults.length > 0 || (!judged.settled && !judged.silent)}
          onClick={() => void keep()}
        >
          Keep what both show
        </Button>
      )}
      {waiting > 0 && <div className="small">{waiting} kept on this device, to be sent.</div>}
      {turning.readings.toReversed().map((one) => (
        <div key={one.said.number} className="day-read">
          <b>{one.at ?? 'somewhere'}</b>{' '}
          <span className="small">
            {one.said.name}, {clock(one.said.at)}
          </span>
          <Found told={one} />
        </div>
      ))}
    </section>
  )
}
