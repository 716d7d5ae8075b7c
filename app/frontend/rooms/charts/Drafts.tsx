import Box from '@mui/material/Box'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, refusal, type ChartDraftLine } from '../../api/client'
import { AskFirst } from '../../ui/AskFirst'
import { when } from '../../ui/when'
import { FAMILY } from './words'

// Charts that are still being typed, by whoever goes on with them.
export function Drafts() {
  const queries = useQueryClient()
  const drafts = useQuery({ queryKey: ['chart_drafts'], queryFn: api.chartDrafts, refetchOnMount: 'always' })
  const discarding = useMutation({
    mutationFn: ({ id, lock_version }: ChartDraftLine) => api.discardDraft(id, lock_version),
    onSettled: () => queries.invalidateQueries({ queryKey: ['chart_drafts'] }),
  })
  if (drafts.isError) return <Box role="alert">The drafts could not be read.</Box>
  if (!drafts.data?.length) return null
  return (
    <section className="machine" aria-label="Still being typed">
      <h2>
        Still being typed<span>{drafts.data.length}</span>
      </h2>
      {discarding.error && <Box role="alert">{refusal(discarding.error)}</Box>}
      <ul className="plain">
        {drafts.data.map((draft) => (
          <li key={draft.id} data-draft={draft.id}>
            <Link to={`/cranes/drafts/${draft.id}`}>{draft.title || 'a chart without a title yet'}</Link>
            {`, ${FAMILY[draft.family] ?? 'family not said'}, saved ${when(draft.saved_at)}`}
            {draft.saved_by && ` by ${draft.saved_by}`}
            <AskFirst
              words="Throw away"
              label={`Throw away ${draft.title || 'a chart without a title yet'}`}
              sure="Throw it away for good"
              act={() => discarding.mutate(draft)}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}
