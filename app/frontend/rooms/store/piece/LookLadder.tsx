import type { Inspection } from '../../../api/client'
import { RungBar } from '../../../ladder/RungBar'
import { COLOUR } from '../../../ladder/verdict'
import { useShown } from '../../../ui/preferences'
import { RUNG, SAYS } from './verdicts'

const WIDTH = 200

// The looks as a ladder, the first one at its foot: stays, out, or dashed as long as nobody looked.
export function LookLadder({
  inspection,
  kind,
  at,
  go,
}: {
  inspection: Inspection
  kind: string
  at: string
  go: (look: string) => void
}) {
  const shown = useShown()
  const { looks } = inspection
  const count = (says: (verdict: string) => boolean) => looks.filter(({ verdict }) => says(verdict)).length
  const out = count((verdict) => verdict === 'out' || verdict === 'doubt')
  const stay = count((verdict) => verdict === 'stays')
  const left = count((verdict) => verdict === 'not_looked' || verdict === 'not_known')
  return (
    <nav className="look-ladder" aria-label="Looks">
      <div className="look-landing">
        <strong>Before use</strong>
        <span>{`${looks.length} looks, ${kind.replace(/ sling$/, '')}`}</span>
      </div>
      <ol reversed>
        {[...looks].reverse().map((look) => (
          <li key={look.id}>
            <button
              type="button"
              className="look-rung"
              aria-current={at === look.id}
              data-look={look.id}
              data-verdict={look.verdict}
              onClick={() => go(look.id)}
            >
              <span className="look-head">
                <span>{look.short}</span>
                <span style={{ color: COLOUR[RUNG[look.verdict]] }}>
                  {SAYS[look.verdict]}
                  {look.used && <strong>{` ${shown(look.used)}`}</strong>}
                </span>
              </span>
              <RungBar
                verdict={RUNG[look.verdict]}
                share={look.used?.value ?? null}
                width={WIDTH}
                height={10}
              />
              <span className="look-note">
                {look.verdict === 'not_looked' ? shown(look.limit) : shown(look.told)}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <div className="look-foot" role="status">
        <strong>{`${looks.length} looks: ${out} out, ${left} not known, ${stay} stay`}</strong>
        <span>order by kind; any one out takes it out</span>
      </div>
    </nav>
  )
}
