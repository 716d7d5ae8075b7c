import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { TodayLift } from '../../api/answers.generated'
import { dayApi } from '../../api/day'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR } from '../../ladder/verdict'
import { RoomBar } from '../../shell/RoomBar'
import { useShown } from '../../ui/preferences'
import { Reading } from '../../ui/Reading'
import { useTitle } from '../../ui/useTitle'
import './today.css'
import { clock as deviceClock } from '../../ui/clock'

const EVERY_MS = 5000
const WIDE = 200

const clock = (at: string | null) => at?.slice(11, 16) ?? ''

// How one lift stands: stop before all, then what is said no, then how far it is.
const standing = (lift: TodayLift) => {
  if (lift.why) return { verdict: 'stop', words: lift.why } as const
  if (lift.stop)
    return {
      verdict: 'stop',
      words: `stop: ${lift.stop.words || 'called'}, ${lift.stop.name}, ${deviceClock(lift.stop.at)}`,
    } as const
  if (lift.no) return { verdict: 'stop', words: `no at: ${lift.phase?.toLowerCase() ?? 'an item'}` } as const
  if (lift.state === 'closed') return { verdict: 'holds', words: 'closed' } as const
  if (lift.phase === null) return { verdict: 'holds', words: 'all phases ended' } as const
  return { verdict: 'not_known', words: lift.phase.toLowerCase() } as const
}

function Lift({ lift }: { lift: TodayLift }) {
  const shown = useShown()
  const { verdict, words } = standing(lift)
  const part = lift.phases === 0 ? 0 : lift.done / lift.phases
  return (
    <Link to={`/plans/${lift.id}/day`} className="today-lift" data-today={lift.id} data-verdict={verdict}>
      <span className="today-at">
        {clock(lift.at)}
        <small>to {clock(lift.ends) || 'not given'}</small>
      </span>
      <span className="today-what">
        <b>{lift.title}</b>
        <small>{[lift.crane, `signaller ${lift.signaller ?? 'not named'}`].filter(Boolean).join(', ')}</small>
        {lift.waits_for && lift.state === 'issued' && (
          <small className="today-waits">waits for: {lift.waits_for.title}</small>
        )}
      </span>
      <span className="today-phase">
        <RungBar
          verdict={verdict === 'not_known' ? 'holds' : verdict}
          share={verdict === 'stop' ? null : part}
          width={WIDE}
          height={14}
          plain
        />
        <span style={{ color: COLOUR[verdict], fontWeight: 600 }}>{words}</span>
        <small>
          {lift.done} of {lift.phases} phases
        </small>
      </span>
      <span className="today-wind" style={lift.wind.over ? { color: 'var(--stop)' } : undefined}>
        {lift.wind.gust ?? 'wind not written'}
        <small>{lift.wind.limit ? `at most ${shown(lift.wind.limit)}` : 'no limit is known'}</small>
      </span>
    </Link>
  )
}

// The lifts of one day beside one another; by itself of today.
export function TodayRoom() {
  const [asked, setAsked] = useSearchParams()
  const on = asked.get('on') ?? ''
  const page = useQuery({
    queryKey: ['today', on],
    queryFn: () => dayApi.today(on),
    placeholderData: keepPreviousData,
    refetchInterval: EVERY_MS,
  })
  useTitle('Lifts of the day')
  const stops = page.data?.lifts.filter((lift) => lift.stop !== null).length ?? 0
  return (
    <>
      <RoomBar title="Lifts of the day" {...(page.data && { aside: page.data.on })}>
        <Button component={Link} to="/" sx={{ color: 'inherit' }}>
          The board
        </Button>
      </RoomBar>
      <main className="today">
        <div className="today-head">
          <TextField
            variant="filled"
            type="date"
            label="Day"
            value={on || (page.data?.on ?? '')}
            onChange={(event) => setAsked(event.target.value ? { on: event.target.value } : {})}
          />
          <b role="status">
            {page.data
              ? `${page.data.lifts.length === 1 ? '1 lift' : `${page.data.lifts.length} lifts`}${
                  stops > 0 ? `, stop called at ${stops}` : ''
                }`
              : ''}
          </b>
        </div>
        <Reading query={page} what="lifts" pad={{ py: 2 }} />
        {page.data?.lifts.map((lift) => (
          <Lift key={lift.id} lift={lift} />
        ))}
        {page.data && page.data.lifts.length === 0 && (
          <p>Nothing is issued for this day. What is planned stands on the board.</p>
        )}
        {page.data && page.data.more > 0 && <p>{page.data.more} more are not shown.</p>}
      </main>
    </>
  )
}
