import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { type Piece } from '../../api/client'
import { Heading } from '../../ui/Row'
import { useMay } from '../../ui/who'
import { PieceField } from './PieceField'
import { PieceOvertaken } from './PieceOvertaken'
import { usePiece } from './usePiece'
import { useKinds } from './words'

const GRID = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
  columnGap: '12px',
  alignItems: 'start',
}
// Groups of fields below the head, with what stands beside each heading.
const GROUPS = [
  ['is', 'What it is', ''],
  ['tag', 'Tag', 'as it stands on the tag, with its unit'],
  ['new', 'Sizes when new', 'wear is held against them'],
  ['store', 'In the store', ''],
] as const

// One piece as its keeper writes it. Which fields there are, its kind says.
export function PieceDialog({
  piece,
  onClose,
  onDone,
}: {
  piece: Piece | null
  onClose: () => void
  onDone: () => void
}) {
  const { fields, several, setSeveral, set, faults, overtaken, saving, save } = usePiece(piece, onDone)
  const keeper = useMay()('keeper')
  const kinds = useKinds()
  const kind = kinds?.kinds.find(({ name }) => name === fields.kind)
  const rest = faults.filter((fault) => !fault.pointer.startsWith('/fields/'))
  const told = new Set(kind?.fields)
  // What was typed for another kind stays in sight as long as something is said of it.
  const strays = faults
    .map((fault) => fault.pointer.replace('/fields/', ''))
    .filter((name) => !told.has(name) && kinds?.fields.some((field) => field.name === name))
  const field = (name: string) => (
    <PieceField
      key={name}
      field={kinds!.fields.find((one) => one.name === name)!}
      kinds={kinds!.kinds}
      value={fields[name] ?? ''}
      needed={kind?.needs.includes(name) ?? false}
      fault={faults.find((fault) => fault.pointer === `/fields/${name}`)}
      onChange={set(name)}
    />
  )
  const inGroup = (group: string) =>
    (kinds?.fields ?? []).filter(
      ({ name, group: of }) => of === group && (told.has(name) || strays.includes(name)),
    )
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="piece-title">
      <DialogTitle id="piece-title" sx={{ overflowWrap: 'anywhere' }}>
        {piece ? piece.fields.number : 'A new piece'}
      </DialogTitle>
      <DialogContent>
        {rest.length > 0 && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {rest.map((fault) => fault.message).join('; ')}
          </Box>
        )}
        <PieceOvertaken overtaken={overtaken} fields={fields} set={set} />
        {!kinds && <Box role="status">Reading the kinds of gear</Box>}
        {kinds && (
          <>
            <Box sx={{ ...GRID, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' } }}>
              {['number', 'kind', 'state'].map(field)}
            </Box>
            {!piece && (
              <FormControlLabel
                control={
                  <Checkbox checked={several} onChange={(event) => setSeveral(event.target.checked)} />
                }
                label="Several like it: numbers such as S-31, S-32 or S-31 to S-40"
              />
            )}
            {GROUPS.filter(([group]) => inGroup(group).length > 0).map(([group, title, aside]) => (
              <section key={group}>
                <Heading aside={aside}>{title}</Heading>
                <Box sx={GRID}>{inGroup(group).map(({ name }) => field(name))}</Box>
              </section>
            ))}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        {!keeper && <span className="small">Its keeper alone changes it.</span>}
        <Button variant="contained" disabled={saving || !keeper} onClick={() => void save()}>
          {overtaken.length > 0 ? 'Keep both as shown' : piece ? 'Keep the change' : 'Add it'}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
