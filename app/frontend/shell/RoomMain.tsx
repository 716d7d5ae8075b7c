import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { BAR_HEIGHT } from '../ui/theme/tokens'

// What stands below the bar of a room.
export const RoomMain = ({ children }: { children: ReactNode }) => (
  <Box
    component="main"
    sx={{
      bgcolor: 'var(--bone)',
      minHeight: `calc(100dvh - ${BAR_HEIGHT}px)`,
      p: { xs: '12px', md: '18px 24px' },
    }}
  >
    {children}
  </Box>
)
