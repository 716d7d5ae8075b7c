import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal, WholeChart } from '../../api/client'
import { Heading } from '../../ui/Row'
export function People({ chart }: { chart: WholeChart }) {
  const queries = useQueryClient()
  // Never filled in beforehand: whoever reads it says who they are.
  const [name, setName] = useState('')
  const [error, setError] = useState<string | null>(null)
  const { record } = chart
  const sign = async () => {
    setError(null)
    try {
      queries.setQueryData(['chart', chart.id], await api.checkChart(chart.id, name))
      void queries.invalidateQueries({ queryKey: ['charts'] })
    } catch (fault) {
      setError(refusal(fault))
    }
  }
  return (
    <section aria-label="Who stands for it">
      <Heading aside={record?.source}>Who stands for it</Heading>
      <Box>
        {`Version ${chart.version}, entered by ${record?.entered_by || 'somebody not on record'}` +
          `${record?.entered_on ? ` on ${record.entered_on}` : ''}.`}
      </Box>
      {chart.lacking.length > 0 && (
        <Box sx={{ color: 'var(--stop)', fontWeight: 600, my: '6px' }}>
          {`Incomplete: it does not say ${chart.lacking.join(', ').replaceAll('_', ' ')} of the machine. ` +
            'No plan that uses it holds.'}
        </Box>
      )}
      {chart.withdrawn ? (
        <Box sx={{ color: 'var(--stop)', fontWeight: 600, my: '6px' }}>
          {`Version ${chart.version} is ${chart.withdrawn}.`}
        </Box>
      ) : chart.doubt ? (
        <>
          <Box sx={{ color: 'var(--stop)', fontWeight: 600, my: '6px' }}>
            Not yet: {chart.doubt}. No plan that uses it holds.
          </Box>
          <TextField
            variant="filled"
            fullWidth
            label="I have read every cell against the paper: my name"
            value={name}
            onChange={(event) => setName(event.target.value)}
            error={!!error}
            helperText={error ?? 'not whoever entered it'}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <Button
            variant="contained"
            sx={{ mt: '6px' }}
            disabled={name.trim() === ''}
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
