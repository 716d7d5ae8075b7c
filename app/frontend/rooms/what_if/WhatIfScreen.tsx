import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { WhatIfAsked } from '../../api/advice'
import type { Editor } from '../../plan/usePlanEditor'
import { PlanBar } from '../../shell/PlanBar'
import { usePreferences } from '../../ui/preferences'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { useTitle } from '../../ui/useTitle'
import { Limits } from './Limits'
import { OverMap } from './OverMap'
import { OverRange } from './OverRange'
import { firstRange, type Input } from './range'
import { useWhatIf } from './useWhatIf'
import './what_if.css'

// How far each figure of a plan may go, and what its ladder says over a range of one of them, or of two.
export function WhatIfScreen({ editor }: { editor: Editor }) {
  const { system } = usePreferences().preferences
  useTitle(`${editor.document.title}, what if`)
  const [of, setOf] = useState(editor.document)
  const all = useWhatIf(useMemo<WhatIfAsked>(() => ({ document: of }), [of]))
  const [chosen, setChosen] = useState<string | null>(null)
  // What was typed of each figure stays when another is looked at.
  const [typed, setTyped] = useState<Record<string, [string, string]>>({})
  const input = all.inputs?.find((one) => one.id === chosen) ?? all.inputs?.[0] ?? null
  const key = `${input?.id}/${system}`
  const stale = of !== editor.document
  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <PlanBar editor={editor} room="what-if" />
      <main className="what-if" style={{ minHeight: `calc(100dvh - ${BAR_HEIGHT}px)` }}>
        <h1 className="hush">{editor.document.title}, what if</h1>
        <section aria-label="How far each may go" className="limits">
          <h2>How far may it go</h2>
          <div className="small">
            Each alone, all else as planned. Nothing is told past what was looked at, nor of what turns and
            turns back between two looks.
          </div>
          {stale && (
            <div role="alert" className="stale">
              The plan has changed since.{' '}
              <Button variant="outlined" onClick={() => setOf(editor.document)}>
                Look anew
              </Button>
            </div>
          )}
          <Limits told={all} chosen={input?.id ?? null} choose={setChosen} />
        </section>
        {input && (
          <Ranges
            key={key}
            of={of}
            input={input}
            typed={typed[key] ?? null}
            onTyped={(range) => setTyped((now) => ({ ...now, [key]: range }))}
            inputs={all.inputs!}
            editor={editor}
            stale={stale}
          />
        )}
      </main>
    </Box>
  )
}

// The strip of one figure, and the map of it beside another.
function Ranges({
  of,
  input,
  typed,
  onTyped,
  inputs,
  editor,
  stale,
}: {
  of: Editor['document']
  input: Input
  typed: [string, string] | null
  onTyped: (range: [string, string]) => void
  inputs: Input[]
  editor: Editor
  stale: boolean
}) {
  const { system } = usePreferences().preferences
  const [first] = useState(() => firstRange(input, system))
  const range = typed ?? first
  return (
    <div className="ranges">
      <OverRange of={of} input={input} range={range} onRange={onTyped} editor={editor} stale={stale} />
      <OverMap of={of} input={input} range={range} inputs={inputs.filter((one) => one.id !== input.id)} />
    </div>
  )
}
