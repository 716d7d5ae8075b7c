import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused, WholeChart } from '../../api/client'
import { usePreferences } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
export function People({ chart }: { chart: WholeChart }) {
  const queries = useQueryClient()
  const { preferences, prefer } = usePreferences()
  const [error, setError] = useState<string | null>(null)
  const { record } = chart
  const sign = async () => {
    setError(null)
    try {
      queries.setQueryData(['chart', chart.id], await api.checkChart(chart.id, preferences.name))
      void queries.invalidateQueries({ queryKey: ['charts'] })
    } catch (fault) {
      setError(
        fault instanceof Refused
          ? fault.faults.map(({ message, expected }) => `${message}; expected ${expected}`).join('. ')
          : 'it could not be kept',
      )
    }
  }
  return (
    <section aria-label="Who stands for it">
      <Heading aside={record?.source}>Who stands for it</Heading>
      <Box>
        {`Version ${chart.version}, entered by ${record?.entered_by || 'somebody not on record'}` +
          `${record?.entered_on ? ` on ${record.entered_on}` : ''}.`}
      </Box>
      {chart.doubt ? (
        <>
          <Box sx={{ color: 'var(--stop)', fontWeight: 600, my: '6px' }}>
            Not yet: {chart.doubt}. No plan that uses it holds.
          </Box>
          <TextField
            variant="filled"
            fullWidth
            label="I have read every cell against the paper: my name"
            value={preferences.name}
            onChange={(event) => prefer({ name: event.target.value })}
            error={!!error}
            helperText={error ?? 'not whoever entered it'}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <Button
            variant="contained"
            sx={{ mt: '6px' }}
            disabled={preferences.name.trim() === ''}
            onClick={() => void sign()}
          >
            Checked against the paper
          </Button>
        </>
      ) : (
        <Box>{`Checked against the paper by ${record?.checked_by} on ${record?.checked_on}.`}</Box>
      )}
    </section>
  )
}
