import type { ReactNode } from 'react'
import type { WhatIfPart } from '../../api/client'
import { RangeStrip, stripX } from '../../drawing/views/RangeStrip'
import { COLOUR, WORD } from '../../ladder/verdict'
import { usePreferences } from '../../ui/preferences'
import { bandAt, bandWords, named, written, type Input } from './range'

type Strip = NonNullable<WhatIfPart['strip']>
const STEPS: Record<Input['kind'], [number, number]> = {
  mass: [50, 500],
  length: [0.1, 1],
  place: [0.1, 1],
  speed: [0.5, 5],
}

// A strip with a grip for the value that is looked at, what the ladder says there, and the whole of it in a
// sentence. beside: what stands beside that value.
export function StripLook({
  strip,
  input,
  width,
  looked,
  onLook,
  beside,
}: {
  strip: Strip
  input: Input
  width: number
  looked: number
  onLook: (value: number) => void
  beside?: ReactNode
}) {
  const { system } = usePreferences().preferences
  const [first, last] = [strip.values[0]!, strip.values.at(-1)!]
  const band = bandAt(strip.bands, looked)
  const [step, large] = STEPS[input.kind]
  const words = written(input.kind, looked, system)
  const x = stripX(strip, width)
  return (
    <>
      <RangeStrip strip={strip} width={width} at={looked} />
      <input
        type="range"
        aria-label={`${input.label}, looked at`}
        aria-valuetext={`${words}: ${band ? WORD[band.verdict] : ''}`}
        min={first}
        max={last}
        step="any"
        value={looked}
        style={{ marginLeft: x(first) - 8, width: x(last) - x(first) + 16 }}
        onChange={(event) => onLook(Number(event.target.value))}
        onKeyDown={(event) => {
          const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
          if (!way) return
          event.preventDefault()
          onLook(looked + way * (event.shiftKey ? large : step))
        }}
      />
      <div className="at" role="status">
        <span>
          At {words}:{' '}
          {band && (
            <strong style={{ color: COLOUR[band.verdict] }}>
              {strip.aside.length > 0 ? 'what is known: ' : ''}
              {WORD[band.verdict]}
              {band.label ? `, ${named(band)}` : ''}
            </strong>
          )}
        </span>
        {beside}
      </div>
      <p className="told">{bandWords(strip.bands, system, strip.aside)}</p>
    </>
  )
}
