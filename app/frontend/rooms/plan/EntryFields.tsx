import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useEffect, useRef } from 'react'
import type { Ladder } from '../../api/ladder.generated'
import type { Entry } from '../../drawing/grips/ElevationGrips'
import { QuantityField } from '../../rungs/shared/fields'
import type { Editor } from '../../plan/usePlanEditor'

const WIDTH = 230

// What a grip moves, typed in place: the ladder follows at every key. Enter or Escape ends it.
export function EntryFields({
  entry,
  editor,
  ladder,
  width,
  height,
  onClose,
}: {
  entry: Entry
  editor: Editor
  ladder: Ladder | null
  width: number
  height: number
  onClose: () => void
}) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => box.current?.querySelector('input')?.select(), [])
  const left = Math.max(8, Math.min(width - WIDTH - 8, entry.x + 30))
  const top = Math.max(8, Math.min(height - 80 - entry.fields.length * 74, entry.y - 20))
  return (
    <Box
      ref={box}
      role="dialog"
      aria-label={entry.title}
      sx={{
        position: 'absolute',
        left,
        top,
        width: WIDTH,
        zIndex: 6,
        bgcolor: 'var(--chalk)',
        border: '2px solid var(--ink)',
        p: '8px 10px 10px',
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== 'Escape') return
        event.preventDefault()
        editor.settle(`${entry.title} typed`)
        onClose()
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', mb: '4px', fontWeight: 600 }}>
        {entry.title}
        <Button
          sx={{ ml: 'auto', minWidth: 44, minHeight: 44, m: '-6px -8px -6px auto' }}
          aria-label="Close"
          onClick={onClose}
        >
          ✕
        </Button>
      </Box>
      {entry.fields.map((field) => (
        <QuantityField
          key={field.pointer}
          editor={editor}
          ladder={ladder}
          pointer={field.pointer}
          label={field.label}
          note={`${field.label}, in place`}
        />
      ))}
    </Box>
  )
}
