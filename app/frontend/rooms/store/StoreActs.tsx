import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import { api, type Piece } from '../../api/client'
import { Preferences } from '../../ui/preferences'

import { BAR_HEIGHT } from '../../ui/theme/tokens'
import type { RefObject } from 'react'

// What is done with the whole store.
export function StoreActs({
  chooser,
  setFile,
  prefer,
  preferences,
  setOpen,
}: {
  chooser: RefObject<HTMLInputElement | null>
  setFile: (file: File | null) => void
  prefer: (change: Partial<Preferences>) => void
  preferences: Preferences
  setOpen: (piece: Piece | 'new' | null) => void
}) {
  return (
    <>
      <Box sx={{ ml: 'auto', display: 'flex', height: BAR_HEIGHT, flexWrap: 'wrap' }}>
        <input
          ref={chooser}
          type="file"
          accept=".csv,text/csv,text/plain"
          hidden
          aria-label="CSV file of the store"
          onChange={(event) => {
            setFile(event.target.files?.[0] ?? null)
            event.target.value = ''
          }}
        />
        <Button sx={{ color: 'inherit', height: '100%' }} onClick={() => chooser.current?.click()}>
          Read a CSV file
        </Button>
        <Button component="a" href={api.storeAddress} sx={{ color: 'inherit', height: '100%' }}>
          Save as CSV
        </Button>
        <Button
          onClick={() => prefer({ night: !preferences.night })}
          sx={{ color: 'inherit', height: '100%' }}
        >
          {preferences.night ? 'Day' : 'Night'}
        </Button>
        <Button variant="contained" sx={{ height: '100%', px: 3 }} onClick={() => setOpen('new')}>
          Add a piece
        </Button>
      </Box>
    </>
  )
}
