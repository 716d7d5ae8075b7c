import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../../api/client'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading } from '../../ui/Row'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import '../../ui/charts.css'
import { usePreferences } from '../../ui/preferences'
import { Tick } from './Tick'
import { JibOffset } from './JibOffset'
import { useCrane, useCraneAt, useCranePlace } from '../../plan/craneAt'
import { keptCharts } from '../../plan/tandem'

// Which chart, and each of its identity fields ticked against the machine as it stands.
export function ChartPanel({ editor, open, rung }: PanelProps) {
  const { preferences, prefer } = usePreferences()
  const { snapshots } = editor.document
  const crane = useCrane(editor.document)
  const place = useCranePlace()
  const others = keptCharts(editor.document, useCraneAt())
  const charts = useQuery({ queryKey: ['charts'], queryFn: api.charts })
  const [error, setError] = useState<string | null>(null)
  const own = snapshots.charts[crane.chart ?? '']?.data
  const line = charts.data?.find((chart) => chart.identifier === own?.id)
  const take = async (id: string) => {
    setError(null)
    if (id === '')
      return editor.change({ [`${place}/chart`]: null, '/snapshots/charts': others }, 'chart taken away')
    const chosen = charts.data?.find((chart) => chart.identifier === id)
    if (!chosen) return
    try {
      const { digest, data } = await api.chart(chosen.id)
      editor.change(
        { [`${place}/chart`]: id, '/snapshots/charts': { ...others, [id]: { digest, data } } },
        'chart chosen',
      )
    } catch {
      setError('The chart could not be read from the library.')
    }
  }
  const newer = own && line && line.version > (own.record?.version ?? 1)
  const stale =
    own &&
    line &&
    line.version === own.record?.version &&
    !!own.record &&
    !own.record.checked_by &&
    !line.doubt
  const choices: [string, string][] = [
    ['', 'none chosen'],
    ...(own && !line ? [[own.id, `${own.title}, kept in the plan`] as [string, string]] : []),
    ...(charts.data ?? []).map((chart): [string, string] => [
      chart.identifier,
      `${chart.title}${chart.withdrawn ? ', withdrawn' : chart.doubt ? ', not checked' : ''}`,
    ]),
  ]
  return (
    <>
      <ChoiceField
        id={fieldId(`${place}/chart`)}
        label="Chart"
        value={crane.chart ?? ''}
        choices={choices}
        onChoose={(id) => void take(id)}
      />
      {error && (
        <Box role="alert" sx={{ color: 'var(--stop)' }}>
          {error}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px', my: '6px' }}>
        {!editor.document.tandem && (
          <Button variant="outlined" onClick={() => open('cranes')}>
            Cranes side by side
          </Button>
        )}
        {line && (
          <Button variant="outlined" component={Link} to={`/cranes/${line.id}`}>
            See the chart
          </Button>
        )}
        {(newer || stale) && (
          <Button variant="contained" onClick={() => void take(own.id)}>
            {newer ? `Take version ${line.version}` : 'It is checked now: take it'}
          </Button>
        )}
      </Box>
      {own && <JibOffset editor={editor} chart={own} />}
      {own && (
        <>
          <Heading aside="as it stands today, field by field">The machine</Heading>
          <TextField
            variant="filled"
            fullWidth
            label="Who looks at the machine"
            value={preferences.name}
            helperText="kept with each field that is seen"
            onChange={(event) => prefer({ name: event.target.value })}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          {Object.keys(own.identity)
            .sort()
            .map((name) => (
              <Tick
                key={name}
                editor={editor}
                name={name}
                said={own.identity[name]!}
                part={rung?.parts.find((part) => part.name === name)}
              />
            ))}
        </>
      )}
    </>
  )
}
