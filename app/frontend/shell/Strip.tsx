import Box from '@mui/material/Box'
import type { ReactNode } from 'react'

interface Props {
  role: 'status' | 'alert'
  line: 'solid' | 'dashed'
  words: ReactNode
  children: ReactNode
}

// A line under the bar of a plan: something to know, and what can be done about it.
export const Strip = ({ role, line, words, children }: Props) => (
  <Box
    role={role}
    sx={{
      display: 'flex',
      alignItems: 'center',
      flexWrap: 'wrap',
      gap: 1,
      px: 2,
      py: 0.5,
      bgcolor: 'var(--bone)',
      borderBottom: `2px ${line} var(--ink)`,
    }}
  >
    <Box sx={{ flex: 1, minWidth: 220 }}>{words}</Box>
    {children}
  </Box>
)
