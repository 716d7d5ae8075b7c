import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { api, faultWords, type WholeChart } from '../../../api/client'
import { RoomBar } from '../../../shell/RoomBar'
import { Reading } from '../../../ui/Reading'
import { Heading } from '../../../ui/Row'
import { useTitle } from '../../../ui/useTitle'
import { Pictures } from './Pictures'
import { PaperTables } from './PaperTables'
import { Read } from './Read'
import { usePaper } from './usePaper'
import '../../../ui/charts.css'
import '../../../ui/tables.css'

// A chart beside the picture of its page, read against it block by block by a second person.
export function PaperRoom() {
  const id = Number(useParams().id)
  const chart = useQuery({ queryKey: ['chart', id], queryFn: () => api.chart(id), retry: false })
  useTitle(chart.data ? `${chart.data.title}, beside its page` : 'A chart beside its page')
  return (
    <>
      <RoomBar title={chart.data?.title ?? 'Chart'} aside={chart.data && `version ${chart.data.version}`}>
        <Button component={Link} to={`/cranes/${id}`} sx={{ color: 'inherit', height: '100%' }}>
          The chart
        </Button>
      </RoomBar>
      {chart.data ? (
        <Paper chart={chart.data} />
      ) : (
        <main>
          <Reading query={chart} what="chart" pad={{ p: 4 }} />
        </main>
      )}
    </>
  )
}

function Paper({ chart }: { chart: WholeChart }) {
  const { paper, blocks, error, left, sign, signing, reader } = usePaper(chart)
  return (
    <Box component="main" className="chart-entry">
      <div className="chart-entry-page">
        <Pictures
          at={`/charts/${chart.id}`}
          fixed={chart.doubt === null}
          none="No picture of the page is kept here. Read it against the binder itself, or add one."
        />
      </div>
      <div className="paper-middle">
        <Reading query={paper} what="page" pad={{ py: 2 }} />
        {paper.data && (
          <>
            <Box sx={{ mb: 1, color: 'var(--ink2)' }}>
              {paper.data.printed
                ? 'As it was typed, in the page’s own units and signs. A dash is not allowed.'
                : 'It came without its page: shown in m and kg. A dash is not allowed.'}
            </Box>
            {paper.data.faults.length > 0 && (
              <Box role="alert" sx={{ color: 'var(--stop)', fontWeight: 600, my: 1 }}>
                {`Not all of it can be shown: ${faultWords(paper.data.faults[0]!)}. `}
                It cannot be checked like this.
              </Box>
            )}
            <PaperTables paper={paper.data} reader={reader} />
          </>
        )}
      </div>
      <div className="chart-entry-fields">
        <div className="paper-sign">
          <Heading aside={chart.record?.source}>The record</Heading>
          <Signing
            chart={chart}
            reader={reader}
            left={left}
            of={blocks.length}
            sign={sign}
            signing={signing}
          />
          {error && (
            <Box role="alert" sx={{ color: 'var(--stop)', fontWeight: 600, my: 1 }}>
              {error}
            </Box>
          )}
        </div>
        {blocks
          .filter((block) => block.of === null)
          .map((block) => (
            <section key={block.id} aria-label={block.title} data-block={block.title}>
              <Heading>{block.title}</Heading>
              <dl className="identity">
                {block.rows.map(([what, said], index) => (
                  <div key={index}>
                    <dt>{what}</dt>
                    <dd>{said || 'nothing'}</dd>
                  </div>
                ))}
              </dl>
              <Read block={block} reader={reader} />
            </section>
          ))}
        {chart.lacking.length > 0 && (
          <Box className="paper-needs">{`needs: ${chart.lacking.join(', ').replaceAll('_', ' ')}`}</Box>
        )}
      </div>
    </Box>
  )
}

// Who reads it, how far they are, and their word for the whole of it.
function Signing({
  chart,
  reader,
  left,
  of,
  sign,
  signing,
}: {
  chart: WholeChart
  reader: ReturnType<typeof usePaper>['reader']
  left: number
  of: number
  sign: () => void
  signing: boolean
}) {
  const { record, doubt, withdrawn } = chart
  if (withdrawn) return <Box sx={{ color: 'var(--stop)', fontWeight: 600 }}>{`It is ${withdrawn}.`}</Box>
  if (doubt === null)
    return <Box>{`Checked against the paper by ${record?.checked_by} on ${record?.checked_on}.`}</Box>
  return (
    <>
      <Box>{`Entered by ${record?.entered_by || 'somebody not on record'}. Not yet: ${doubt}.`}</Box>
      <TextField
        variant="filled"
        fullWidth
        label="I read it against the paper: my name"
        value={reader.typed}
        onChange={(event) => reader.setBy(event.target.value)}
        helperText="not whoever entered it"
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      <Box role="status" data-paper-state sx={{ fontWeight: 600, my: '6px' }}>
        {reader.by ? `${of - left} of ${of} blocks read` : `${of} blocks to read`}
      </Box>
      <Button
        variant="contained"
        fullWidth
        disabled={!reader.by || left > 0 || of === 0 || signing}
        onClick={sign}
      >
        Checked against the paper
      </Button>
    </>
  )
}
