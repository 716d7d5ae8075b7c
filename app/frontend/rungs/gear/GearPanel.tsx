import TextField from '@mui/material/TextField'
import type { Editor } from '../../plan/usePlanEditor'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

const MORNING = 'T06:00'

// The day of the lift, on which dates and states are judged. Its hour is kept, or taken as early.
export function LiftDayField({ editor }: { editor: Pick<Editor, 'document' | 'change'> }) {
  const at = editor.document.lift_at
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
      onChange={(event) =>
        editor.change(
          { '/lift_at': event.target.value ? event.target.value + (at?.slice(10) ?? MORNING) : null },
          'day of the lift',
        )
      }
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
