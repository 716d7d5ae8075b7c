import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import LinearProgress from '@mui/material/LinearProgress'
import { useState } from 'react'
import { api, refusal, type ChartPart } from '../../api/client'
import { usePreferences } from '../../ui/preferences'
import { useChartFiles } from './useChartFiles'
import { ChartPreview } from './ChartPreview'
import type { Answers } from './Doubts'
import { EnteredBy } from './EnteredBy'

// What becomes of a chart that is taken.
const fateOf = ({ reading, known, refused }: ChartPart) =>
  !reading.data || refused.length > 0
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
  const { preferences } = usePreferences()
  const { parts, done, error, setError } = useChartFiles(files)
  const [saving, setSaving] = useState(false)
  const [looked, setLooked] = useState(0)
  const [answers, setAnswers] = useState<Record<number, Answers>>({})
  const [why, setWhy] = useState('')
  const sound = parts.filter((part) => part.reading.data && part.refused.length === 0)
  const faulty = parts.length - sound.length
  const fresh = sound.filter((part) => !part.known?.same)
  const at = Math.min(looked, parts.length - 1)
  const one = parts[at]
  const answersOf = (part: ChartPart) => answers[parts.indexOf(part)] ?? {}
  const open = fresh.flatMap((part) =>
    part.reading.warnings.filter(({ text, answer }) => answer && !answersOf(part)[text]?.trim()),
  ).length
  const replacing = fresh.some((part) => part.known)
  const take = async () => {
    setSaving(true)
    setError(null)
    try {
      await api.enterCharts({
        charts: fresh.map((part) => (part.printed ? null : part.reading.data)),
        printed: fresh.map((part) => part.printed),
        answers: fresh.map(answersOf),
        entered_by: preferences.name,
        why,
      })
      onDone()
    } catch (fault) {
      setError(refusal(fault, 'the charts could not be kept'))
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
        {one && (
          <ChartPreview
            part={one}
            answers={answers[at] ?? {}}
            answer={(what, word) => setAnswers((now) => ({ ...now, [at]: { ...now[at], [what]: word } }))}
          />
        )}
      </DialogContent>
      <DialogActions sx={{ alignItems: 'flex-end', gap: 1, flexWrap: 'wrap' }}>
        <Box sx={{ display: 'flex', gap: '10px', ml: 2, mr: 'auto' }}>
          <EnteredBy replacing={replacing} why={why} setWhy={setWhy} />
        </Box>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={
            !done ||
            fresh.length === 0 ||
            open > 0 ||
            (replacing && why.trim() === '') ||
            preferences.name.trim() === '' ||
            saving
          }
          onClick={() => void take()}
        >
          {open > 0
            ? `${open} to answer first`
            : fresh.length === 0
              ? 'Nothing to take'
              : fresh.length === 1
                ? 'Take the chart'
                : `Take ${fresh.length} charts`}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
