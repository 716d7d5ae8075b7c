import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { WhatIfAsked } from '../../api/advice'
import { MOST_ROWS } from '../../drawing/views/RangeStrip'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences, useShown } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { asideWords, lookedAt, written, type Input } from './range'
import { RangeForm } from './RangeForm'
import { StripLook } from './StripLook'
import { useWhatIf } from './useWhatIf'

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
  const looked = lookedAt(strip?.values ?? null, input.kind, at, system)
  const take = written(input.kind, looked, system)
  return (
    <section aria-label={`${input.label} over a range`}>
      <div ref={ref} />
      <h2>{input.label}: what if it is another</h2>
      <RangeForm label={input.label} range={range} onRange={onRange} faults={faults} ends={['from', 'to']} />
      {fault && faults.length === 0 && <div role="alert">It could not be worked out: {fault}</div>}
      {cut && <div role="alert">Not all was looked at: {cut}.</div>}
      {!strip && !fault && !cut && <div role="status">working, {looks.length} looked at</div>}
      {strip && (
        <>
          <StripLook
            strip={strip}
            input={input}
            width={width}
            looked={looked}
            onLook={setAt}
            beside={
              <Button
                variant="outlined"
                disabled={stale || editor.held !== null}
                onClick={() =>
                  editor.change({ [input.pointer]: take }, `${input.label.toLowerCase()} ${take}`)
                }
              >
                Take {take} into the plan
              </Button>
            }
          />
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
