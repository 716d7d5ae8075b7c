import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { Heading } from '../../ui/Row'
import { Reading } from '../../ui/Reading'
import { when } from '../../ui/when'
import { labelOf } from './words'

const EVENTS: Record<string, string> = { create: 'added', update: 'changed', destroy: 'taken away' }

// What was written of a piece before, the newest change first.
export function PieceHistory({ id, version }: { id: number; version: number }) {
  const piece = useQuery({
    queryKey: ['piece', id, version],
    queryFn: () => api.piece(id),
    staleTime: 0,
    gcTime: 0,
  })
  return (
    <section aria-label="What was written before">
      <Heading>What was written before</Heading>
      <Reading query={piece} what="history" pad={{ py: 1 }} />
      {piece.data?.history.length === 0 && <Box>Nothing was changed since it was entered.</Box>}
      {piece.data?.history.map((one, index) => (
        <Box key={index} data-change sx={{ borderBottom: '1px solid var(--line)', py: '4px' }}>
          <Box sx={{ color: 'var(--ink2)' }}>
            {[when(one.at), EVENTS[one.event] ?? one.event, one.note].filter(Boolean).join(', ')}
          </Box>
          {one.event === 'update' &&
            one.changes.map(({ field, from, to }) => (
              <Box key={field} sx={{ overflowWrap: 'anywhere' }}>
                {`${labelOf(field)}: ${from || 'empty'} → `}
                <strong>{to || 'empty'}</strong>
              </Box>
            ))}
        </Box>
      ))}
    </section>
  )
}
