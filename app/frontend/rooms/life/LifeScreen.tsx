import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import type { PlanLife } from '../../api/answers.generated'
import { api, refusal } from '../../api/client'
import type { Editor } from '../../plan/usePlanEditor'
import { COLOUR, WORD } from '../../ladder/verdict'
import { PlanBar } from '../../shell/PlanBar'
import { useShown } from '../../ui/preferences'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { useTitle } from '../../ui/useTitle'
import { when } from '../../ui/when'
import { Bars } from './Bars'
import { frozenAs } from './words'
import { LifeHead, StateLine } from './LifeHead'
import { Records } from './Records'
import { SignDialog, type Asked } from './SignDialog'

// The flights of the ladder with their signatures, foot last as they stand.
function Flights({ editor, life }: { editor: Editor; life: PlanLife }) {
  const { ladder } = editor.checked
  const shown = useShown()
  return (
    <Box component="nav" aria-label="Flights" sx={{ p: 2, bgcolor: 'var(--dust)', order: { xs: 3, md: 0 } }}>
      {[...(ladder?.flights ?? [])].reverse().map((flight) => {
        const worst = ladder!.rungs.find((rung) => rung.id === flight.worst)!
        const signature = life.flights.find(({ id }) => id === flight.id)
        return (
          <Box key={flight.id} data-flight={flight.id} sx={{ borderTop: '3px solid var(--ink)', py: 1 }}>
            <Box component={Link} to={`/plans/${editor.id}`} sx={{ color: 'inherit', fontWeight: 600 }}>
              {flight.label}
            </Box>
            <Box sx={{ color: COLOUR[worst.verdict] }}>
              {WORD[worst.verdict]}: {worst.label.toLowerCase()} {shown(worst.utilisation)}
            </Box>
            <Box>{signature?.by ? `✓ ${signature.by}, ${when(signature.at!)}` : 'not signed'}</Box>
          </Box>
        )
      })}
    </Box>
  )
}

// A plan's life: how it stands, what bars it, who did what with it, and what one may do with it next.
export function LifeScreen({ editor }: { editor: Editor }) {
  const { id, document, state } = editor
  const { ladder } = editor.checked
  const queries = useQueryClient()
  const [asked, setAsked] = useState<Asked | null>(null)
  useTitle(`${document.title}, its life`)
  // What is still being typed is not what somebody would sign.
  const saved = state === 'saved'
  const life = useQuery({
    queryKey: ['life', id, editor.revision],
    queryFn: () => api.life(id),
    enabled: saved,
    refetchOnWindowFocus: true,
  })
  // The ladder beside it stands as that which is signed: looked at again whenever that is another.
  const { document: seen, ladder: climbed } = life.data?.seen ?? {}
  useEffect(() => {
    if (climbed) void queries.refetchQueries({ queryKey: ['meanwhile', id] })
  }, [queries, id, seen, climbed])
  const done = (next: PlanLife) => {
    editor.setFrozen(frozenAs(next))
    queries.setQueryData(['life', id, editor.revision], next)
    setAsked(null)
  }
  const setPattern = (pattern: boolean) => void api.setPattern(id, pattern).finally(() => void life.refetch())
  const byWord = (ladder?.rungs ?? []).filter((rung) => rung.word).map((rung) => rung.label.toLowerCase())
  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <PlanBar editor={editor} room="life" />
      <Box component="main" sx={{ flex: 1 }}>
        <Box component="h1" className="hush">
          {document.title}, its life
        </Box>
        {(!life.data || state === 'tried') && (
          <Box role="status" sx={{ p: 4, typography: 'heading' }}>
            {life.isError
              ? `It could not be read: ${refusal(life.error, 'no answer')}`
              : saved
                ? 'Reading its records'
                : state === 'tried'
                  ? 'A try is open here, which nobody signs: go back to what stands first'
                  : 'What was typed is being saved first'}
            {life.isError && <Button onClick={() => void life.refetch()}>Read it again</Button>}
          </Box>
        )}
        {life.data && state !== 'tried' && (
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', md: '272px minmax(0, 1fr) 344px' },
              minHeight: `calc(100dvh - ${BAR_HEIGHT}px)`,
            }}
          >
            <Flights editor={editor} life={life.data} />
            <Box sx={{ minWidth: 0, bgcolor: 'var(--bone)', order: { xs: 2, md: 0 } }}>
              <LifeHead life={life.data} byWord={byWord} />
              <StateLine life={life.data} />
              <Records life={life.data} />
            </Box>
            <Box sx={{ bgcolor: 'var(--chalk)', borderLeft: { md: '2.5px solid var(--ink)' } }}>
              <Bars plan={id} life={life.data} onAct={setAsked} onPattern={setPattern} />
            </Box>
          </Box>
        )}
        {asked && life.data && (
          <SignDialog
            plan={id}
            life={life.data}
            asked={asked}
            onClose={() => setAsked(null)}
            onDone={done}
            onOvertaken={() => void life.refetch()}
          />
        )}
      </Box>
    </Box>
  )
}
