import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import { Brand } from '../../shell/Brand'
import { BAR_HEIGHT } from '../../ui/theme/tokens'

// What stands at the door, over everything else.
export const DoorPage = ({ children }: { children: ReactNode }) => (
  <Box sx={{ position: 'fixed', inset: 0, zIndex: 1400, bgcolor: 'var(--dust)', overflow: 'auto' }}>
    <Box
      component="header"
      sx={{ display: 'flex', bgcolor: 'var(--bar)', color: 'var(--onBar)', minHeight: BAR_HEIGHT }}
    >
      <Box sx={{ height: BAR_HEIGHT }}>
        <Brand />
      </Box>
    </Box>
    <Box
      component="main"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 6, p: { xs: 2, sm: 5 }, maxWidth: 1000, mx: 'auto' }}
    >
      {children}
    </Box>
  </Box>
)
