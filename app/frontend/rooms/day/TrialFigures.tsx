import type { LiftDay, Trial } from '../../api/answers.generated'
import { RungBar } from '../../ladder/RungBar'
import { VerdictLine } from '../../ladder/VerdictLine'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { asTheyLie } from './words'

const SIZE = 150
const MIDDLE = SIZE / 2
const REACH = 62

// A spirit bubble: the dot lies where the load is high, rings are the aim and the limit.
function Bubble({ day, read }: { day: LiftDay; read: Record<string, unknown> | undefined }) {
  const degrees = (name: string) => {
    const text = read?.[name]
    const number = typeof text === 'string' ? Number.parseFloat(text.replace('−', '-')) : Number.NaN
    return Number.isFinite(number) ? number : null
  }
  const along = degrees('along')
  const across = degrees('across')
  const { tilt, aim } = day.limits
  const scale = REACH / tilt
  const far = along === null || across === null ? 0 : Math.hypot(along, across)
  const held = far > tilt * 1.1 ? (tilt * 1.1) / far : 1
  return (
    <svg width={SIZE} height={SIZE} role="img" aria-label="Which way it is off level">
      <circle cx={MIDDLE} cy={MIDDLE} r={REACH} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <circle
        cx={MIDDLE}
        cy={MIDDLE}
        r={aim * scale}
        fill="none"
        stroke="var(--ink)"
        strokeDasharray="4 3"
        strokeWidth={1.5}
      />
      <path d={`M${MIDDLE} 8V${SIZE - 8}M8 ${MIDDLE}H${SIZE - 8}`} stroke="var(--line)" strokeWidth={1} />
      {along !== null && across !== null && (
        <circle
          cx={MIDDLE - along * scale * held}
          cy={MIDDLE - across * scale * held}
          r={9}
          fill={far > tilt ? 'var(--stop)' : 'var(--mark)'}
        />
      )}
      <text x={SIZE - 6} y={20} textAnchor="end" fontSize={14} fill="var(--ink2)">{`${tilt}°`}</text>
    </svg>
  )
}

// One try in figures: each leg in the plan's order, then tilt, weight, brake and swing, each with its word.
export function TrialFigures({
  day,
  told,
  at,
  read,
}: {
  day: LiftDay
  told: Trial
  at: number
  read: Record<string, unknown> | undefined
}) {
  const shown = useShown()
  const one = told.tries[at]
  if (!one) return null
  const legs = one.findings.filter(({ id }) => id === 'leg')
  const rest = one.findings.filter(({ id }) => id !== 'leg')
  return (
    <div data-try={at + 1} data-verdict={one.verdict}>
      <div className="day-legs">
        {asTheyLie(day).map((leg) => {
          const finding = legs.find((found) => found.leg === leg)
          if (!finding) return null
          const slack = finding.verdict === 'stop' && finding.share === 0
          return (
            <div key={leg} data-leg={told.names[leg]} data-verdict={finding.verdict}>
              <div className="day-leg" style={{ color: COLOUR[finding.verdict] }}>
                <b>{told.names[leg]}</b>{' '}
                <span>{slack ? 'slack' : shown(one.cells[leg]) || WORD[finding.verdict]}</span>
              </div>
              <RungBar verdict={finding.verdict} share={finding.share} width={150} height={12} plain />
              <span style={{ color: COLOUR[finding.verdict] }}>{shown(finding.words)}</span>
            </div>
          )
        })}
      </div>
      <div className="day-level">
        <Bubble day={day} read={read} />
        <div>
          {rest.map((finding) => (
            <div key={finding.id} data-finding={finding.id} data-verdict={finding.verdict}>
              <VerdictLine verdict={finding.verdict} utilisation={null}>
                {shown(finding.words)}
              </VerdictLine>
            </div>
          ))}
        </div>
      </div>
    </div>
  )
}
