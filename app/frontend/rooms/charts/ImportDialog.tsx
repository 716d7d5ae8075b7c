import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import LinearProgress from '@mui/material/LinearProgress'
import TextField from '@mui/material/TextField'
import { useEffect, useState } from 'react'
import { api, Refused, type ChartPart } from '../../api/client'
import { usePreferences } from '../../ui/preferences'
import { MARK } from './words'

const TABLES_SHOWN = 12
const FAULTS_SHOWN = 30

// What becomes of a chart that is taken.
const fateOf = ({ reading, known }: ChartPart) =>
  !reading.data
    ? ', to be mended'
    : !known
      ? ''
      : known.same
        ? ', here already'
        : `, becomes version ${known.version + 1}`

// What chart files say, cell by cell, before anything is taken. A chart with a cell that cannot be read is
// not taken at all.
export function ImportDialog({
  files,
  onClose,
  onDone,
}: {
  files: File[]
  onClose: () => void
  onDone: () => void
}) {
  const { preferences, prefer } = usePreferences()
  const [parts, setParts] = useState<ChartPart[]>([])
  const [done, setDone] = useState(false)
  const [error, setError] = useState<string | null>(null)
  const [saving, setSaving] = useState(false)
  const [looked, setLooked] = useState(0)
  useEffect(() => {
    const stop = new AbortController()
    let heard: ChartPart[] = []
    let waiting = false
    const show = () => {
      waiting = false
      if (!stop.signal.aborted) setParts(heard)
    }
    api
      .readCharts(
        files,
        (part) => {
          heard = [...heard, part]
          if (!waiting) requestAnimationFrame(show)
          waiting = true
        },
        stop.signal,
      )
      .then(
        () => {
          setParts(heard)
          setDone(true)
        },
        (fault: unknown) =>
          !stop.signal.aborted &&
          setError(fault instanceof Error ? fault.message : 'the files could not be read'),
      )
    return () => stop.abort()
  }, [files])
  const sound = parts.filter((part) => part.reading.data)
  const faulty = parts.length - sound.length
  const fresh = sound.filter((part) => !part.known?.same)
  const one = parts[Math.min(looked, parts.length - 1)]
  const take = async () => {
    setSaving(true)
    setError(null)
    try {
      await api.enterCharts(
        fresh.map((part) => part.reading.data!),
        preferences.name,
      )
      onDone()
    } catch (fault) {
      setError(
        fault instanceof Refused
          ? fault.faults.map(({ message, expected }) => `${message}; expected ${expected}`).join('. ')
          : 'the charts could not be kept',
      )
      setSaving(false)
    }
  }
  const those = parts.length === 1 ? 'it' : faulty === 1 ? 'that one' : 'those'
  const faults = `with something to mend: nothing of ${those} is taken`
  const understood = !faulty ? 'every cell understood' : parts.length === 1 ? faults : `${faulty} ${faults}`
  const already = sound.length > fresh.length ? `; ${sound.length - fresh.length} here already` : ''
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="chart-files-title">
      <DialogTitle id="chart-files-title" sx={{ overflowWrap: 'anywhere' }}>
        {files.length === 1 ? files[0]!.name : `${files.length} chart files`}
      </DialogTitle>
      <DialogContent sx={{ minHeight: 380 }}>
        {!done && !error && (
          <LinearProgress
            variant="determinate"
            value={100 * (parts.at(-1)?.share ?? 0)}
            aria-label="Reading the files"
            sx={{ mb: 1, height: 8 }}
          />
        )}
        <Box role="status" data-chart-files sx={{ typography: 'field', mb: 1 }}>
          {done
            ? `${parts.length} chart${parts.length === 1 ? '' : 's'} read, ${understood}${already}`
            : `${parts.length} read so far`}
        </Box>
        {error && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {error}
          </Box>
        )}
        {parts.length > 1 && (
          <Box
            component="select"
            aria-label="Chart to look at"
            value={looked}
            onChange={(event) => setLooked(Number((event.target as HTMLSelectElement).value))}
            className="pick"
          >
            {parts.map((part, index) => (
              <option key={index} value={index}>
                {`${part.reading.title}${fateOf(part)}`}
              </option>
            ))}
          </Box>
        )}
        {one && <Preview part={one} />}
      </DialogContent>
      <DialogActions sx={{ alignItems: 'flex-end', gap: 1, flexWrap: 'wrap' }}>
        <TextField
          variant="filled"
          label="Entered by"
          value={preferences.name}
          onChange={(event) => prefer({ name: event.target.value })}
          slotProps={{ htmlInput: { maxLength: 120 } }}
          helperText="another person checks it against the paper"
          sx={{ mr: 'auto', ml: 2 }}
        />
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={!done || fresh.length === 0 || preferences.name.trim() === '' || saving}
          onClick={() => void take()}
        >
          {fresh.length === 0
            ? 'Nothing to take'
            : fresh.length === 1
              ? 'Take the chart'
              : `Take ${fresh.length} charts`}
        </Button>
      </DialogActions>
    </Dialog>
  )
}

function Preview({ part: { reading, known } }: { part: ChartPart }) {
  const units = (cell: { kg: number | null; text: string; mark: string | null }) =>
    cell.kg === null
      ? ''
      : `${Math.floor(cell.kg).toLocaleString('en-US').replaceAll(',', '\u202f')}` +
        `${cell.mark ? ` ${MARK[cell.mark]?.[0]}` : ''}`
  return (
    <>
      <Box sx={{ fontWeight: 600, typography: 'field' }}>
        {reading.title}
        {known && !known.same && (
          <Box
            component="span"
            sx={{ fontWeight: 500 }}
          >{`: other figures than version ${known.version}; becomes version ${known.version + 1}`}</Box>
        )}
      </Box>
      {reading.faults.length > 0 && (
        <ul className="faults" aria-label="To be mended">
          {reading.faults.slice(0, FAULTS_SHOWN).map((fault, index) => (
            <li key={index}>
              <strong>{fault.pointer || 'the file'}</strong>: {fault.message}; expected {fault.expected}
            </li>
          ))}
        </ul>
      )}
      {reading.warnings.length > 0 && (
        <ul className="looks" aria-label="To look at again">
          {reading.warnings.slice(0, FAULTS_SHOWN).map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {reading.tables.slice(0, TABLES_SHOWN).map((table) => (
        <Box
          key={table.name}
          sx={{ overflowX: 'auto', mb: 1 }}
          tabIndex={0}
          role="region"
          aria-label={`As read: ${table.name}`}
        >
          <table className="grid capacities">
            <caption>{table.name}, as read, in kg</caption>
            <thead>
              <tr>
                <th scope="col">{table.corner || 'row'}</th>
                {table.columns.map((column, index) => (
                  <th key={index} scope="col">
                    {column}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {table.rows.map((row, index) => (
                <tr key={index}>
                  <th scope="row">{row.row}</th>
                  {row.cells.map((cell, column) => (
                    <td
                      key={column}
                      className={cell.problem ? 'bad' : cell.kg === null ? 'none' : undefined}
                      title={cell.problem ?? undefined}
                    >
                      {cell.problem ? cell.text : units(cell)}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
      ))}
    </>
  )
}
