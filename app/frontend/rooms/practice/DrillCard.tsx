import Button from '@mui/material/Button'
import { useEffect, useRef } from 'react'
import type { DrillAnswered } from '../../api/answers.generated'
import type { Drawing } from '../../api/ladder.generated'
import type { Chart } from '../../api/plan.generated'
import { practice } from '../../api/practice'
import { HangFigure } from '../../drawing/views/HangFigure'
import { KnotStep, type Step } from '../../drawing/views/KnotStep'
import { useShown } from '../../ui/preferences'
import { ChartTables } from '../charts/ChartTables'
import { Choices } from './Choices'
import { InOrder } from './InOrder'
import { Judged } from './Judged'
import { Levelling } from './Levelling'
import { useAnswer } from './useAnswer'
import { KIND, type Drill } from './words'

// One drill: its question and picture, the answer, and after it the working.
export function DrillCard({
  drill,
  onAnswered,
  onNext,
}: {
  drill: Drill
  onAnswered: (answered: DrillAnswered) => void
  onNext: () => void
}) {
  const shown = useShown()
  const { given, told, fault, answer } = useAnswer((value) =>
    practice.answer(drill, value).then((answered) => {
      onAnswered(answered)
      return answered
    }),
  )
  const next = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    if (told) next.current?.focus()
  }, [told])
  const judged = told?.judged ?? null
  const right = typeof judged?.answer === 'string' ? judged.answer : null
  return (
    <section aria-label={KIND[drill.kind]} className="drill" data-drill={drill.kind} data-seed={drill.seed}>
      <h2>{shown(drill.words)}</h2>
      <Views drill={drill} />
      {drill.answered_by === 'choice' && (
        <Choices choices={drill.choices} given={given} right={right} onAnswer={answer} />
      )}
      {drill.answered_by === 'order' && (
        <InOrder choices={drill.choices} done={judged !== null} onAnswer={answer} />
      )}
      {drill.answered_by === 'tries' && <Levelling drill={drill} done={judged !== null} onAnswer={answer} />}
      {fault && <div role="alert">{fault}</div>}
      {judged && (
        <>
          <Judged judged={judged} />
          {drill.kind === 'tag_line' && <Knot steps={judged.answer as Step[]} />}
          <Button ref={next} variant="contained" onClick={onNext}>
            Next
          </Button>
        </>
      )}
    </section>
  )
}

const Knot = ({ steps }: { steps: Step[] }) => (
  <ol className="knot" aria-label="The knot, step by step">
    {steps.map((step) => (
      <li key={step}>
        <KnotStep step={step} />
      </li>
    ))}
  </ol>
)

function Views({ drill }: { drill: Drill }) {
  const shown = useShown()
  const { drawing, chart, facts } = drill.views
  return (
    <>
      {chart && (
        <div className="tables">
          <ChartTables
            chart={{ data: chart as unknown as Chart, diagram: { tables: [] } }}
            which={null}
            radius={null}
          />
        </div>
      )}
      {drawing && drill.kind !== 'level_it' && (
        <svg width={420} height={200} role="img" aria-label="How it hangs">
          <HangFigure drawing={drawing as Drawing} x={210} y={104} wide={300} high={170} names />
        </svg>
      )}
      {facts && (
        <ul className="facts">
          {facts.map((fact) => (
            <li key={shown(fact)}>{shown(fact)}</li>
          ))}
        </ul>
      )}
    </>
  )
}
