import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, type DaysPage } from '../../api/client'
import { useKeepDays } from '../../plan/useKeepDays'
import { FileDrop } from '../../shell/FileDrop'
import { Reading } from '../../ui/Reading'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { useSize } from '../../ui/useSize'
import { BarSearch } from './BarSearch'
import { BoardBar } from './BoardBar'
import './days.css'
import { DayLists } from './DayLists'
import { Lanes } from './Lanes'
import { LATER, lanesOf } from './lanes'
import { NewHouse } from './NewHouse'
import { NewLift } from './NewLift'
import { QuickCheck } from './QuickCheck'
import { Signs, wantedOf, type Wanted } from './Signs'
import { useDayKeys } from './useDayKeys'
import { SHOWN, useWaits, Waiting } from './Waiting'

const AGAIN_MS = 1500
const STEADY_MS = 60_000

const useDays = (from: string) =>
  useQuery({
    queryKey: ['days', from],
    queryFn: () => api.days(from),
    refetchOnMount: 'always',
    placeholderData: keepPreviousData,
    // What is being worked out is asked for again soon; the hour goes on in any case.
    refetchInterval: ({ state }) => (state.data && state.data.working > 0 ? AGAIN_MS : STEADY_MS),
  })

// Earlier and later days: the next ones, or where the next lift is.
function Turn({ page, turn }: { page: DaysPage; turn: (from: string) => void }) {
  const [first, last] = [page.days[0]!, page.days.at(-1)!]
  const count = page.lifts.length
  return (
    <div className="turn">
      <span>{count === 1 ? '1 lift of these days' : `${count} lifts of these days`} counted above</span>
      <Button
        variant="outlined"
        aria-label={page.before ? `Earlier: the lifts before ${first}` : 'No earlier lift'}
        disabled={!page.before}
        onClick={() => turn(page.before!)}
      >
        ◀
      </Button>
      <Button
        variant="outlined"
        aria-label={page.after ? `Later: the lifts after ${last}` : 'No later lift'}
        disabled={!page.after}
        onClick={() => turn(page.after!)}
      >
        ▶
      </Button>
    </div>
  )
}

// What is not drawn here, so that nobody takes these days for all there is.
function Rest({ page }: { page: DaysPage }) {
  const elsewhere = [
    page.more > 0 && `${page.more} more lifts on these days than can be drawn`,
    page.undated > 0 && `${page.undated} ${page.undated === 1 ? 'plan has' : 'plans have'} no day yet`,
  ].filter(Boolean)
  if (elsewhere.length === 0 && page.working === 0) return false
  return (
    <div className="rest">
      {elsewhere.length > 0 && (
        <>
          {elsewhere.join('. ')}: see <Link to="/all">All plans</Link>.{' '}
        </>
      )}
      {page.working > 0 && `Working out ${page.working}.`}
    </div>
  )
}

// The board: what waits for me, and the lifts of some days by crane, each as a ladder whose posture is its
// state.
export function DayBoard() {
  const [asked, setAsked] = useSearchParams()
  const from = asked.get('from') ?? ''
  const days = useDays(from)
  const page = days.data
  useKeepDays(page)
  const [of, setOf] = useState<number | null>(null)
  const waits = useWaits(of)
  const [wanted, setWanted] = useState<Wanted>({ state: null, verdict: null })
  const [dialog, setDialog] = useState<'start' | 'check' | null>(null)
  const [ref, size] = useSize({ width: 1008, height: 700 })
  const phone = useMediaQuery('(max-width: 899px)')
  useEffect(() => {
    document.title = 'Dust Ladder'
  }, [])
  const width = Math.max(280, size.width - 3 * LATER - 1)
  const lifts = useMemo(() => wantedOf(page?.lifts ?? [], wanted), [page, wanted])
  const lanes = useMemo(() => (page ? lanesOf({ lifts, days: page.days }, width) : []), [page, lifts, width])
  const mine = useMemo(
    () =>
      new Map(
        (waits.data?.waits ?? [])
          .slice(0, SHOWN)
          .flatMap(({ plan }, index): [number, number][] => (plan === null ? [] : [[plan, index + 1]]))
          .reverse(),
      ),
    [waits.data],
  )
  const turn = (day: string) => setAsked(day ? { from: day } : {}, { replace: true })
  const onKey = useDayKeys(lanes, page, turn)
  const shownPage = page && { ...page, lifts }
  return (
    <FileDrop>
      <BoardBar at="days" check={() => setDialog('check')} start={() => setDialog('start')}>
        <h1 className="hush">Lifts by day</h1>
        <BarSearch plans={page?.plans} />
      </BoardBar>
      <Box
        component="main"
        className="day-board"
        sx={{ minHeight: `calc(100dvh - ${BAR_HEIGHT}px)` }}
        onKeyDown={onKey}
      >
        <aside>
          <Waiting waits={waits.data} query={waits} today={page?.today ?? ''} of={of} show={setOf} />
          {page && <Turn page={page} turn={turn} />}
        </aside>
        <Box ref={ref} className="days">
          {page && <Signs lifts={page.lifts} wanted={wanted} want={setWanted} />}
          {(!page || days.isError) && <Reading query={days} what="days" pad={{ p: 3 }} />}
          {page && <Rest page={page} />}
          {page?.begun && <NewHouse begun={page.begun} plans={page.plans} start={() => setDialog('start')} />}
          {page && !page.begun && lifts.length === 0 && (
            <Box sx={{ p: 3, typography: 'heading' }}>
              {page.lifts.length > 0 ? 'No lift of these days is like that.' : 'No lift on these days.'}
            </Box>
          )}
          {shownPage &&
            lifts.length > 0 &&
            (phone ? (
              <DayLists page={shownPage} mine={mine} />
            ) : (
              <Lanes page={shownPage} lanes={lanes} width={width} mine={mine} />
            ))}
        </Box>
      </Box>
      {dialog === 'start' && <NewLift onClose={() => setDialog(null)} />}
      {dialog === 'check' && <QuickCheck onClose={() => setDialog(null)} />}
    </FileDrop>
  )
}
