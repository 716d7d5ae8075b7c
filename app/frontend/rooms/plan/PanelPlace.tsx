import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import type { Rung } from '../../api/ladder.generated'

import { PANEL_WIDTH } from '../../ui/theme/tokens'
import type { ReactNode } from 'react'

// Where the panel stands beside the drawing, or how it is called.
export function PanelPlace({
  wide,
  panel,
  phone,
  open,
  setOpen,
  rung,
}: {
  wide: boolean
  panel: ReactNode
  phone: boolean
  open: boolean
  setOpen: (open: boolean) => void
  rung: Rung | null
}) {
  return (
    <>
      {wide && (
        <Box
          sx={{
            width: PANEL_WIDTH,
            flex: 'none',
            minHeight: 0,
            borderLeft: '2.5px solid var(--ink)',
            bgcolor: 'var(--chalk)',
          }}
        >
          {panel}
        </Box>
      )}
      {!wide && !phone && open && (
        <Box
          sx={{
            position: 'absolute',
            right: 0,
            top: 0,
            bottom: 0,
            width: PANEL_WIDTH,
            borderLeft: '2.5px solid var(--ink)',
            bgcolor: 'var(--chalk)',
            zIndex: 5,
          }}
        >
          {panel}
        </Box>
      )}
      {!wide && !phone && !open && (
        <Button
          variant="contained"
          onClick={() => setOpen(true)}
          sx={{ position: 'absolute', right: 12, bottom: 52, zIndex: 4 }}
        >
          {rung?.label ?? 'Rung'}: inputs and working
        </Button>
      )}
    </>
  )
}
