import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, refusal } from '../../../api/client'
import { Heading } from '../../../ui/Row'
import { usePreferences } from '../../../ui/preferences'
import { Doubts, type Answers } from '../Doubts'
import { EnteredBy } from '../EnteredBy'
import type { Draft } from './EntryRoom'
import { holes, type Sheet } from './sheet'
import type { useEntry } from './useEntry'

const MOST_FAULTS = 12

// How the page was understood, what is still open, and the taking of it.
export function EntryTake({
  draft,
  sheet,
  entry,
}: {
  draft: Draft
  sheet: Sheet
  entry: ReturnType<typeof useEntry>
}) {
  const { part, faults, fresh } = entry
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [answers, setAnswers] = useState<Answers>({})
  const { name } = usePreferences().preferences
  const [why, setWhy] = useState('')
  const [error, setError] = useState('')
  const unread = holes(sheet)
  const doubts = part?.reading.warnings ?? []
  const open = doubts.filter(({ text, answer }) => answer && !answers[text]?.trim()).length
  const known = part?.known
  const ready =
    fresh &&
    draft.saved &&
    draft.draft !== null &&
    !!part?.printed &&
    faults.length === 0 &&
    unread === 0 &&
    open === 0 &&
    !known?.same &&
    name.trim() !== '' &&
    (!known || why.trim() !== '')
  const take = async () => {
    try {
      const [line] = await api.enterCharts({
        charts: [null],
        printed: [part!.printed],
        answers: [answers],
        entered_by: name,
        why,
        draft: draft.draft!.id,
        lock_version: draft.draft!.version,
      })
      draft.forget()
      void queries.invalidateQueries({ queryKey: ['charts'] })
      void navigate(`/cranes/${line!.id}`)
    } catch (fault) {
      setError(refusal(fault))
    }
  }
  return (
    <section aria-label="As it was understood">
      <Heading aside={fresh ? undefined : 'reading'}>As it was understood</Heading>
      <Box role="status" data-entry-state>
        {faults.length > 0
          ? `${faults.length} to mend`
          : unread > 0
            ? `not read yet: ${unread} of the cells; a dash where the page allows nothing`
            : known?.same
              ? `These figures are here already, as version ${known.version} of “${known.title}”`
              : known
                ? `The machine of “${known.title}”: becomes its version ${known.version + 1}`
                : 'Every cell understood'}
      </Box>
      <ul className="faults" aria-label="To be mended">
        {faults.slice(0, MOST_FAULTS).map((fault, at) => (
          <li key={at}>
            <strong>{placeWords(fault.place) ?? (fault.pointer || 'the chart')}</strong>
            {`: ${fault.message}; expected ${fault.expected}`}
          </li>
        ))}
      </ul>
      <Doubts
        warnings={doubts}
        label="Mend it above, or say why it stands"
        answers={answers}
        answer={(what, word) => setAnswers((now) => ({ ...now, [what]: word }))}
      />
      {error && (
        <Box role="alert" sx={{ color: 'var(--stop)' }}>
          {error}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '10px', alignItems: 'flex-start', mt: 1 }}>
        <EnteredBy replacing={!!known && !known.same} why={why} setWhy={setWhy} />
        <Button variant="contained" disabled={!ready} sx={{ minHeight: 52 }} onClick={() => void take()}>
          {open > 0 ? `${open} to answer first` : 'Take the chart'}
        </Button>
      </Box>
    </section>
  )
}

// A place of the sheet as its typist knows it.
const placeWords = (place: string | undefined) => {
  const [kind, of, what, at] = place?.split('/') ?? []
  if (kind !== 'table') return of ?? kind
  const table = `table ${Number(of) + 1}`
  return what ? `${table}, ${what} ${at ? Number(at) + 1 : ''}`.trim() : table
}
