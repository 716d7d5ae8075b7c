import TextField from '@mui/material/TextField'
import { useRef } from 'react'
import { movedEnd } from '../../plan/hours'
import type { Editor } from '../../plan/usePlanEditor'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

const MORNING = 'T06:00'

// The day of the lift, on which dates and states are judged. Its hour is kept, or taken as early.
export function LiftDayField({ editor }: { editor: Pick<Editor, 'document' | 'change'> }) {
  const at = editor.document.lift_at
  const before = useRef<{ at: string | null; until: string | null }>({ at: null, until: null })
  return (
    <TextField
      variant="filled"
      fullWidth
      type="date"
      id={fieldId('/lift_at')}
      label="Day of the lift"
      value={at?.slice(0, 10) ?? ''}
      slotProps={{ inputLabel: { shrink: true } }}
      helperText={at ? ' ' : 'not given'}
      onFocus={() => {
        before.current = { at: at ?? null, until: editor.document.lift_until ?? null }
      }}
      onChange={(event) => {
        const next = event.target.value
          ? event.target.value + (at ?? before.current.at ?? MORNING).slice(-6)
          : null
        const { until } = before.current
        // It takes as long as it did before the first key.
        editor.change(
          { '/lift_at': next, ...(until && { '/lift_until': movedEnd(before.current.at, until, next) }) },
          'day of the lift',
        )
      }}
    />
  )
}

export const GearPanel = ({ editor }: PanelProps) => (
  <>
    <LiftDayField editor={editor} />
    <div className="small">
      Each piece as the store has it now, or as the plan took it. Another is chosen at Slings.
    </div>
  </>
)
