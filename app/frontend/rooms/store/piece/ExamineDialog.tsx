import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { api, faultWords, Refused, type Examined, type Fault, type PieceSheet } from '../../../api/client'

const NEW: Examined = { sort: 'thorough', day: '', by: '', result: '', words: '', remedy: '', due: '' }
const NO_ANSWER: Fault[] = [{ pointer: '', message: 'no answer; nothing was kept', expected: 'a connection' }]
const SORTS: [string, string][] = [
  ['thorough', 'Thorough examination'],
  ['retest', 'Retest after a repair'],
]
const RESULTS: [string, string][] = [
  ['', ''],
  ['passed', 'passed'],
  ['failed', 'failed'],
]
const FIELDS: { name: keyof Examined; label: string; example?: string; choices?: [string, string][] }[] = [
  { name: 'sort', label: 'What it was', choices: SORTS },
  { name: 'day', label: 'On which day', example: '2026-11-20' },
  { name: 'by', label: 'By whom', example: 'Ocotillo Test House' },
  { name: 'result', label: 'What came of it', choices: RESULTS },
  { name: 'words', label: 'Defects, or what was found' },
  { name: 'remedy', label: 'Remedy' },
  { name: 'due', label: 'Next one, where the examiner said so', example: 'by the rules, when left empty' },
]

// A thorough examination or a retest as the report says it. One that failed takes the piece out.
export function ExamineDialog({
  sheet,
  onClose,
  onDone,
}: {
  sheet: PieceSheet
  onClose: () => void
  onDone: () => void
}) {
  const [given, setGiven] = useState(NEW)
  const [faults, setFaults] = useState<Fault[]>([])
  const [saving, setSaving] = useState(false)
  const faultOf = (name: string) => faults.find(({ pointer }) => pointer === `/${name}`)
  const rest = faults.filter(({ pointer }) => !FIELDS.some(({ name }) => pointer === `/${name}`))
  const keep = async () => {
    setSaving(true)
    try {
      await api.keepExamination(sheet.now.id, given)
      onDone()
    } catch (error) {
      setFaults(error instanceof Refused ? error.faults : NO_ANSWER)
      setSaving(false)
    }
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="examine-title">
      <DialogTitle id="examine-title">{`Examination of ${sheet.now.fields.number}`}</DialogTitle>
      <DialogContent>
        {rest.length > 0 && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {rest.map(faultWords).join('. ')}
          </Box>
        )}
        {FIELDS.map(({ name, label, example, choices }) => {
          const fault = faultOf(name)
          return (
            <TextField
              key={name}
              variant="filled"
              fullWidth
              label={label}
              value={given[name]}
              placeholder={example ?? ''}
              error={!!fault}
              helperText={fault ? faultWords(fault) : ' '}
              autoComplete="off"
              select={!!choices}
              slotProps={{
                ...(choices && { select: { native: true }, inputLabel: { shrink: true } }),
                htmlInput: choices ? { 'aria-label': label } : { maxLength: 2000 },
              }}
              onChange={(event) => setGiven((now) => ({ ...now, [name]: event.target.value }))}
            >
              {choices?.map(([value, words]) => (
                <option key={value} value={value} {...(words === '' && { 'aria-label': 'not given' })}>
                  {words}
                </option>
              ))}
            </TextField>
          )
        })}
        <Box className="small">The report itself is added under Files of the piece.</Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={saving} onClick={() => void keep()}>
          Write it down
        </Button>
      </DialogActions>
    </Dialog>
  )
}
