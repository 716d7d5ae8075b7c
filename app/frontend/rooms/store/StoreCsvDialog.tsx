import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused } from '../../api/client'
import { plain } from './words'

// What a CSV file says, piece by piece, before anything of it is taken. Rows that cannot be read are left
// out, named.
export function StoreCsvDialog({
  file,
  onClose,
  onDone,
}: {
  file: File
  onClose: () => void
  onDone: () => void
}) {
  const reading = useQuery({
    queryKey: ['store_reading', file.name, file.lastModified, file.size],
    queryFn: () => api.readStore(file),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const [error, setError] = useState<string | null>(null)
  const [saving, setSaving] = useState(false)
  const { data } = reading
  const sound = data?.rows.filter((row) => row.problems.length === 0) ?? []
  const ignored =
    data?.columns.filter(({ field, text }) => !field && text !== '').map(({ text }) => text) ?? []
  const take = async () => {
    setSaving(true)
    try {
      await api.takePieces(sound.map((row) => row.fields))
      onDone()
    } catch (fault) {
      setError(fault instanceof Refused ? fault.message : 'the pieces could not be kept')
      setSaving(false)
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
                <thead>
                  <tr>
                    {['line', 'number', 'kind', 'size', 'reach', 'straight', 'state', 'examined', ''].map(
                      (head) => (
                        <th key={head} scope="col">
                          {head}
                        </th>
                      ),
                    )}
                  </tr>
                </thead>
                <tbody>
                  {data.rows.map((row) => (
                    <tr key={row.line} data-csv-line={row.line}>
                      <td>{row.line}</td>
                      <th scope="row">{row.fields.number}</th>
                      <td>{plain(row.fields.kind ?? '')}</td>
                      <td>{row.fields.size}</td>
                      <td>{row.fields.reach}</td>
                      <td>{row.fields.vertical || row.fields.span_ratings}</td>
                      <td>{row.fields.state}</td>
                      <td>{row.fields.examined}</td>
                      <td style={row.problems.length ? { color: 'var(--stop)', fontWeight: 600 } : undefined}>
                        {row.problems.length
                          ? row.problems
                              .map(
                                (one) =>
                                  `${one.field.replaceAll('_', ' ')}` +
                                  `: ${one.message}; expected ${one.expected}`,
                              )
                              .join('. ')
                          : row.known
                            ? row.changed.length
                              ? `changes ${row.changed.map((one) => one.replaceAll('_', ' ')).join(', ')}`
                              : 'as it is in the store'
                            : 'new'}
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
          variant="contained"
          disabled={!data || !!data.fault || sound.length === 0 || saving}
          onClick={() => void take()}
        >
          {data && data.faulty > 0
            ? `Take the ${sound.length} that can be read`
            : `Take ${sound.length || ''} pieces`}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
