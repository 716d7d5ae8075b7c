import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { WhatIfAsked } from '../../api/advice'
import { MOST_ROWS, RangeStrip, stripX } from '../../drawing/views/RangeStrip'
import { COLOUR, WORD } from '../../ladder/verdict'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences, useShown } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { asideWords, bandAt, bandWords, named, nearest, written, type Input } from './range'
import { RangeForm } from './RangeForm'
import { useWhatIf } from './useWhatIf'

const STEPS: Record<Input['kind'], [number, number]> = {
  mass: [50, 500],
  length: [0.1, 1],
  place: [0.1, 1],
  speed: [0.5, 5],
}

// One figure over its range: the lift, and each rung that moves with it; a value that is looked at and may be
// taken.
export function OverRange({
  of,
  input,
  range,
  onRange,
  editor,
  stale,
}: {
  of: Editor['document']
  input: Input
  range: [string, string]
  onRange: (range: [string, string]) => void
  editor: Editor
  stale: boolean
}) {
  const shown = useShown()
  const { system } = usePreferences().preferences
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 700, height: 300 })
  const asked = useMemo<WhatIfAsked>(
    () => ({ document: of, input: input.id, from: range[0], to: range[1] }),
    [of, input.id, range],
  )
  const told = useWhatIf(asked)
  const [at, setAt] = useState(input.now.value)
  const { strip, looks, faults, fault, cut } = told
  const values = strip?.values ?? [0, 1]
  const [first, last] = [values[0]!, values.at(-1)!]
  const looked = Math.min(last, Math.max(first, nearest(input.kind, at, system)))
  const band = strip && bandAt(strip.bands, looked)
  const [step, large] = STEPS[input.kind]
  const take = written(input.kind, looked, system)
  const x = strip ? stripX(strip, width) : null
  return (
    <section aria-label={`${input.label} over a range`}>
      <div ref={ref} />
      <h2>{input.label}: what if it is another</h2>
      <RangeForm label={input.label} range={range} onRange={onRange} faults={faults} ends={['from', 'to']} />
      {fault && faults.length === 0 && <div role="alert">It could not be worked out: {fault}</div>}
      {cut && <div role="alert">Not all was looked at: {cut}.</div>}
      {!strip && !fault && !cut && <div role="status">working, {looks.length} looked at</div>}
      {strip && x && (
        <>
          <RangeStrip strip={strip} width={width} at={looked} />
          <input
            type="range"
            aria-label={`${input.label}, looked at`}
            aria-valuetext={`${take}: ${band ? WORD[band.verdict] : ''}`}
            min={first}
            max={last}
            step="any"
            value={looked}
            style={{ marginLeft: x(first) - 8, width: x(last) - x(first) + 16 }}
            onChange={(event) => setAt(Number(event.target.value))}
            onKeyDown={(event) => {
              const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
              if (!way) return
              event.preventDefault()
              setAt(looked + way * (event.shiftKey ? large : step))
            }}
          />
          <div className="at" role="status">
            <span>
              At {take}:{' '}
              {band && (
                <strong style={{ color: COLOUR[band.verdict] }}>
                  {strip.aside.length > 0 ? 'what is known: ' : ''}
                  {WORD[band.verdict]}
                  {band.label ? `, ${named(band)}` : ''}
                </strong>
              )}
            </span>
            <Button
              variant="outlined"
              disabled={stale || editor.held !== null}
              onClick={() => editor.change({ [input.pointer]: take }, `${input.label.toLowerCase()} ${take}`)}
            >
              Take {take} into the plan
            </Button>
          </div>
          <p className="told">{bandWords(strip.bands, system, strip.aside)}</p>
          {strip.aside.length > 0 && <p className="aside">{asideWords(strip.aside)}</p>}
          <p className="small">
            {strip.curves.length > MOST_ROWS &&
              `${strip.curves.length - MOST_ROWS} more rungs move and are not drawn. `}
            Looked at every {shown(strip.spacing)} or nearer, and to the very step where it turns.
          </p>
        </>
      )}
    </section>
  )
}
