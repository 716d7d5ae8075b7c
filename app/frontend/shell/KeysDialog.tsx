import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { usePreferences } from '../ui/preferences'
import { Heading } from '../ui/Row'

const KEYS = [
  ['Up, Down', 'climb the ladder'],
  ['Home, End', 'foot, top'],
  ['G', 'the rung that governs'],
  ['1 to 4', 'legs'],
  ['E, O, P, R, T', 'seen from the side, from the end, in plan; the crane; the site'],
  ['arrows on a grip', '10 mm; Shift 100 mm; Alt 1 mm'],
  ['Enter on a grip', 'type its figures in place'],
  ['U', 'units'],
  ['N', 'night'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Esc', 'close the panel on a small screen'],
]
const SHEET_KEYS = [
  ['Tab, Shift Tab', 'next cell, the one before'],
  ['Enter, Shift Enter', 'down, up'],
  ['Alt Up, Alt Down', 'move the row'],
  ['Ctrl D', 'double the row'],
  ['Ctrl Delete', 'take the row out'],
  ['Ctrl V', 'a block from a spreadsheet'],
]

export function KeysDialog({ onClose }: { onClose: () => void }) {
  const { preferences, prefer } = usePreferences()
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>Keys</DialogTitle>
      <DialogContent>
        {[
          ['On the workbench, outside fields', KEYS],
          ['In the take-off', SHEET_KEYS],
        ].map(([where, keys]) => (
          <section key={where as string}>
            <Heading>{where as string}</Heading>
            <Box
              component="dl"
              sx={{ display: 'grid', gridTemplateColumns: '190px auto', gap: '4px 24px', m: 0 }}
            >
              {(keys as string[][]).map(([key, what]) => [
                <Box component="dt" key={key} sx={{ fontWeight: 600 }}>
                  {key}
                </Box>,
                <Box component="dd" key={what} sx={{ m: 0 }}>
                  {what}
                </Box>,
              ])}
            </Box>
          </section>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={() => prefer({ keys: !preferences.keys })}>
          {preferences.keys ? 'Switch keys off' : 'Switch keys on'}
        </Button>
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  )
}
