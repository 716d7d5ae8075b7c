import type { Ladder, Rung } from '../../api/ladder.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { usePreferences, useShown } from '../../ui/preferences'
import './first_steps.css'

type Step = Ladder['first']['steps'][number]
type Proposal = NonNullable<NonNullable<Ladder['first']['outline']>['proposal']>

// A plan of which less than half is known is a new one.
const isNew = ({ rungs }: Ladder) =>
  rungs.filter((rung) => rung.verdict === 'not_known').length > rungs.length / 2

// Does the order of work lead here? Not where the rung that was opened needs something else than the step
// that is on.
export function leads(ladder: Ladder, rung: Rung | null) {
  const open = ladder.first.steps.filter((step) => !step.done)
  if (open.length === 0 || !isNew(ladder)) return false

  // Steps that fill the same flight stand for one another: what the load lacks may be asked by that of its
  // points.
  const [next] = open
  const asking =
    rung && next!.flights.includes(rung.flight)
      ? open.filter(({ flights }) => flights.includes(rung.flight))
      : [next!]
  const asked = asking.flatMap((step) => step.asks.map((one) => one.pointer))
  return !rung || rung.missing.every((one) => asked.includes(one.pointer))
}

interface Props {
  ladder: Ladder
  go: (pointer: string) => void
  editor: Actions
}

// The first minutes of a plan in the order of work: what is done, what is asked now, what comes later. It
// only leads; any rung may be opened out of order.
export function FirstSteps({ ladder, go, editor }: Props) {
  const { steps, outline } = ladder.first
  const proposal = outline?.proposal
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
            <div>
              <StepWords step={step} now={index === now} go={go} />
              {index === now && proposal && asksFor(step, proposal) && (
                <TakePoints proposal={proposal} editor={editor} />
              )}
            </div>
          </li>
        ))}
      </ol>
    </section>
  )
}

const asksFor = (step: Step, { typed }: Proposal) =>
  step.asks.some(({ pointer }) => pointer !== null && pointer in typed)

function StepWords({ step, now, go }: { step: Step; now: boolean; go: (pointer: string) => void }) {
  const shown = useShown()
  return (
    <>
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
      {now && step.asks[0]?.why && <span className="why">{step.asks[0].why}</span>}
    </>
  )
}

// What is drawn dashed becomes what is typed, in one step; each of it can be changed afterwards.
function TakePoints({ proposal, editor }: { proposal: Proposal; editor: Actions }) {
  const { system } = usePreferences().preferences
  return (
    <button
      type="button"
      className="take"
      onClick={() =>
        editor.change(
          Object.fromEntries(
            Object.entries(proposal.typed).map(([place, typed]) => [place, typed?.[system]]),
          ),
          'points as proposed',
        )
      }
    >
      Take both points as drawn
    </button>
  )
}
