import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import FormControlLabel from '@mui/material/FormControlLabel'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal, Refused, type ColumnMatch } from '../../api/client'
import { matchOf } from './csv'
import { CsvMatch } from './CsvMatch'
import { CsvRow } from './CsvRow'
import { Heads } from '../../ui/Heads'

const pieces = (count: number) => (count === 1 ? '1 piece' : `${count} pieces`)

// What a CSV file says, piece by piece, before anything of it is taken. Rows that cannot be read are left
// out, named; what would change in the store is shown field by field and wants a yes.
export function StoreCsvDialog({
  file,
  onClose,
  onDone,
}: {
  file: File
  onClose: () => void
  onDone: () => void
}) {
  const [said, say] = useState<ColumnMatch | null>(null)
  const reading = useQuery({
    queryKey: ['store_reading', file.name, file.lastModified, file.size, said],
    queryFn: () => api.readStore(file, said),
    placeholderData: keepPreviousData,
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const stale = reading.isPlaceholderData
  const [error, setError] = useState<string | null>(null)
  const [saving, setSaving] = useState(false)
  const [yes, setYes] = useState(false)
  const { data } = reading
  const sound = data?.rows.filter((row) => row.problems.length === 0) ?? []
  const changing = sound.filter((row) => row.changes.length > 0)
  // What is in the store just so needs no taking.
  const taken = sound.filter((row) => !row.known || row.changes.length > 0)
  const ignored =
    data?.columns.filter(({ field, text }) => !field && text !== '').map(({ text }) => text) ?? []
  const take = async () => {
    setSaving(true)
    try {
      await api.takePieces({
        rows: taken.map(({ fields, lock_version }) => ({ fields, lock_version })),
        file: file.name,
        headings: data!.columns.map(({ text }) => text),
        match: said ?? data!.match,
      })
      onDone()
    } catch (fault) {
      setError(refusal(fault, 'the pieces could not be kept'))
      setYes(false)
      setSaving(false)
      if (fault instanceof Refused && fault.status === 409) void reading.refetch()
    }
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="store-csv-title">
      <DialogTitle id="store-csv-title" sx={{ overflowWrap: 'anywhere' }}>
        {file.name}
      </DialogTitle>
      <DialogContent>
        {reading.isPending && <Box role="status">Reading the file</Box>}
        {reading.isError && <Box role="alert">The file could not be read: {reading.error.message}</Box>}
        {error && (
          <Box role="alert" sx={{ color: 'var(--stop)' }}>
            {error}
          </Box>
        )}
        {data && (
          <>
            <Box role="status" data-store-csv sx={{ typography: 'field', mb: 1 }}>
              {data.fault ??
                `${data.rows.length} pieces read, ` +
                  (data.faulty ? `${data.faulty} of them with something to mend` : 'all of them understood') +
                  `; ${data.rows.filter((row) => row.known).length} are in the store already`}
            </Box>
            <CsvMatch data={data} match={said ?? matchOf(data)} change={say} />
            <Box sx={{ mb: 1 }}>
              {data.notices.join('; ')}.{ignored.length > 0 && ` Not taken: ${ignored.join(', ')}.`}
            </Box>
            <Box
              sx={{ maxHeight: 420, overflow: 'auto' }}
              tabIndex={0}
              role="region"
              aria-label="Pieces of the file"
            >
              <table className="grid">
                <Heads
                  of={['line', 'number', 'kind', 'size', 'reach', 'straight', 'state', 'examined', '']}
                />
                <tbody>
                  {data.rows.map((row) => (
                    <CsvRow key={row.line} row={row} />
                  ))}
                </tbody>
              </table>
            </Box>
          </>
        )}
        {changing.length > 0 && (
          <FormControlLabel
            control={<Checkbox checked={yes} onChange={(event) => setYes(event.target.checked)} />}
            label={`Yes, change ${pieces(changing.length)} of the store as shown`}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={
            !data || stale || !!data.fault || taken.length === 0 || saving || (changing.length > 0 && !yes)
          }
          onClick={() => void take()}
        >
          {data && data.faulty > 0
            ? `Take the ${taken.length} that can be read`
            : `Take ${pieces(taken.length)}`}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
