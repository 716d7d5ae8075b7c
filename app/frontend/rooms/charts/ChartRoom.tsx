import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Slider from '@mui/material/Slider'
import TextField from '@mui/material/TextField'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, Refused, type ReachTable, type WholeChart } from '../../api/client'
import { usePreferences, useShown } from '../../ui/preferences'
import { FEET, POUNDS } from '../../units/units'
import { Heading } from '../../ui/Row'
import { RoomBar } from '../../shell/RoomBar'
import { FAMILY } from './words'
import '../../ui/charts.css'
import { ChartMain } from './ChartMain'

// One chart: as its table, from the side, what it answers either way round, and who stands for its figures.
export function ChartRoom({ id }: { id: number }) {
  const chart = useQuery({ queryKey: ['chart', id], queryFn: () => api.chart(id), retry: false })
  useEffect(() => {
    document.title = `${chart.data?.title ?? 'Chart'} · Dust Ladder`
  }, [chart.data?.title])
  if (chart.data) return <Whole chart={chart.data} />
  const missing = chart.error instanceof Refused && chart.error.status === 404
  return (
    <>
      <RoomBar title="Chart">
        <Button component={Link} to="/cranes" sx={{ color: 'inherit', height: '100%' }}>
          All charts
        </Button>
      </RoomBar>
      <Box component="main" sx={{ p: 4, fontSize: 20 }} role={chart.isError ? 'alert' : 'status'}>
        {chart.isError
          ? missing
            ? 'There is no chart at this address.'
            : `The chart could not be read: ${chart.error.message}.`
          : 'Reading the chart'}
        {chart.isError && !missing && (
          <Button variant="outlined" sx={{ ml: 2 }} onClick={() => void chart.refetch()}>
            Read it again
          </Button>
        )}
      </Box>
    </>
  )
}

