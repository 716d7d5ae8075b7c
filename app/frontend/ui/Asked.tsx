import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { ReactNode } from 'react'

// Asked, answered, or not: one way to say so everywhere.
export function Asked({
  pending,
  error,
  again,
  children,
}: {
  pending: boolean
  error: Error | null
  again: () => void
  children: ReactNode
}) {
  if (pending)
    return (
      <Box role="status" sx={{ typography: 'lead', py: 4 }}>
        working
      </Box>
    )
  if (error)
    return (
      <Box role="alert" sx={{ py: 2 }}>
        It could not be worked out: {error.message}{' '}
        <Button variant="outlined" onClick={again}>
          Ask again
        </Button>
      </Box>
    )
  return <>{children}</>
}
