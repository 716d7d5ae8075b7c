import Button from '@mui/material/Button'
import { useEffect, type FocusEvent } from 'react'
import { usePointAt, type WayOut } from '../../plan/preview'
import { useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import type { WayPart } from '../../api/client'

type Step = WayOut['steps'][number]
const ACTS: Record<Step['act'], string> = {
  say: 'tell the crew',
  fit: 'fit',
  move: 'move',
  fetch: 'fetch',
  wait: 'wait',
  weigh: 'weigh',
  hire: 'hire',
}

// About how long, never shorter than it is.
export const about = (minutes: number) =>
  minutes < 60 ? `about ${minutes} min` : `about ${Math.ceil(minutes / 6) / 10} h`

export const Steps = ({ steps }: { steps: Step[] }) => {
  const shown = useShown()
  return (
    <>
      {steps.map((step) => (
        <span key={step.id} className="way-step">
          <span className="way-act">{ACTS[step.act]}</span> {shown(step.words)}
        </span>
      ))}
    </>
  )
}

// One way out. While the pointer or the keyboard is on it, ladder and drawing show what it would make.
export function WayRow({ way, onApply }: { way: WayOut; onApply: () => void }) {
  const shown = useShown()
  const point = usePointAt()
  useEffect(() => () => point(null), [point])
  const leave = (event: FocusEvent) => !event.currentTarget.contains(event.relatedTarget) && point(null)
  return (
    <div
      className="way"
      data-way={way.id}
      onPointerEnter={() => point(way)}
      onPointerLeave={() => point(null)}
      onFocus={() => point(way)}
      onBlur={leave}
    >
      <div>
        <Steps steps={way.steps} />
        <span className="small" style={{ color: COLOUR[way.verdict] }}>
          {way.cures ? 'then' : 'better, not enough; then'} {shown(way.headline)}
        </span>
        <span className="small"> {about(way.minutes)}</span>
      </div>
      <Button variant="outlined" aria-label={`Apply: ${shown(way.words)}`} onClick={onApply}>
        Apply
      </Button>
    </div>
  )
}

type Miss = NonNullable<WayPart['told']>['misses'][number]

// What was tried and is not enough, and what is in its way.
export function MissRow({ miss }: { miss: Miss }) {
  const shown = useShown()
  const { left } = miss
  return (
    <li data-miss={miss.id}>
      {miss.changes.map((change) => shown(change.words)).join('; and ')}:{' '}
      {left && (
        <span style={{ color: COLOUR[left.verdict] }}>
          {left.worse ? 'cures it, but then ' : 'still '}
          {left.label.toLowerCase()} {left.utilisation ? shown(left.utilisation) : shown(left.note)}
        </span>
      )}
    </li>
  )
}