function Whole({ chart }: { chart: WholeChart }) {
  const navigate = useNavigate()
  const { tables } = chart.diagram
  const [seen, setSeen] = useState<'side' | 'table'>(tables.length > 0 ? 'side' : 'table')
  const [which, setWhich] = useState(0)
  const [asked, setAsked] = useState({ weight: '', radius: '' })
  const answer = useQuery({
    queryKey: ['reach', chart.id, asked],
    queryFn: () => api.reach(chart.id, asked.weight, asked.radius),
    placeholderData: keepPreviousData,
    enabled: asked.weight !== '' || asked.radius !== '',
    retry: false,
    gcTime: 10_000,
  })
  const table =
    answer.data && !answer.isError && (asked.weight || asked.radius) ? answer.data.tables[which] : undefined
  const tab = (id: typeof seen, words: string) => (
    <Button
      key={id}
      variant="outlined"
      aria-pressed={seen === id}
      onClick={() => setSeen(id)}
      sx={{
        minHeight: 44,
        '& + &': { borderLeft: 0 },
        ...(seen === id && {
          bgcolor: 'var(--ink)',
          color: 'var(--bone)',
          borderColor: 'var(--ink)',
          '&:hover': { bgcolor: 'var(--ink)' },
        }),
      }}
    >
      {words}
    </Button>
  )
  return (
    <>
      <RoomBar title={chart.title} aside={`${FAMILY[chart.family]}, version ${chart.version}`}>
        <Button component={Link} to="/cranes" sx={{ color: 'inherit', height: '100%' }}>
          All charts
        </Button>
        <Button component="a" href={api.chartAddress(chart.id)} sx={{ color: 'inherit', height: '100%' }}>
          Save as a file
        </Button>
        {(chart.family === 'mobile' || chart.family === 'tower') && (
          <Button
            component="a"
            href={`${api.chartAddress(chart.id)}?as=grid`}
            sx={{ color: 'inherit', height: '100%' }}
          >
            Save as CSV
          </Button>
        )}
      </RoomBar>
      <Box component="main" className="chart-room">
        <ChartMain
          tables={tables}
          tab={tab}
          which={which}
          setWhich={setWhich}
          chart={chart}
          navigate={navigate}
          seen={seen}
          table={table}
          answer={answer}
          asked={asked}
        />
        <aside className="chart-aside">
          {tables.length > 0 && (
            <CanI
              chart={chart}
              table={table}
              asked={asked}
              ask={setAsked}
              error={answer.error}
              read={
                answer.data && {
                  weight: answer.data.weight?.value ?? 0,
                  radius: answer.data.radius?.value ?? 0,
                }
              }
            />
          )}
          <People chart={chart} />
          <Heading>What the machine must be</Heading>
          <dl className="identity">
            {Object.entries(chart.identity).map(([name, value]) => (
              <div key={name}>
                <dt>{name.replaceAll('_', ' ')}</dt>
                <dd>{value}</dd>
              </div>
            ))}
          </dl>
          {chart.warnings.length > 0 && (
            <>
              <Heading>To look at again</Heading>
              <ul className="looks">
                {chart.warnings.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
            </>
          )}
        </aside>
      </Box>
    </>
  )
}

// Weight to reach, radius to weight: by a slider, or typed.
function CanI({
  chart,
  table,
  asked,
  ask,
  error,
  read,
}: {
  read: { weight: number; radius: number } | undefined
  chart: WholeChart
  table: ReachTable | undefined
  asked: { weight: string; radius: string }
  ask: (asked: { weight: string; radius: string }) => void
  error: Error | null
}) {
  const shown = useShown()
  const us = usePreferences().preferences.system === 'us'
  const most = useMemo(
    () => ({
      kg: chart.most?.value ?? 0,
      m: Math.max(
        1,
        ...chart.diagram.tables.flatMap((one) =>
          one.arcs.flatMap((arc) => arc.points.map(([radius]) => radius)),
        ),
      ),
    }),
    [chart],
  )
  const units = us
    ? { weight: 'lb', radius: 'ft', kg: 1 / POUNDS, m: 1 / FEET }
    : { weight: 'kg', radius: 'm', kg: 1, m: 1 }
  const row = (key: 'weight' | 'radius', label: string, top: number, step: number) => (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: '130px 1fr', gap: '14px', alignItems: 'center', mb: '6px' }}
    >
      <TextField
        variant="filled"
        label={label}
        value={asked[key]}
        placeholder="not asked"
        onChange={(event) => ask({ ...asked, [key]: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 40 } }}
      />
      <Slider
        aria-label={`${label}, slide`}
        min={0}
        max={top}
        step={step}
        value={
          asked[key] === '' ? 0 : Math.min(top, (read?.[key] ?? 0) * (key === 'weight' ? units.kg : units.m))
        }
        onChange={(_, value) => ask({ ...asked, [key]: value ? `${value} ${units[key]}` : '' })}
      />
    </Box>
  )
  return (
    <section aria-label="Can I">
      <Heading
        aside={
          chart.diagram.hangs
            ? `gross: block and the chart's own list are ${shown(chart.diagram.hangs)} of it`
            : 'gross'
        }
      >
        Can I
      </Heading>
      {row('weight', 'Gross load', Math.ceil(most.kg * units.kg), us ? 100 : 50)}
      {row('radius', 'Radius', Math.ceil(most.m * units.m), us ? 0.5 : 0.1)}
      {error instanceof Refused && (
        <Box role="alert" sx={{ color: 'var(--stop)' }}>
          {error.faults.map((fault) => `${fault.message}; expected ${fault.expected}`).join('. ')}
        </Box>
      )}
      {table && !error && (
        <table className="grid" data-can-i>
          <thead>
            <tr>
              <th scope="col">
                {chart.family === 'tower' ? 'jib' : chart.family === 'fixed_hoist' ? 'hoist' : 'boom'}
              </th>
              {asked.weight && <th scope="col">reach</th>}
              {asked.radius && <th scope="col">allowed</th>}
            </tr>
          </thead>
          <tbody>
            {table.booms.map((one) => (
              <tr key={one.boom_m}>
                <th scope="row">{chart.family === 'fixed_hoist' ? 'wherever it runs' : shown(one.boom)}</th>
                {asked.weight && <td>{shown(one.reach) || 'nowhere'}</td>}
                {asked.radius && <td>{shown(one.capacity) || 'nothing'}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {!table && !error && (
        <Box sx={{ color: 'var(--ink2)' }}>
          Slide a weight to see how far it reaches with each boom, or a radius to see what is allowed there.
        </Box>
      )}
    </section>
  )
}

function People({ chart }: { chart: WholeChart }) {
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
      <Box>{`Version ${chart.version}, entered by ${record?.entered_by || 'somebody not on record'}${record?.entered_on ? ` on ${record.entered_on}` : ''}.`}</Box>
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
