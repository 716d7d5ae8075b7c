import Button from '@mui/material/Button'
import { faultWords, type Finding, type InspectionLook } from '../../../api/client'
import { RungBar } from '../../../ladder/RungBar'
import { COLOUR } from '../../../ladder/verdict'
import { useShown } from '../../../ui/preferences'
import { LookDrawing } from './LookDrawing'
import { RUNG, SAYS } from './verdicts'

const SEEN = [
  ['fine', 'Fine'],
  ['bad', 'Bad'],
  ['doubt', 'Doubt'],
] as const
const EXAMPLES: Record<string, string> = { count: '0', length: '15.6 mm', angle: '0°', mass: '25 kg' }

interface Props {
  look: InspectionLook
  number: number
  finding: Finding
  problem: { message: string; expected: string } | undefined
  pending: boolean
  current: boolean
  find: (change: Finding) => void
  go: () => void
}

// One look: where, what, the field or what was seen, the rule beside it and what it makes of it.
export function LookRow({ look, number, finding, problem, pending, current, find, go }: Props) {
  const shown = useShown()
  const seen = finding.seen ?? ''
  const off = look.verdict === 'out' || look.verdict === 'doubt'
  const choices = look.read === null ? SEEN : SEEN.slice(1)
  return (
    <section
      className={`look-row${current ? ' current' : ''}${off ? ' off' : ''}`}
      aria-label={look.title}
      data-look-row={look.id}
      onFocus={go}
    >
      <LookDrawing where={look.where} off={off} />
      <div className="look-what">
        <h3>
          <span className={`look-number${off ? ' off' : ''}`}>{number}</span>
          {look.title}
        </h3>
        <p>{look.words}</p>
      </div>
      <div className="look-answer">
        {look.read !== null && (
          <input
            aria-label={`${look.title}, measured`}
            aria-invalid={!!problem}
            placeholder={EXAMPLES[look.read] ?? ''}
            inputMode={look.read === 'count' ? 'numeric' : 'text'}
            value={finding.measured ?? ''}
            maxLength={60}
            autoComplete="off"
            onChange={(event) => find({ measured: event.target.value })}
          />
        )}
        <div className="look-seen" role="group" aria-label={`${look.title}, seen`}>
          {choices.map(([value, words]) => (
            <Button
              key={value}
              variant={seen === value ? 'contained' : 'outlined'}
              aria-pressed={seen === value}
              onClick={() => find({ seen: seen === value ? '' : value })}
            >
              {words}
            </Button>
          ))}
        </div>
        {(seen === 'bad' || seen === 'doubt') && (
          <input
            aria-label={`${look.title}, what was found`}
            placeholder="what, and where"
            value={finding.words ?? ''}
            maxLength={400}
            onChange={(event) => find({ words: event.target.value })}
          />
        )}
        {problem && (
          <span role="alert" className="look-problem">
            {faultWords(problem)}
          </span>
        )}
      </div>
      <div className="look-rule">{look.read === null ? '' : shown(look.limit)}</div>
      <div className="look-verdict" data-verdict={pending ? 'working' : look.verdict}>
        <RungBar
          verdict={pending ? 'not_known' : RUNG[look.verdict]}
          share={look.used?.value ?? null}
          width={90}
          height={10}
          plain
        />
        <span style={{ color: COLOUR[pending ? 'not_known' : RUNG[look.verdict]] }}>
          {pending ? 'working' : SAYS[look.verdict]}
          {!pending && look.used && <strong>{` ${shown(look.used)}`}</strong>}
        </span>
        {look.verdict === 'not_known' && <span className="small">{shown(look.told)}</span>}
      </div>
    </section>
  )
}
