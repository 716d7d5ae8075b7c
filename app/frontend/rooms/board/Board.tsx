import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Pagination from '@mui/material/Pagination'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { api, type BoardPage } from '../../api/client'
import { Reading } from '../../ui/Reading'
import { BAR_HEIGHT, figures } from '../../ui/theme/tokens'
import { BoardBar } from './BoardBar'
import { BoardFind } from './BoardFind'
import { BoardRow, COLUMNS } from './BoardRow'
import { FileDrop } from '../../shell/FileDrop'
import { NewLift } from './NewLift'
import { QuickCheck } from './QuickCheck'
import { countedPlans } from './words'

// How often is asked again while the server still works some lines out.
const AGAIN_MS = 1000
const HEADS = ['day', 'ladder', 'lift', 'verdict, and the rung that governs', 'crane', 'waits for']
const dateOf = (plan: { lift_at: string | null } | undefined) => plan?.lift_at?.slice(0, 10)

const tally = ({ plans, counts, working }: BoardPage) =>
  `${countedPlans(plans)}: ${counts.holds} hold, ${counts.tight}` +
  ` tight, ${counts.stop} stop, ${counts.not_known} not known` +
  (working > 0 ? `, working on ${working}` : '')

// Every lift as a small ladder on its own line, and what it waits for; found, filtered and a page at a time.
export function Board() {
  const [asked, setAsked] = useSearchParams()
  const board = useQuery({
    queryKey: ['board', asked.toString()],
    queryFn: () => api.board(asked),
    refetchOnMount: 'always',
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) => (state.data && state.data.working > 0 ? AGAIN_MS : false),
  })
  const [dialog, setDialog] = useState<'start' | 'check' | null>(null)
  useEffect(() => {
    document.title = 'Dust Ladder'
  }, [])
  // What is asked for stands in the address; another question starts at its first page.
  const ask = useCallback(
    (changes: Record<string, string>) =>
      setAsked(
        (before) => {
          const next = new URLSearchParams(before)
          for (const [name, value] of Object.entries({ page: '', ...changes }))
            if (value) next.set(name, value)
            else next.delete(name)
          return next
        },
        { replace: true },
      ),
    [setAsked],
  )
  const order = asked.get('order') === 'weakest' ? 'weakest' : 'day'
  const { data } = board
  return (
    <FileDrop>
      <BoardBar
        at={order === 'weakest' ? 'weakest' : 'all'}
        check={() => setDialog('check')}
        start={() => setDialog('start')}
      >
        <Box component="h1" sx={{ m: 0, typography: 'heading', fontWeight: 600, pl: { xs: 0, md: 2 } }}>
          Lifts
        </Box>
        {data && (
          <Box role="status" sx={{ pl: 1.5, fontFamily: figures, typography: 'lead' }}>
            {tally(data)}
          </Box>
        )}
      </BoardBar>
      <Box component="main" sx={{ bgcolor: 'var(--bone)', minHeight: `calc(100dvh - ${BAR_HEIGHT}px)` }}>
        {data && data.plans > 0 && <BoardFind asked={asked} ask={ask} cranes={data.cranes} />}
        {(!data || board.isError) && <Reading query={board} what="plans" pad={{ p: 4 }} />}
        {data?.plans === 0 && (
          <Box sx={{ p: 4, typography: 'heading' }}>
            No lifts yet. Start with{' '}
            <Button variant="outlined" onClick={() => setDialog('start')}>
              New lift
            </Button>
            , or drop a plan file here.
          </Box>
        )}
        {data && data.plans > 0 && data.lines.length === 0 && (
          <Box sx={{ p: 4, typography: 'heading' }}>None of {data.plans} plans is like that.</Box>
        )}
        {data && data.lines.length > 0 && (
          <Lines board={data} byDay={order === 'day'} turn={(page) => ask({ page: String(page) })} />
        )}
      </Box>
      {dialog === 'start' && <NewLift onClose={() => setDialog(null)} />}
      {dialog === 'check' && <QuickCheck onClose={() => setDialog(null)} />}
    </FileDrop>
  )
}

function Lines({ board, byDay, turn }: { board: BoardPage; byDay: boolean; turn: (page: number) => void }) {
  return (
    <>
      <Box role="table" aria-label="Lifts">
        <Box
          role="row"
          sx={{
            display: { xs: 'none', md: 'grid' },
            gridTemplateColumns: COLUMNS,
            bgcolor: 'var(--dust)',
            borderBottom: '1.5px solid var(--ink)',
            fontFamily: figures,
            typography: 'plain',
            '& > *': { px: '12px', py: '6px' },
          }}
        >
          {HEADS.map((head) => (
            <Box role="columnheader" key={head}>
              {head}
            </Box>
          ))}
        </Box>
        {board.lines.map((plan, index) => (
          <BoardRow
            key={plan.id}
            plan={plan}
            sameDay={byDay && index > 0 && dateOf(board.lines[index - 1]) === dateOf(plan)}
          />
        ))}
      </Box>
      {board.pages > 1 && (
        <Box
          sx={{ display: 'flex', alignItems: 'center', gap: 2, p: 2, borderTop: '1.5px solid var(--ink)' }}
        >
          <Pagination
            count={board.pages}
            page={board.page}
            shape="rounded"
            onChange={(_, page) => {
              turn(page)
              window.scrollTo({ top: 0 })
            }}
          />
          <Box sx={{ fontFamily: figures, typography: 'field' }}>{board.asked} lifts</Box>
        </Box>
      )}
    </>
  )
}
