import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { api, refusal, Refused, type PiecesAsked, type TogetherShown } from '../../api/client'
import { Heads } from '../../ui/Heads'
import { PieceField } from './PieceField'
import { labelOf, useKinds } from './words'

const FIELDS = ['place', 'use', 'set', 'maker', 'in_service', 'note']

// One field of all the pieces that are listed: shown piece by piece first, then kept as it was shown.
export function TogetherDialog({
  asked,
  onClose,
  onDone,
}: {
  asked: PiecesAsked
  onClose: () => void
  onDone: () => void
}) {
  const kinds = useKinds()
  const [name, setName] = useState('place')
  const [value, setValue] = useState('')
  const [shown, setShown] = useState<TogetherShown | null>(null)
  const [fault, setFault] = useState('')
  const [busy, setBusy] = useState(false)
  const what = { asked, fields: { [name]: value } }
  const field = kinds?.fields.find((one) => one.name === name)
  const change = (act: () => void) => {
    act()
    setShown(null)
    setFault('')
  }
  const run = async (act: () => Promise<void>) => {
    setBusy(true)
    try {
      await act()
      setFault('')
    } catch (error) {
      setFault(refusal(error, 'no answer; nothing was changed'))
      if (error instanceof Refused && error.status === 409) setShown(null)
    }
    setBusy(false)
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="together-title">
      <DialogTitle id="together-title">Change all that are listed</DialogTitle>
      <DialogContent>
        {fault && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {fault}
          </Box>
        )}
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: '12px' }}>
          <TextField
            variant="filled"
            select
            label="Field"
            value={name}
            slotProps={{ select: { native: true }, htmlInput: { 'aria-label': 'Field' } }}
            onChange={(event) => change(() => (setName(event.target.value), setValue('')))}
          >
            {FIELDS.map((one) => (
              <option key={one} value={one}>
                {labelOf(kinds, one)}
              </option>
            ))}
          </TextField>
          {field && (
            <PieceField
              field={field}
              kinds={[]}
              value={value}
              needed={false}
              fault={undefined}
              onChange={(text) => change(() => setValue(text))}
            />
          )}
        </Box>
        {shown && (
          <>
            <Box role="status" sx={{ mb: 1 }}>
              {`${shown.changing} of ${shown.count} would change` +
                (shown.faulty > 0 ? `; ${shown.faulty} cannot be: nothing is kept before they can` : '')}
            </Box>
            <Box sx={{ maxHeight: 340, overflow: 'auto' }} tabIndex={0} role="region" aria-label="Changes">
              <table className="grid">
                <Heads of={['number', 'from', 'to', '']} />
                <tbody>
                  {shown.rows.map((row) => (
                    <tr key={row.number} data-together={row.number}>
                      <th scope="row">{row.number}</th>
                      <td>{row.changes[0]?.from || 'empty'}</td>
                      <td>{row.changes[0]?.to || 'empty'}</td>
                      <td style={{ color: 'var(--stop)' }}>
                        {row.problems.map(({ message }) => message).join('; ')}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="outlined"
          disabled={busy}
          onClick={() => void run(async () => setShown(await api.showTogether(what)))}
        >
          Show what changes
        </Button>
        <Button
          variant="contained"
          disabled={busy || !shown || shown.faulty > 0 || shown.changing === 0}
          onClick={() =>
            void run(async () => {
              await api.changeTogether({ ...what, seen: shown!.seen })
              onDone()
            })
          }
        >
          {shown && shown.changing > 0 ? `Change ${shown.changing}` : 'Change them'}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
