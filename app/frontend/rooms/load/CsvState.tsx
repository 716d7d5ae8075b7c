import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

const understood = (faulty: number) =>
  faulty ? `${faulty} of them with something to mend` : 'all of them understood'

// How far the reading is, what the columns are taken for, what is asked back.
export function CsvState({
  error,
  done,
  read,
  share,
  head,
  ignored,
  asksComma,
  comma,
  setComma,
  onlyFaulty,
  setOnlyFaulty,
}: {
  error: string | null
  done: { rows: number; faulty: number; fault: string | null; commas: number } | null | undefined
  read: number
  share: number
  head:
    | { columns: { text: string; field: string | null; unit: string | null }[]; notices: string[] }
    | null
    | undefined
  ignored: string[]
  asksComma: boolean
  comma: boolean | null
  setComma: (comma: boolean) => void
  onlyFaulty: boolean
  setOnlyFaulty: (only: boolean) => void
}) {
  return (
    <>
      <Box role="status" data-csv-state>
        {error ??
          done?.fault ??
          (done
            ? `${done.rows} rows read, ${understood(done.faulty)}`
            : `${read} rows read, ${Math.round(share * 100)} %`)}
      </Box>
      {!done && !error && (
        <Box
          role="progressbar"
          aria-label="Reading"
          aria-valuenow={Math.round(share * 100)}
          aria-valuemin={0}
          aria-valuemax={100}
          sx={{
            height: 12,
            flex: 'none',
            border: '1.5px solid var(--ink)',
            '& i': { display: 'block', height: '100%', background: 'var(--mark)' },
          }}
        >
          <i style={{ width: `${share * 100}%` }} />
        </Box>
      )}
      {head && (
        <Box sx={{ typography: 'small', '&::first-letter': { textTransform: 'uppercase' } }}>
          {head.notices.join('; ')}.{ignored.length > 0 && <> Not taken: {ignored.join(', ')}.</>}
        </Box>
      )}
      {asksComma && (
        <Box
          sx={{
            border: '1.5px dashed var(--ink)',
            p: '6px 10px',
            display: 'flex',
            flexWrap: 'wrap',
            gap: 1,
            alignItems: 'center',
          }}
        >
          <Box sx={{ flex: '1 1 300px' }}>
            {done!.commas} cells have a comma between digits. What does 1,500 mean in this file?
          </Box>
          <Button
            variant={comma === true ? 'contained' : 'outlined'}
            aria-pressed={comma === true}
            onClick={() => setComma(true)}
          >
            one and a half
          </Button>
          <Button
            variant={comma === false ? 'contained' : 'outlined'}
            aria-pressed={comma === false}
            onClick={() => setComma(false)}
          >
            fifteen hundred
          </Button>
        </Box>
      )}
      {(done?.faulty ?? 0) > 0 && (
        <label>
          <input
            type="checkbox"
            checked={onlyFaulty}
            onChange={(event) => setOnlyFaulty(event.target.checked)}
          />{' '}
          only the rows with something to mend
        </label>
      )}
    </>
  )
}
