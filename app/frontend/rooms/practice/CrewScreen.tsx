import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import type { CrewQuestion } from '../../api/answers.generated'
import { practice } from '../../api/practice'
import type { Editor } from '../../plan/usePlanEditor'
import { PlanBar } from '../../shell/PlanBar'
import { useShown } from '../../ui/preferences'
import { Reading } from '../../ui/Reading'
import { useTitle } from '../../ui/useTitle'
import { Choices } from './Choices'
import { Judged } from './Judged'
import { useAnswer } from './useAnswer'
import './practice.css'

// A short set for the crew before a lift, from its own plan. Nothing of it is kept.
export function CrewScreen({ editor }: { editor: Editor }) {
  useTitle(`${editor.document.title}, with the crew`)
  const [of, setOf] = useState(editor.document)
  const set = useQuery({
    queryKey: ['crew', editor.id, of],
    queryFn: () => practice.crew(of),
    staleTime: Infinity,
    retry: false,
  })
  const [at, setAt] = useState(0)
  const [round, setRound] = useState(0)
  const questions = set.data?.questions ?? []
  const question = questions[at]
  return (
    <Box sx={{ minHeight: '100dvh' }}>
      <PlanBar editor={editor} room="crew" />
      <main className="practice crew">
        <h1 className="hush">{editor.document.title}, with the crew</h1>
        <Reading query={set} what="questions" pad={{ p: 3 }} />
        {of !== editor.document && (
          <div role="alert" className="stale">
            The plan has changed since.{' '}
            <Button
              variant="outlined"
              onClick={() => {
                setOf(editor.document)
                setAt(0)
                setRound(round + 1)
              }}
            >
              Ask anew
            </Button>
          </div>
        )}
        {set.data && questions.length === 0 && (
          <p>The plan does not know enough yet to ask its crew: give crane, radii and rigging first.</p>
        )}
        {question && (
          <Asked
            key={`${round}/${question.id}`}
            of={of}
            question={question}
            place={`${at + 1} of ${questions.length}`}
          >
            {at + 1 < questions.length ? (
              <Button variant="contained" onClick={() => setAt(at + 1)}>
                Next
              </Button>
            ) : (
              <Button variant="contained" component={Link} to={`/plans/${editor.id}/day`}>
                To the lift day
              </Button>
            )}
          </Asked>
        )}
      </main>
    </Box>
  )
}

function Asked({
  of,
  question,
  place,
  children,
}: {
  of: Editor['document']
  question: CrewQuestion
  place: string
  children: React.ReactNode
}) {
  const shown = useShown()
  const { given, told, fault, answer } = useAnswer((id) =>
    practice.crew(of, { question: question.id, answer: String(id) }),
  )
  const judged = told?.judged ?? null
  return (
    <section className="drill" aria-label="Question to the crew" data-question={question.id}>
      <div className="small">{place}</div>
      <h2>{shown(question.words)}</h2>
      <Choices
        choices={question.choices}
        given={given}
        right={judged ? String(judged.answer) : null}
        onAnswer={answer}
      />
      {fault && <div role="alert">{fault}</div>}
      {judged && (
        <>
          <Judged judged={judged} />
          {children}
        </>
      )}
    </section>
  )
}
