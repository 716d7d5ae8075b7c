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
import { useSize } from '../../ui/useSize'
import { Label } from '../../drawing/figures/figures'
import { Heading } from '../../ui/Row'
import { ChartTables } from './ChartTables'
import { Axes, Bands, Legend } from '../../drawing/views/RangeFigure'
import { extent, rangeScale } from '../../drawing/scale/rangeScale'
import { RoomBar } from '../../shell/RoomBar'
import { FAMILY } from './words'
import '../../ui/charts.css'

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
        <div className="chart-main">
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '12px', mb: '10px', alignItems: 'center' }}>
            {tables.length > 0 && (
              <Box role="group" aria-label="How the chart is seen" sx={{ display: 'flex' }}>
                {tab('side', 'From the side')}
                {tab('table', 'As its table')}
              </Box>
            )}
            {tables.length > 1 && (
              <select
                aria-label="Sector or falls"
                className="pick"
                value={which}
                onChange={(event) => setWhich(Number(event.target.value))}
              >
                {tables.map(({ name }, index) => (
                  <option key={name} value={index}>
                    {name}
                  </option>
                ))}
              </select>
            )}
            {chart.versions.length > 1 && (
              <select
                aria-label="Version"
                className="pick"
                value={chart.id}
                onChange={(event) => void navigate(`/cranes/${event.target.value}`)}
              >
                {chart.versions.map((one) => (
                  <option
                    key={one.id}
                    value={one.id}
                  >{`version ${one.version}${one.doubt ? ', not checked' : ''}`}</option>
                ))}
              </select>
            )}
          </Box>
          {seen === 'side' && tables[which] ? (
            <Side
              chart={chart}
              which={which}
              answer={table}
              radius={answer.data?.radius?.value ?? null}
              weight={answer.data?.weight?.value ?? null}
            />
          ) : (
            <ChartTables
              chart={chart}
              which={tables.length > 1 ? tables[which]!.name : null}
              radius={asked.radius ? (answer.data?.radius?.value ?? null) : null}
            />
          )}
        </div>
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

// Where the tip may be and how much is allowed there; the radius and the reach that were asked for are drawn in.
function Side({
  chart,
  which,
  answer,
  radius,
  weight,
}: {
  chart: WholeChart
  which: number
  answer: ReachTable | undefined
  radius: number | null
  weight: number | null
}) {
  const [ref, size] = useSize({ width: 800, height: 560 })
  const table = chart.diagram.tables[which]!
  const reach = extent(table)
  const widest = rangeScale(reach.radius, reach.height, {
    left: 48,
    right: size.width - 12,
    top: 12,
    bottom: 532,
  })
  // What is left beside the figure holds the table, where that is enough.
  const natural = Math.ceil(48 + reach.radius * widest.perMetre + 60)
  const beside = size.width - natural >= 340
  const width = beside ? natural : size.width
  // No higher than its width lets it be.
  const bottom = Math.ceil(12 + Math.min(520, ((width - 60) / reach.radius) * reach.height))
  const scale = rangeScale(reach.radius, reach.height, { left: 48, right: width - 12, top: 12, bottom })
  const shown = useShown()
  const holds = (answer?.booms ?? []).filter((one) => one.reach_m !== null)
  return (
    <Box ref={ref} sx={{ display: 'flex', gap: '20px', alignItems: 'flex-start' }}>
      <Box sx={{ flex: 'none', width }}>
        <svg
          width={width}
          height={bottom + 28}
          role="img"
          aria-label={`Range of ${chart.title}, ${table.name}`}
          data-range
        >
          <Bands table={table} bands={chart.diagram.bands} scale={scale} />
          <Axes scale={scale} />
          {weight !== null &&
            holds.map((one) => {
              const arc = table.arcs.find(({ boom_m }) => boom_m === one.boom_m)
              const held = arc?.points.filter(([place]) => place <= one.reach_m! + 1e-6) ?? []
              const end = held.at(-1)
              return (
                end && (
                  <g key={one.boom_m}>
                    <path
                      d={held
                        .map(([out, up], index) => `${index ? 'L' : 'M'}${scale.x(out)} ${scale.y(up)}`)
                        .join('')}
                      fill="none"
                      stroke="var(--ink)"
                      strokeWidth={4}
                    />
                    <circle
                      cx={scale.x(end[0])}
                      cy={scale.y(end[1])}
                      r={5}
                      fill="var(--bone)"
                      stroke="var(--ink)"
                      strokeWidth={2.5}
                    />
                    <Label x={scale.x(end[0]) + 9} y={scale.y(end[1]) + 5} size={15} halo>
                      {shown(one.reach)}
                    </Label>
                  </g>
                )
              )
            })}
          {radius !== null && (
            <g>
              <path
                d={`M${scale.x(radius)} ${scale.frame.top}V${scale.frame.bottom}`}
                stroke="var(--mark)"
                strokeWidth={2}
                strokeDasharray="9 4"
              />
              <Label x={scale.x(radius) + 5} y={scale.frame.top + 14} size={15} fill="var(--mark)" halo>
                radius
              </Label>
            </g>
          )}
        </svg>
        <Legend diagram={chart.diagram} />
      </Box>
      {beside && (
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <ChartTables
            chart={chart}
            which={chart.diagram.tables.length > 1 ? table.name : null}
            radius={radius}
          />
        </Box>
      )}
    </Box>
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
