import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import type { Vocabulary } from '../../api/client'
import type { TakeOff } from '../../api/plan.generated'
import { Heading } from '../../ui/Row'
import type { Editor } from '../../plan/usePlanEditor'

type Own = TakeOff['materials'][number]
const CELLS: [keyof Own, string, string][] = [
  ['name', 'Name', ''],
  ['density', 'Density', '1.4 t/m3'],
  ['low', 'Lightest', ''],
  ['high', 'Heaviest', ''],
  ['source', 'Who says so', ''],
]

// The plan's own materials, and those that ship with the tool. What is wrong with one shows at the rows
// that use it.
export function MaterialsDialog({
  takeOff,
  shipped,
  change,
  onClose,
}: {
  takeOff: TakeOff
  shipped: Vocabulary['materials']
  change: Editor['change']
  onClose: () => void
}) {
  const put = (materials: Own[], moving: 'typing' | null = null) =>
    change({ '/load/take_off': { ...takeOff, materials } }, 'materials of this plan', moving)
  const type = (index: number, cell: keyof Own, text: string) =>
    put(
      takeOff.materials.map((own, at) => (at === index ? { ...own, [cell]: text } : own)),
      'typing',
    )
  const free = () =>
    [1, 2, 3, 4, 5, 6, 7, 8, 9]
      .map((number) => `material ${number}`)
      .find((name) => !takeOff.materials.some((own) => own.name === name)) ?? 'another material'
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md">
      <DialogTitle>Materials</DialogTitle>
      <DialogContent>
        <Heading aside="used before those below">This plan's own</Heading>
        {takeOff.materials.map((own, index) => (
          <Box
            key={index}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr', md: '1.2fr 1fr 1fr 1fr 1.6fr auto' },
              gap: '6px',
              mb: '6px',
              alignItems: 'center',
            }}
          >
            {CELLS.map(([cell, label, example]) => (
              <TextField
                key={cell}
                variant="filled"
                label={label}
                value={own[cell]}
                placeholder={example}
                error={cell === 'name' && own.name.trim() === ''}
                onChange={(event) =>
                  cell === 'name' && event.target.value === ''
                    ? undefined
                    : type(index, cell, event.target.value)
                }
                slotProps={{
                  htmlInput: {
                    maxLength: cell === 'source' ? 200 : 80,
                    'aria-label': `${label} of material ${index + 1}`,
                  },
                }}
              />
            ))}
            <Button
              size="small"
              onClick={() => put(takeOff.materials.filter((_, at) => at !== index))}
              aria-label={`Take ${own.name} out`}
            >
              Take out
            </Button>
          </Box>
        ))}
        <Button
          variant="outlined"
          onClick={() =>
            put([...takeOff.materials, { name: free(), density: '', low: '', high: '', source: '' }])
          }
        >
          Add one
        </Button>
        <Heading aside="kg/m³, and the range that the kind leaves open">Shipped</Heading>
        <Box
          component="ul"
          sx={{
            listStyle: 'none',
            m: 0,
            p: 0,
            columns: { xs: 1, sm: 2, md: 3 },
            fontFamily: 'var(--figures)',
            typography: 'plain',
          }}
        >
          {shipped.map(({ name, density, low, high }) => (
            <li key={name}>
              {name} <strong>{density}</strong>
              {low < high && ` (${low} to ${high})`}
            </li>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  )
}
