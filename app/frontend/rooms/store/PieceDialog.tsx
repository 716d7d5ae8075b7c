import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { type Piece } from '../../api/client'
import { Heading } from '../../ui/Row'
import { useMay } from '../../ui/who'
import { PieceHistory } from './PieceHistory'
import { PieceOvertaken } from './PieceOvertaken'
import { usePiece } from './usePiece'
import {
  BEAM_FIELDS,
  BEAM_KINDS,
  KINDS,
  plain,
  SLING_FIELDS,
  STATES,
  STORE_FIELDS,
  TAG_FIELDS,
  type FieldWords,
} from './words'

// One piece as its keeper writes it, and what was written of it before.
export function PieceDialog({
  piece,
  onClose,
  onDone,
}: {
  piece: Piece | null
  onClose: () => void
  onDone: () => void
}) {
  const { from, fields, set, faults, overtaken, saving, save } = usePiece(piece, onDone)
  const keeper = useMay()('keeper')
  const beam = BEAM_KINDS.includes(fields.kind ?? '')
  const faultOf = (name: string) => faults.find((fault) => fault.pointer === `/fields/${name}`)
  const rest = faults.filter((fault) => !fault.pointer.startsWith('/fields/'))
  const text = ({ name, label, example }: FieldWords) => {
    const fault = faultOf(name)
    return (
      <TextField
        key={name}
        variant="filled"
        fullWidth
        label={label}
        value={fields[name] ?? ''}
        placeholder={example}
        error={!!fault}
        helperText={fault ? `${fault.message}; expected ${fault.expected}` : ' '}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 400 } }}
        onChange={(event) => set(name)(event.target.value)}
      />
    )
  }
  const choice = (name: string, label: string, choices: string[]) => (
    <TextField
      variant="filled"
      fullWidth
      select
      label={label}
      value={fields[name] ?? ''}
      error={!!faultOf(name)}
      helperText={faultOf(name)?.message ?? ' '}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': label } }}
      onChange={(event) => set(name)(event.target.value)}
    >
      {choices.map((one) => (
        <option key={one} value={one}>
          {plain(one)}
        </option>
      ))}
    </TextField>
  )
  const grid = {
    display: 'grid',
    gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
    columnGap: '12px',
    alignItems: 'start',
  }
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
        <Box sx={{ ...grid, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' } }}>
          {text({ name: 'number', label: 'Number', example: 'R-25' })}
          {choice('kind', 'Kind', KINDS)}
          {choice('state', 'State', STATES)}
        </Box>
        <Box sx={grid}>{(beam ? BEAM_FIELDS : SLING_FIELDS).map(text)}</Box>
        {!beam && <Heading aside="as it stands on the tag, with its unit">Tag</Heading>}
        {!beam && (
          <Box sx={grid}>
            {choice('legible', 'Tag can be read', ['yes', 'no'])}
            {TAG_FIELDS.map(text)}
          </Box>
        )}
        <Heading>In the store</Heading>
        <Box sx={grid}>{STORE_FIELDS.map(text)}</Box>
        {from && <PieceHistory id={from.id} version={from.lock_version} />}
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
