import type { DayPhase, LiftDay } from '../../api/answers.generated'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR } from '../../ladder/verdict'
import { useEffect, type ReactNode } from 'react'
import { useSize } from '../../ui/useSize'
import { endedHere, openHere } from './here'
import type { KeptEvent } from '../../plan/keptDays'
import { clock } from '../../ui/clock'
import { asVerdict, stands } from './words'

const STILES = 2 * 37

// The briefing in as many pieces as names are asked.
function Pieces({ phase }: { phase: DayPhase }) {
  return (
    <span className="day-pieces" aria-hidden>
      {phase.heard.map(({ role, name, said }, at) => (
        <i key={`${role}${name}${at}`} data-full={said?.answer === 'yes'} />
      ))}
    </span>
  )
}

function note(phase: DayPhase, waits: string) {
  if (phase.held?.answer === 'yes' && phase.done)
    return `${phase.held.name}, ${phase.by}, ${clock(phase.held.at)}`
  const no = [phase.held, ...phase.items.map(({ said }) => said), ...phase.heard.map(({ said }) => said)]
    .filter((one) => one != null)
    .find((one) => one.answer === 'no')
  if (no) return `${no.name}: ${no.word || 'said otherwise by two'}`
  return waits
}

const tried = (day: LiftDay, phase: DayPhase) => {
  const last = day.trial?.at?.at(-1)
  return phase.trial && last ? `try ${day.trial!.tries.length}, ${last.name}, ${clock(last.at)}` : ''
}

// The phases of the day as a ladder, the first at its foot. inside: what stands under the open rung on a
// phone.
export function PhaseLadder({
  day,
  kept,
  selected,
  onSelect,
  inside,
}: {
  day: LiftDay
  kept: KeptEvent[]
  selected: string
  onSelect: (id: string) => void
  inside?: ReactNode
}) {
  const [ref, size] = useSize<HTMLOListElement>({ width: 300, height: 700 })
  const openId = openHere(day, kept)
  const openAt = day.phases.findIndex(({ id }) => id === openId)
  // On a phone the ladder is higher than the screen: whoever opens it stands before the rung that is open.
  useEffect(() => {
    if (window.innerWidth < 1000)
      document.querySelector(`[data-phase="${selected}"]`)?.scrollIntoView({ block: 'center' })
  }, [selected])
  return (
    <ol ref={ref} className="day-ladder" aria-label="Phases of the day, the last on top">
      {[...day.phases].reverse().map((phase) => {
        const open = phase.id === openId
        const here = !phase.done && endedHere(kept, phase)
        const at = day.phases.indexOf(phase)
        const before = day.phases[openAt]?.label.toLowerCase()
        const waits =
          at === openAt + 1 && before
            ? `waits for: ${before}`
            : open
              ? tried(day, phase) || (day.why ? 'not by this plan' : 'open now')
              : ''
        const verdict = asVerdict(phase, day)
        return (
          <li key={phase.id} data-phase={phase.id} data-open={open} data-selected={selected === phase.id}>
            <button
              type="button"
              className="day-rung"
              aria-current={selected === phase.id}
              onClick={() => onSelect(phase.id)}
            >
              <span className="day-rung-head">
                <b>{phase.label}</b>
                <span style={{ color: COLOUR[verdict] }}>{here ? 'kept' : stands(phase, day)}</span>
              </span>
              {phase.heard.length > 0 && !phase.done && !phase.no ? (
                <Pieces phase={phase} />
              ) : (
                <RungBar verdict={verdict} share={null} width={size.width - STILES} height={14} plain />
              )}
              <span className="small">{note(phase, waits)}</span>
            </button>
            {selected === phase.id && inside}
          </li>
        )
      })}
    </ol>
  )
}
