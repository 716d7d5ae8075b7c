import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { api, type RevisionLine } from '../../api/client'
import type { Editor } from '../../plan/usePlanEditor'
import { PlanBar } from '../../shell/PlanBar'
import { NameRevision } from '../../shell/NameRevision'
import { Reading } from '../../ui/Reading'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { useTitle } from '../../ui/useTitle'
import { when } from '../../ui/when'
import '../../ui/tables.css'
import './history.css'
import { Beside } from './Beside'
import { pairOf } from './pair'

// Every state that was ever saved: who changed what; two of them side by side; and the way back to one.
export function HistoryScreen({ editor }: { editor: Editor }) {
  const { id, revision, document, held } = editor
  const [asked, setAsked] = useSearchParams()
  const [naming, setNaming] = useState<RevisionLine | null>(null)
  const [fault, setFault] = useState('')
  useTitle(`${document.title}, its history`)
  const all = useQuery({
    queryKey: ['revisions', id, revision],
    queryFn: () => api.revisions(id),
    staleTime: 0,
    gcTime: 0,
  })
  const pair = pairOf(all.data ?? [], asked.get('from'), asked.get('to'))
  const choose = (side: 'from' | 'to', number: number) =>
    setAsked({ from: String(pair.from), to: String(pair.to), [side]: String(number) }, { replace: true })
  const take = (number: number) =>
    api.revision(id, number).then(
      (kept) => {
        setFault('')
        editor.change({ '': kept.document }, `revision ${number} taken back`)
      },
      (error: unknown) => setFault(error instanceof Error ? error.message : 'it could not be read'),
    )
  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <PlanBar editor={editor} room="history" />
      <main className="history" style={{ minHeight: `calc(100dvh - ${BAR_HEIGHT}px)` }}>
        <h1 className="hush">{document.title}, its history</h1>
        <section aria-label="Revisions" className="revisions">
          <h2>Who changed what</h2>
          <div className="small">Of those that nobody named, one an hour stays after a day.</div>
          <Reading query={all} what="revisions" pad={{ py: 2 }} />
          {fault && <div role="alert">{fault}</div>}
          {naming && (
            <NameRevision
              plan={id}
              revision={naming}
              onClose={() => setNaming(null)}
              onDone={() => {
                setNaming(null)
                void all.refetch()
              }}
            />
          )}
          <ol>
            {all.data?.map((one) => (
              <li key={one.number} data-revision={one.number}>
                <div className="sides" role="group" aria-label={`Revision ${one.number} in the comparison`}>
                  {(['from', 'to'] as const).map((side) => (
                    <button
                      key={side}
                      type="button"
                      aria-pressed={pair[side] === one.number}
                      onClick={() => choose(side, one.number)}
                    >
                      {side}
                    </button>
                  ))}
                </div>
                <div>
                  <div>
                    <strong>{one.number}</strong> {one.name && <strong>{`“${one.name}” `}</strong>}
                    {`${when(one.created_at)}${one.by ? `, ${one.by}` : ''}`}
                  </div>
                  <div className="told">{one.told || one.note || 'saved'}</div>
                  <Button size="small" onClick={() => setNaming(one)}>
                    {one.name ? 'Rename' : 'Name it'}
                  </Button>
                  {one.number === revision ? (
                    <span className="small">as it stands now</span>
                  ) : (
                    !held && (
                      <Button size="small" onClick={() => void take(one.number)}>
                        Go back to it
                      </Button>
                    )
                  )}
                </div>
              </li>
            ))}
          </ol>
        </section>
        <Beside plan={id} from={pair.from} to={pair.to} />
      </main>
    </Box>
  )
}
