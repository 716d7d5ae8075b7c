import Box from '@mui/material/Box'
import type { PieceSheet } from '../../api/client'
import { when } from '../../ui/when'
import { labelOf, useKinds } from './words'

const EVENTS: Record<string, string> = { create: 'added', update: 'changed', destroy: 'taken away' }

// What was written of a piece before, the newest change first.
export function PieceHistory({ history }: { history: PieceSheet['history'] }) {
  const kinds = useKinds()
  return (
    <details className="rejected" aria-label="What was written before">
      <summary>{`What was written before, ${history.length}`}</summary>
      {history.map((one, index) => (
        <Box key={index} data-change sx={{ borderBottom: '1px solid var(--line)', py: '4px' }}>
          <Box sx={{ color: 'var(--ink2)' }}>
            {[when(one.at), EVENTS[one.event] ?? one.event, one.note].filter(Boolean).join(', ')}
          </Box>
          {one.event === 'update' &&
            one.changes.map(({ field, from, to }) => (
              <Box key={field} sx={{ overflowWrap: 'anywhere' }}>
                {`${labelOf(kinds, field)}: ${from || 'empty'} → `}
                <strong>{to || 'empty'}</strong>
              </Box>
            ))}
        </Box>
      ))}
    </details>
  )
}
