import type { PieceSheet } from '../../../api/client'
import { days, marksOf, rows } from './marks'

const WIDTH = 620
const LEFT = 30
const APART = 84

// When it was looked at and examined, when it went out of use, and when its next examination is due.
export function TimeLine({ sheet }: { sheet: PieceSheet }) {
  const { now, examination, today } = sheet
  const told = marksOf(sheet)
  const { day: due } = examination
  const all = [...told.map(({ day }) => days(day)), days(today), ...(due ? [days(due)] : [])]
  const from = Math.min(...all)
  const whole = Math.max(...all) - from || 1
  const at = (day: string) => LEFT + ((days(day) - from) / whole) * (WIDTH - 2 * LEFT - 40)
  const broken = now.fields.state !== 'ready' && now.fields.state !== 'out'
  const late = due !== null && due < today
  const low = rows(
    told.map(({ day }) => at(day)),
    APART,
  )
  const height = (index: number) => (low[index] ? 34 : 0)
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
