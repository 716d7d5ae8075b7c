import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { WhatIfAsked } from '../../api/advice'
import { RangeMap } from '../../drawing/views/RangeMap'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { firstRange, type Input } from './range'
import { RangeForm } from './RangeForm'
import { useWhatIf } from './useWhatIf'

interface Props {
  of: Editor['document']
  input: Input
  range: [string, string]
  inputs: Input[]
}

// Two figures at once: asked for by choosing the other one.
export function OverMap({ of, input, range, inputs }: Props) {
  const [other, setOther] = useState<Input | null>(null)
  return (
    <section aria-label="Two figures at once">
      <h2>And another beside it</h2>
      <div className="others" role="group" aria-label="The other figure">
        {inputs.map((one) => (
          <Button
            key={one.id}
            variant={one.id === other?.id ? 'contained' : 'outlined'}
            aria-pressed={one.id === other?.id}
            onClick={() => setOther(one.id === other?.id ? null : one)}
          >
            {one.label}
          </Button>
        ))}
      </div>
      {other && <Both key={other.id} of={of} input={input} range={range} other={other} />}
    </section>
  )
}

function Both({ of, input, range, other }: Omit<Props, 'inputs'> & { other: Input }) {
  const { system } = usePreferences().preferences
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 700, height: 300 })
  const [rows, setRows] = useState(() => firstRange(other, system))
  const [pointed, setPointed] = useState<string | null>(null)
  const asked = useMemo<WhatIfAsked>(
    () => ({
      document: of,
      input: input.id,
      from: range[0],
      to: range[1],
      other: other.id,
      other_from: rows[0],
      other_to: rows[1],
    }),
    [of, input.id, other.id, range, rows],
  )
  const told = useWhatIf(asked)
  return (
    <div ref={ref}>
      <RangeForm
        label={other.label}
        range={rows}
        onRange={setRows}
        faults={told.faults}
        ends={['other_from', 'other_to']}
      />
      {told.fault && told.faults.length === 0 && (
        <div role="alert">It could not be worked out: {told.fault}</div>
      )}
      {told.cut && <div role="alert">Not all was looked at: {told.cut}.</div>}
      {!told.done && !told.fault && !told.cut && <div role="status">working, {told.rows.length} rows</div>}
      {told.rows.length > 0 && (
        <RangeMap
          rows={told.rows}
          width={width}
          across={input.label}
          up={other.label}
          ends={range}
          here={[input.now.value, other.now.value]}
          on={setPointed}
        />
      )}
      <div className="small" aria-live="polite">
        {pointed ??
          'Solid holds, hatched is tight, striped stops, dashed is not known; the ring is the plan.'}
      </div>
    </div>
  )
}
