import type { Ladder, Rung } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import './first_steps.css'

type Step = Ladder['first']['steps'][number]

// A plan of which less than half is known is a new one.
const isNew = ({ rungs }: Ladder) =>
  rungs.filter((rung) => rung.verdict === 'not_known').length > rungs.length / 2

// Does the order of work lead here? Not where the rung that was opened needs something else than the step
// that is on.
export function leads(ladder: Ladder, rung: Rung | null) {
  const now = ladder.first.steps.find((step) => !step.done)
  if (!now || !isNew(ladder)) return false

  const asked = now.asks.map((one) => one.pointer)
  return !rung || rung.missing.every((one) => asked.includes(one.pointer))
}

// The first minutes of a plan in the order of work: what is done, what is asked now, what comes later. It
// only leads; any rung may be opened out of order.
export function FirstSteps({ ladder, go }: { ladder: Ladder; go: (pointer: string) => void }) {
  const { steps } = ladder.first
  const now = steps.findIndex((step) => !step.done)
  return (
    <section className="first-steps" aria-label="The order of work">
      <h3>
        Order of work <span>{`step ${now + 1} of ${steps.length}`}</span>
      </h3>
      <ol>
        {steps.map((step, index) => (
          <li
            key={step.id}
            className={step.done ? 'done' : index === now ? 'now' : 'later'}
            data-step={step.id}
          >
            <span className="number" aria-hidden>
              {index + 1}
            </span>
            <StepWords step={step} now={index === now} go={go} />
          </li>
        ))}
      </ol>
    </section>
  )
}

function StepWords({ step, now, go }: { step: Step; now: boolean; go: (pointer: string) => void }) {
  const shown = useShown()
  return (
    <div>
      <div className="head">
        <strong>{step.label}</strong>
        <span className="hush">{step.done ? ', done' : now ? ', now' : ', later'}</span>
        {!step.done && <span className="small">{step.about}</span>}
      </div>
      {step.echo && <span className="echo">{shown(step.echo)}</span>}
      {now &&
        step.asks.map(({ what, pointer }) =>
          pointer ? (
            <button key={what} type="button" onClick={() => go(pointer)}>
              {what}
            </button>
          ) : (
            <span key={what} className="small">
              {what}
            </span>
          ),
        )}
    </div>
  )
}
