import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal, type QuestionLine } from '../../api/client'
import type { RungId } from '../../api/ladder.generated'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading } from '../../ui/Row'
import { useKeptText } from '../../ui/useKeptText'
import { useMay } from '../../ui/who'
import { when } from '../../ui/when'

const MOST = 400
const ASKED_AGAIN_MS = 60_000
const HANDS = ['rigger', 'planner', 'keeper', 'appointed', 'engineer'] as const

// One question, and its answer or the field for it.
function Question({ plan, one, done }: { plan: number; one: QuestionLine; done: () => void }) {
  const may = useMay()
  const [answer, setAnswer] = useKeptText(`answer-${plan}-${one.id}`)
  const [fault, setFault] = useState('')
  const send = () =>
    api.answerQuestion(plan, one.id, answer, one.lock_version).then(
      () => {
        setAnswer('')
        done()
      },
      (error: unknown) => {
        setFault(refusal(error, 'no answer from the server'))
        done()
      },
    )
  return (
    <Box data-question={one.id} sx={{ py: 1, borderBottom: '1px solid var(--line)' }}>
      <div>
        <strong>{one.by}</strong>
        {one.asked && ` asks ${one.asked}`}: {one.words}
      </div>
      <div className="small">{`${when(one.at)}, rev ${one.revision}`}</div>
      {one.answer !== null ? (
        <div>
          <strong>{one.answered_by}</strong>: {one.answer}
          <div className="small">{when(one.answered_at!)}</div>
        </div>
      ) : (
        may(...HANDS) && (
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'start' }}>
            <TextField
              variant="filled"
              fullWidth
              label="Answer"
              value={answer}
              error={fault !== ''}
              helperText={fault || undefined}
              slotProps={{ htmlInput: { maxLength: MOST, 'aria-label': `Answer to: ${one.words}` } }}
              onChange={(event) => setAnswer(event.target.value)}
            />
            <Button variant="outlined" disabled={answer.trim() === ''} onClick={() => void send()}>
              Answer
            </Button>
          </Box>
        )
      )}
    </Box>
  )
}

// Asks beside a rung: of somebody, or of whoever plans.
function Ask({ plan, rung, done }: { plan: number; rung: RungId; done: () => void }) {
  const [words, setWords] = useKeptText(`question-${plan}-${rung}`)
  const [asked, setAsked] = useState('')
  const [fault, setFault] = useState('')
  const people = useQuery({ queryKey: ['people'], queryFn: api.people })
  const send = () =>
    api.askQuestion(plan, rung, words, asked).then(
      () => {
        setWords('')
        setFault('')
        done()
      },
      (error: unknown) => setFault(refusal(error, 'no answer from the server')),
    )
  return (
    <details className="rejected" open={words !== '' || undefined}>
      <summary>Ask about this rung</summary>
      <TextField
        variant="filled"
        fullWidth
        multiline
        label="Question"
        placeholder="who measured this?"
        value={words}
        error={fault !== ''}
        helperText={fault || ' '}
        slotProps={{ htmlInput: { maxLength: MOST } }}
        onChange={(event) => setWords(event.target.value)}
      />
      <ChoiceField
        id="question-to"
        label="To"
        value={asked}
        choices={[
          ['', 'whoever plans'],
          ...(people.data ?? [])
            .filter(({ active }) => active)
            .map((one): [string, string] => [one.login, one.name]),
        ]}
        onChoose={setAsked}
      />
      <Button variant="outlined" disabled={words.trim() === ''} onClick={() => void send()} sx={{ mt: 1 }}>
        Ask
      </Button>
    </details>
  )
}

// What was asked beside a rung, and answered; no more than that.
export function Questions({ plan, rung }: { plan: number; rung: RungId }) {
  const may = useMay()
  const queries = useQueryClient()
  const key = ['questions', plan]
  const all = useQuery({
    queryKey: key,
    queryFn: () => api.questions(plan),
    refetchInterval: ASKED_AGAIN_MS,
  })
  const own = (all.data ?? []).filter((one) => one.rung === rung)
  const done = () => void queries.invalidateQueries({ queryKey: key })
  if (own.length === 0 && !may(...HANDS)) return null
  return (
    <section aria-label="questions">
      {own.length > 0 && <Heading>Asked</Heading>}
      {own.map((one) => (
        <Question key={one.id} plan={plan} one={one} done={done} />
      ))}
      {may(...HANDS) && <Ask key={rung} plan={plan} rung={rung} done={done} />}
    </section>
  )
}
