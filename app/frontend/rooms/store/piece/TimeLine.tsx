import type { PieceSheet } from '../../../api/client'
import { PASSED } from './verdicts'

const DAY = 86_400_000
const WIDTH = 620
const LEFT = 30
const MOST = 6

const days = (iso: string) => Date.parse(`${iso.slice(0, 10)}T00:00:00Z`) / DAY

interface Mark {
  day: string
  word: string
  bad: boolean
}

// When it was looked at and examined, when it went out of use, and when its next examination is due.
export function TimeLine({ sheet }: { sheet: PieceSheet }) {
  const { now, looks, acts, examination } = sheet
  const today = new Date().toISOString().slice(0, 10)
  const marks: Mark[] = [
    ...looks.map(({ day, sort, result }) => ({
      day,
      word: sort === 'before_use' ? (result === 'not_whole' ? 'looked at' : result) : result,
      bad: !PASSED.includes(result) && result !== 'not_whole',
    })),
    ...acts
      .filter(({ after }) => ['quarantined', 'scrapped', 'lost'].includes(after))
      .map(({ at, after }) => ({ day: at.slice(0, 10), word: after, bad: true })),
  ]
  if (now.fields.in_service) marks.push({ day: now.fields.in_service, word: 'in service', bad: false })
  if (now.fields.examined && !marks.some(({ day }) => day === now.fields.examined))
    marks.push({ day: now.fields.examined, word: 'examined', bad: false })
  const told = Object.values(
    Object.fromEntries(
      [...marks].sort((one, other) => Number(one.bad) - Number(other.bad)).map((mark) => [mark.day, mark]),
    ),
  )
    .sort((one, other) => (one.day < other.day ? -1 : 1))
    .slice(-MOST)
  const { day: due } = examination
  const all = [...told.map(({ day }) => days(day)), days(today), ...(due ? [days(due)] : [])]
  const from = Math.min(...all)
  const whole = Math.max(...all) - from || 1
  const at = (day: string) => LEFT + ((days(day) - from) / whole) * (WIDTH - 2 * LEFT - 40)
  const broken = now.fields.state !== 'ready' && now.fields.state !== 'out'
  const late = due !== null && due < today
  // Words of marks that stand near one another go to two heights.
  const low = told.map(({ day }, index) => index > 0 && at(day) - at(told[index - 1]!.day) < 84)
  const height = (index: number): number => (low[index] ? (height(index - 1) === 0 ? 34 : 0) : 0)
  return (
    <svg viewBox={`0 0 ${WIDTH} 120`} className="time-line" role="img" aria-label="Looks and examinations">
      <path
        d={`M${LEFT} 30 H${at(today)}`}
        stroke={broken || late ? 'var(--stop)' : 'var(--mark)'}
        strokeWidth={7}
      />
      {due && due > today && (
        <path d={`M${at(today)} 30 H${at(due)}`} stroke="var(--ink)" strokeWidth={2} strokeDasharray="6 4" />
      )}
      {told.map(({ day, word, bad }, index) => (
        <g key={day} fill={bad ? 'var(--stop)' : 'var(--ink)'}>
          <path d={`M${at(day)} 20 V40`} stroke={bad ? 'var(--stop)' : 'var(--ink)'} strokeWidth={3} />
          <text x={at(day)} y={56 + height(index)} textAnchor={index === 0 ? 'start' : 'middle'}>
            {day}
          </text>
          <text
            x={at(day)}
            y={71 + height(index)}
            textAnchor={index === 0 ? 'start' : 'middle'}
            className="time-word"
          >
            {word}
          </text>
        </g>
      ))}
      {due && (
        <g fill={late ? 'var(--stop)' : 'var(--ink)'}>
          <path d={`M${at(due)} 20 V40`} stroke="var(--ink)" strokeWidth={2} strokeDasharray="4 3" />
          <text x={at(due)} y={12} textAnchor="end">{`due ${due}${late ? ', overdue' : ''}`}</text>
        </g>
      )}
    </svg>
  )
}
