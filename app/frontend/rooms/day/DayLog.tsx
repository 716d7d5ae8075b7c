import Button from '@mui/material/Button'
import { useState } from 'react'
import type { LiftDay } from '../../api/answers.generated'
import { Heading } from '../../ui/Row'
import type { KeptEvent } from '../../plan/keptDays'
import type { Day } from './useDay'
import { clock } from '../../ui/clock'
import { line } from './words'

const FIRST = 12
const LATE_MS = 120_000

// Everything that was said, the last on top: what waits on this device, what is kept, and what does not
// count and why.
export function DayLog({
  plan,
  day,
  kept,
  forget,
}: {
  plan: number
  day: LiftDay
  kept: KeptEvent[]
  forget: Day['forget']
}) {
  const [all, setAll] = useState(false)
  const lines = [...day.lines].reverse()
  return (
    <section aria-label="What was said" className="day-log">
      <Heading aside={`${day.lines.length + kept.length}`}>What was said</Heading>
      {[...kept].reverse().map((one) => (
        <div key={one.event.id} className="day-line" data-kept>
          <b>{clock(one.event.at)}</b> {line(one.event.kind, one.event.about, day)}
          <span className="small" style={one.refused ? { color: 'var(--stop)' } : undefined}>
            {[one.event.name, one.refused ? `not taken: ${one.refused}` : 'kept, to send']
              .filter(Boolean)
              .join(', ')}
            {one.refused && (
              <Button size="small" onClick={() => void forget(one)}>
                Seen, remove it
              </Button>
            )}
          </span>
        </div>
      ))}
      {lines.slice(0, all ? lines.length : FIRST).map((one) => {
        const late = Date.parse(one.got) - Date.parse(one.at) > LATE_MS
        return (
          <div key={one.id} className="day-line" data-counts={one.why === null}>
            <b>{clock(one.at)}</b> {line(one.kind, one.about, day)}
            <span className="small">
              {[one.name, late && `came at ${clock(one.got)}`].filter(Boolean).join(', ')}
              {one.why && <strong> It does not count: {one.why}.</strong>}
              {one.aside && (
                <strong role="alert" style={{ color: 'var(--stop)' }}>
                  {` ${one.aside[0]?.toUpperCase()}${one.aside.slice(1)}.`}
                </strong>
              )}
            </span>
          </div>
        )
      })}
      {lines.length === 0 && kept.length === 0 && <span className="small">Nothing yet.</span>}
      {lines.length > FIRST && !all && (
        <Button size="small" onClick={() => setAll(true)}>
          All {lines.length}
        </Button>
      )}
      {lines.length > 0 && (
        <Button size="small" component="a" href={`/api/plans/${plan}/day_file`} download>
          Its record as a file
        </Button>
      )}
    </section>
  )
}
