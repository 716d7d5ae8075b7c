import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { WhatIfAsked } from '../../api/advice'
import { withValues } from '../../plan/pointers'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { firstRange, lookedAt, type Input } from '../what_if/range'
import { StripLook } from '../what_if/StripLook'
import { useWhatIf } from '../what_if/useWhatIf'
import type { Lift } from './found'

// What a found lift would say of another weight, all else as found. While the search goes on it is worked out
// only where somebody asks for it.
export function HeavierStrip({
  document,
  lift,
  number,
  seeking,
}: {
  document: Editor['document']
  lift: Lift
  number: number
  seeking: boolean
}) {
  const of = useMemo(() => withValues(document, lift.changes), [document, lift])
  const [wanted, setWanted] = useState(false)
  const { weight } = lift
  return (
    <section aria-label="What if it is heavier" className="heavier">
      <h2>What if it is heavier?</h2>
      <div className="small">lift {number}, everything else as found</div>
      {!weight && <div>The weight comes from the take-off: change it there.</div>}
      {weight && (wanted || !seeking) && <Strip of={of} weight={weight} />}
      {weight && seeking && !wanted && (
        <Button variant="outlined" onClick={() => setWanted(true)}>
          Work it out now
        </Button>
      )}
    </section>
  )
}

function Strip({ of, weight }: { of: Editor['document']; weight: Input }) {
  const { system } = usePreferences().preferences
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 600, height: 240 })
  const asked = useMemo<WhatIfAsked>(() => {
    const [from, to] = firstRange(weight, system)
    return { document: of, input: 'weight', from, to }
  }, [of, weight, system])
  const { strip, looks, fault, cut } = useWhatIf(asked)
  const [at, setAt] = useState(weight.now.value)
  return (
    <div ref={ref}>
      {fault && <div role="alert">It could not be worked out: {fault}</div>}
      {cut && <div role="alert">Not all was looked at: {cut}.</div>}
      {!strip && !fault && !cut && <div role="status">working, {looks.length} looked at</div>}
      {strip && (
        <StripLook
          strip={strip}
          input={weight}
          width={width}
          looked={lookedAt(strip.values, 'mass', at, system)}
          onLook={setAt}
        />
      )}
    </div>
  )
}
