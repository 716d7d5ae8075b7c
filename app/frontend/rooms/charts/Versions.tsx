import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, refusal, type WholeChart } from '../../api/client'
import { usePreferences } from '../../ui/preferences'
import { Heading } from '../../ui/Row'

const MOST_SHOWN = 40

// What this version changed, which plans rest on the chart, and the way to withdraw it.
export function Versions({ chart }: { chart: WholeChart }) {
  const { differences } = chart
  return (
    <>
      {chart.version > 1 && (
        <section aria-label="What this version changed">
          <Heading aside={`${differences.length} places`}>{`Since version ${chart.version - 1}`}</Heading>
          {chart.record?.why && <Box>{`Why: ${chart.record.why}.`}</Box>}
          <table className="grid" data-differences>
            <tbody>
              {differences.slice(0, MOST_SHOWN).map(({ block, where, from, to }) => (
                <tr key={`${block} ${where}`}>
                  <th scope="row">{[block, where].filter(Boolean).join(', ')}</th>
                  <td>{from ?? 'nothing'}</td>
                  <td>→</td>
                  <td>
                    <strong>{to ?? 'nothing'}</strong>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {differences.length > MOST_SHOWN && <Box>{`and ${differences.length - MOST_SHOWN} more`}</Box>}
        </section>
      )}
      <section aria-label="Plans that rest on it">
        <Heading aside={`${chart.rests.length}`}>Plans that rest on it</Heading>
        {chart.rests.length === 0 && <Box>None.</Box>}
        <ul className="plain">
          {chart.rests.map((plan) => (
            <li key={plan.id}>
              <Link to={`/plans/${plan.id}`}>{plan.title}</Link>
              {plan.lift_at && `, ${plan.lift_at.replace('T', ' ')}`}
              {plan.verdict && `, ${plan.verdict.replace('_', ' ')}`}
            </li>
          ))}
        </ul>
      </section>
      {!chart.withdrawn && <Withdraw chart={chart} />}
    </>
  )
}

function Withdraw({ chart }: { chart: WholeChart }) {
  const queries = useQueryClient()
  const { preferences, prefer } = usePreferences()
  const [open, setOpen] = useState(false)
  const [why, setWhy] = useState('')
  const [error, setError] = useState('')
  const withdraw = async () => {
    try {
      queries.setQueryData(['chart', chart.id], await api.withdrawChart(chart.id, preferences.name, why))
      void queries.invalidateQueries({ queryKey: ['charts'] })
    } catch (fault) {
      setError(refusal(fault))
    }
  }
  if (!open)
    return (
      <Button variant="outlined" sx={{ mt: 2 }} onClick={() => setOpen(true)}>
        Withdraw this version
      </Button>
    )
  return (
    <section aria-label="Withdraw this version">
      <Heading>Withdraw this version</Heading>
      <Box>
        {`Plans that turn to not known: ${chart.rests.length}. It cannot be taken back; enter the page anew.`}
      </Box>
      <TextField
        variant="filled"
        fullWidth
        label="Why"
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 400 } }}
      />
      <TextField
        variant="filled"
        fullWidth
        label="Who withdraws it"
        value={preferences.name}
        onChange={(event) => prefer({ name: event.target.value })}
        error={error !== ''}
        helperText={error || ' '}
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      <Button onClick={() => setOpen(false)}>Leave</Button>
      <Button
        variant="contained"
        disabled={why.trim() === '' || preferences.name.trim() === ''}
        onClick={() => void withdraw()}
      >
        Withdraw it
      </Button>
    </section>
  )
}
