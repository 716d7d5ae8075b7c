import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { ReactNode } from 'react'
import { usePreferences } from '../ui/preferences'
import { BAR_HEIGHT, figures } from '../ui/theme/tokens'
import { Brand } from './Brand'
import { WhoButton } from './WhoButton'

// The bar over the crane room: where one is, and what can be done here.
export function RoomBar({ title, aside, children }: { title: string; aside?: string; children: ReactNode }) {
  const { preferences, prefer } = usePreferences()
  return (
    <Box
      component="header"
      className="on-bar"
      sx={{
        minHeight: BAR_HEIGHT,
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        bgcolor: 'var(--bar)',
        color: 'var(--onBar)',
        position: 'sticky',
        top: 0,
        zIndex: 10,
      }}
    >
      <Box sx={{ height: BAR_HEIGHT }}>
        <Brand />
      </Box>
      <Box
        component="h1"
        sx={{
          m: 0,
          typography: { xs: 'field', sm: 'heading' },
          lineHeight: 1.2,
          fontWeight: 600,
          pl: { xs: 0, md: 4 },
          flex: { xs: '1 1 200px', sm: 'none' },
          minWidth: 0,
        }}
      >
        {title}
      </Box>
      {aside && (
        <Box role="status" sx={{ px: 2, fontFamily: figures, typography: 'lead' }}>
          {aside}
        </Box>
      )}
      <Box
        sx={{ ml: 'auto', display: 'flex', flexWrap: 'wrap', '&& > button, && > a': { height: BAR_HEIGHT } }}
      >
        {children}
        <WhoButton />
        <Button
          onClick={() => prefer({ night: !preferences.night })}
          sx={{ color: 'inherit', height: '100%' }}
        >
          {preferences.night ? 'Day' : 'Night'}
        </Button>
      </Box>
    </Box>
  )
}
