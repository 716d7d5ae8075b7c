import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, Refused, type ReachAsked, type WholeChart } from '../../api/client'
import { Heading } from '../../ui/Row'
import { useTitle } from '../../ui/useTitle'
import { RoomBar } from '../../shell/RoomBar'
import { FAMILY } from './words'
import '../../ui/charts.css'
import { ChartMain } from './ChartMain'
import { CanI } from './CanI'
import { People } from './People'
import { Versions } from './Versions'

// One chart: as its table, from the side, what it answers either way round, and who stands for its figures.
export function ChartRoom({ id }: { id: number }) {
  const chart = useQuery({ queryKey: ['chart', id], queryFn: () => api.chart(id), retry: false })
  useTitle(chart.data?.title ?? 'Chart')
  if (chart.data) return <Whole chart={chart.data} />
  const missing = chart.error instanceof Refused && chart.error.status === 404
  return (
    <>
      <RoomBar title="Chart">
        <Button component={Link} to="/cranes" sx={{ color: 'inherit', height: '100%' }}>
          All charts
        </Button>
      </RoomBar>
      <Box component="main" sx={{ p: 4, typography: 'heading' }} role={chart.isError ? 'alert' : 'status'}>
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
  const [asked, setAsked] = useState<ReachAsked>({
    weight: '',
    radius: '',
    loaded: false,
    boom: '',
    parts: '',
  })
  const answer = useQuery({
    queryKey: ['reach', chart.id, asked],
    queryFn: () => api.reach(chart.id, asked),
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
        <Button
          component={Link}
          to={`/cranes/drafts/new?of=${chart.id}`}
          sx={{ color: 'inherit', height: '100%' }}
        >
          Mend a figure
        </Button>
        <Button component="a" href={api.chartAddress(chart.id)} sx={{ color: 'inherit', height: '100%' }}>
          Save as a file
        </Button>
        <Button
          component="a"
          href={`${api.chartAddress(chart.id)}?as=grid`}
          sx={{ color: 'inherit', height: '100%' }}
        >
          Save as CSV
        </Button>
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
          <Versions chart={chart} />
          <Heading>What the machine must be</Heading>
          <dl className="identity">
            {Object.entries(chart.identity).map(([name, value]) => (
              <div key={name}>
                <dt>{name.replaceAll('_', ' ')}</dt>
                <dd>{value}</dd>
              </div>
            ))}
          </dl>
          {(chart.data.notes ?? []).length > 0 && (
            <>
              <Heading aside="word for word">Notes on the page</Heading>
              <ul className="looks">
                {chart.data.notes!.map((note, at) => (
                  <li key={at}>{note}</li>
                ))}
              </ul>
            </>
          )}
          {chart.warnings.length > 0 && (
            <>
              <Heading>To look at again</Heading>
              <ul className="looks">
                {chart.warnings.map(({ text }) => {
                  const word = chart.record?.answers?.find(({ what }) => what === text)?.word
                  return <li key={text}>{word ? `${text}. It stands: ${word}` : text}</li>
                })}
              </ul>
            </>
          )}
        </aside>
      </Box>
    </>
  )
}
