import type { Trial } from '../../api/answers.generated'
import { COLOUR } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'

const AXES = ['along', 'across', 'high']

// The one thing to do next, and what the next try should read then, beside the tries before.
export function Advice({ told }: { told: Trial }) {
  const shown = useShown()
  const { advice, tries, names } = told
  if (!advice) return null
  const last = tries.slice(-2)
  const first = tries.length - last.length
  return (
    <section aria-label="What to change" data-advice={advice.id}>
      <Heading>What to change</Heading>
      <div className="day-advice">{shown(advice.words)}</div>
      {advice.detail && <div>{shown(advice.detail)}</div>}
      {advice.expected && (
        <table className="day-table">
          <thead>
            <tr>
              <th>leg</th>
              {last.map((_, at) => (
                <th key={at}>try {first + at + 1}</th>
              ))}
              <th>expected</th>
            </tr>
          </thead>
          <tbody>
            {names.map((name, leg) => (
              <tr key={name}>
                <td>
                  <b>{name}</b>
                </td>
                {last.map((one, at) => {
                  const slack = one.findings.find((finding) => finding.leg === leg)?.share === 0
                  return (
                    <td key={at} style={slack ? { color: 'var(--stop)' } : undefined}>
                      {shown(one.cells[leg]) || '–'}
                    </td>
                  )
                })}
                <td className="day-expected">{shown(advice.expected!.pulls[leg])}</td>
              </tr>
            ))}
            <tr>
              <td>
                <b>tilt</b>
              </td>
              {last.map((one, at) => (
                <td key={at}>{shown(one.tilt) || '–'}</td>
              ))}
              <td className="day-expected">{shown(advice.expected.tilt)}</td>
            </tr>
          </tbody>
        </table>
      )}
    </section>
  )
}

// What the tries teach of the load, how surely, and what they cannot tell.
export function Learnt({ told }: { told: Trial }) {
  const shown = useShown()
  const { learnt, missing, taken } = told
  return (
    <section aria-label="What was learnt" data-learnt={!!learnt}>
      <Heading>What was learnt</Heading>
      {missing && <div role="status">Nothing yet: {missing}.</div>}
      {learnt?.doubt && (
        <div role="alert" style={{ color: 'var(--stop)', fontWeight: 600 }}>
          {shown(learnt.doubt)}
        </div>
      )}
      {learnt?.weight && (
        <div>
          Weight <b>{shown(learnt.weight.figure)}</b>, give or take {shown(learnt.weight.error)}
        </div>
      )}
      {learnt?.cg.map(
        (place, axis) =>
          place && (
            <div key={axis} data-axis={AXES[axis]}>
              CG {AXES[axis]} <b>{shown(place.figure)}</b>, give or take {shown(place.error)}
              {'; off the plan by '}
              <b>{shown(place.off)}</b>
              {place.outside && <b style={{ color: 'var(--tight)' }}>: outside its box</b>}
            </div>
          ),
      )}
      {learnt && learnt.cannot_tell.length > 0 && (
        <span className="small">Not told: {learnt.cannot_tell.map((one) => shown(one)).join('; ')}.</span>
      )}
      {taken && (
        <div>
          With these the plan stands: <b style={{ color: COLOUR[taken.verdict] }}>{shown(taken.headline)}</b>
        </div>
      )}
    </section>
  )
}
