import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { LiftDay } from '../../api/answers.generated'
import { RoomBar } from '../../shell/RoomBar'
import { usePreferences, useShown } from '../../ui/preferences'
import { useTitle } from '../../ui/useTitle'
import { useWho } from '../../ui/who'
import { Closing } from './Closing'
import { openHere } from './here'
import { DayLog } from './DayLog'
import { PhaseLadder } from './PhaseLadder'
import { PhasePanel } from './PhasePanel'
import { Signals } from './Signals'
import { Signaller } from './Signaller'
import { CallStop, Stopped } from './StopCall'
import { useDay, type Day } from './useDay'
import { clock } from '../../ui/clock'
import '../../ui/parts.css'
import './day.css'

// Since when nobody answers, and what waits here meanwhile.
function Network({ at }: { at: Day }) {
  const { silentSince, kept, trouble } = at
  const { who } = useWho()
  const waiting = kept.filter(({ refused, by }) => !refused && by === who?.id).length
  const others = kept.filter(({ by }) => by !== who?.id).length
  if (silentSince === null && trouble === '' && kept.every(({ refused }) => refused)) return null
  return (
    <div className="day-network" role="status" data-waiting={waiting}>
      <b>
        {silentSince !== null ? `No network since ${clock(silentSince)}` : trouble ? 'Not sent' : 'Sending'}
      </b>
      <span>
        {waiting === 0 ? 'nothing waits here' : `kept on this device, ${waiting} to send`}
        {silentSince !== null && '. What is shown stood so then.'}
        {silentSince === null && trouble && `: ${trouble}`}
        {others > 0 && `. ${others} more by somebody else who is to sign in here to send them.`}
      </span>
    </div>
  )
}

function Head({ day, at }: { day: LiftDay; at: Day }) {
  const shown = useShown()
  if (day.why)
    return (
      <div className="day-stopped" role="alert" data-barred>
        <b>Stop: no lift by this plan</b>
        <span>It is not to be lifted by: {day.why}.</span>
      </div>
    )
  if (day.closed)
    return (
      <div className="day-closed" role="status">
        <b>{day.closed.lifted === 'yes' ? 'Lifted, closed' : `Not lifted: ${day.closed.why}`}</b>
        <span>
          {day.closed.name}, {clock(day.closed.at)}
        </span>
      </div>
    )
  return (
    <div className="day-headline">
      {shown(day.headline)}
      <Signaller day={day} kept={at.kept} say={at.say} />
    </div>
  )
}

function Told({ plan, at, day }: { plan: number; at: Day; day: LiftDay }) {
  const wide = useMediaQuery('(min-width: 1000px)')
  const [chosen, setChosen] = useState<string | null>(null)
  const { kept, say, silentSince } = at
  const open = openHere(day, kept)
  const [shownFirst, setShownFirst] = useState(open)
  // The phase that opens next is shown, unless somebody is looking at another one.
  if (shownFirst !== open) {
    setShownFirst(open)
    setChosen(null)
  }
  const selected = chosen ?? open ?? day.phases.at(-1)!.id
  const phase = day.phases.find(({ id }) => id === selected)
  const panel = phase && (
    <PhasePanel
      key={phase.id}
      plan={plan}
      day={day}
      phase={phase}
      kept={kept}
      say={say}
      silent={silentSince !== null}
    />
  )
  return (
    <>
      <Network at={at} />
      <Stopped day={day} kept={kept} say={say} />
      <Head day={day} at={at} />
      <main className="day-room">
        <PhaseLadder
          day={day}
          kept={kept}
          selected={selected}
          onSelect={(id) => setChosen(id === selected && !wide ? '' : id)}
          inside={wide ? undefined : panel}
        />
        {wide && panel}
        <div className="day-side">
          <Closing plan={plan} day={day} say={say} />
          <DayLog plan={plan} day={day} kept={kept} forget={at.forget} />
        </div>
      </main>
      {!day.closed && <CallStop say={say} stopped={day.stop !== null} why={day.why} />}
    </>
  )
}

// The day of a lift, beside the crane: phase by phase, kept on this device where there is no network.
export function DayRoom() {
  const plan = Number(useParams()['id'])
  const at = useDay(plan)
  const { day, error } = at
  const [signals, setSignals] = useState(false)
  const { system } = usePreferences().preferences
  useTitle(day ? `${day.title}, lift day` : 'Lift day')
  return (
    <div className="day">
      <RoomBar
        title={day?.title ?? 'Lift day'}
        {...(day && { aside: [day.revision && `rev ${day.revision}`, day.state].filter(Boolean).join(' ') })}
      >
        <Button onClick={() => setSignals(true)} sx={{ color: 'inherit' }}>
          Signals
        </Button>
        <Button
          component="a"
          href={`/api/plans/${plan}/pack?units=${system}`}
          target="_blank"
          rel="noopener"
          sx={{ color: 'inherit' }}
        >
          Pack
        </Button>
        <Button component={Link} to={`/plans/${plan}`} sx={{ color: 'inherit' }}>
          The plan
        </Button>
      </RoomBar>
      {signals && day && <Signals signals={day.brief.signals} onClose={() => setSignals(false)} />}
      {day ? (
        <Told plan={plan} at={at} day={day} />
      ) : (
        <main style={{ padding: 24 }} role={error ? 'alert' : 'status'}>
          {error ? (
            <>
              The day could not be read: {error.message}.{' '}
              <Button variant="outlined" onClick={at.again}>
                Read it again
              </Button>
              {at.kept.length > 0 && <p>{at.kept.length} kept on this device, to be sent.</p>}
            </>
          ) : (
            'Reading the day'
          )}
        </main>
      )}
    </div>
  )
}
