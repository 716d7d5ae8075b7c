import { memo } from 'react'
import Box from '@mui/material/Box'
import IconButton from '@mui/material/IconButton'
import type { Actions } from '../plan/usePlanEditor'

interface Props {
  editor: Pick<Actions, 'undo' | 'redo'>
  undoNote: string | null
  redoNote: string | null
}

// One step back, one step forward, each told by what it undoes.
export const History = memo(function History({ editor, undoNote, redoNote }: Props) {
  return (
    <Box sx={{ display: 'flex' }}>
      <Arrow
        word="Undo"
        note={undoNote}
        path="M9 5L4 10L9 15M4 10H15A5 5 0 0 1 15 20H9"
        onClick={editor.undo}
      />
      <Arrow
        word="Redo"
        note={redoNote}
        path="M15 5L20 10L15 15M20 10H9A5 5 0 0 0 9 20H15"
        onClick={editor.redo}
      />
    </Box>
  )
})

function Arrow({
  word,
  note,
  path,
  onClick,
}: {
  word: string
  note: string | null
  path: string
  onClick: () => void
}) {
  const told = note ? `${word}: ${note}` : word
  return (
    <IconButton
      disabled={!note}
      aria-label={told}
      title={note ? told : undefined}
      onClick={onClick}
      sx={{
        width: 44,
        height: 44,
        border: '1.5px solid var(--ink)',
        borderRadius: 0,
        bgcolor: 'var(--chalk)',
        color: 'var(--ink)',
        '&.Mui-disabled': { color: 'var(--line)' },
        '& + &': { borderLeft: 0 },
      }}
    >
      <svg
        width={24}
        height={24}
        viewBox="0 0 24 24"
        fill="none"
        stroke="currentColor"
        strokeWidth={2}
        aria-hidden
      >
        <path d={path} />
      </svg>
    </IconButton>
  )
}
