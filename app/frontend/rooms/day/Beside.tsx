import type { AsRigged } from '../../api/answers.generated'
import { VerdictLine } from '../../ladder/VerdictLine'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'

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
      {told.note && <div className="small">{shown(told.note)}</div>}
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
