import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { usePreferences } from '../display/preferences'

const KEYS = [
  ['Up, Down', 'climb the ladder'], ['Home, End', 'foot, top'], ['G', 'the rung that governs'], ['1, 2', 'legs'], ['arrows on a grip', '10 mm; Shift 100 mm; Alt 1 mm'],
  ['U', 'units'], ['N', 'night'], ['Ctrl Z, Ctrl Shift Z', 'undo, redo'], ['Esc', 'close the panel on a small screen'],
]

export function KeysDialog({ onClose }: { onClose: () => void }) {
  const { preferences, prefer } = usePreferences()
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>Keys, outside fields</DialogTitle>
      <DialogContent>
        <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto auto', gap: '4px 24px', m: 0 }}>
          {KEYS.map(([key, what]) => [<Box component="dt" key={key} sx={{ fontWeight: 600 }}>{key}</Box>, <Box component="dd" key={what} sx={{ m: 0 }}>{what}</Box>])}
        </Box>
      </DialogContent>
      <DialogActions><Button onClick={() => prefer({ keys: !preferences.keys })}>{preferences.keys ? 'Switch keys off' : 'Switch keys on'}</Button><Button variant="contained" onClick={onClose}>Close</Button></DialogActions>
    </Dialog>
  )
}
