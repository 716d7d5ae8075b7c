import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { WholeChart } from '../../api/client'
import { Heading } from '../../ui/Row'

// Who entered a chart, and who read it against the paper.
export function People({ chart }: { chart: WholeChart }) {
  const { record } = chart
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
          <Button variant="contained" component={Link} to={`/cranes/${chart.id}/paper`}>
            Read it against the paper
          </Button>
        </>
      ) : (
        <Box>
          {`Checked against the paper by ${record?.checked_by} on ${record?.checked_on}. `}
          <Link to={`/cranes/${chart.id}/paper`} style={{ color: 'var(--mark)' }}>
            See it beside the page
          </Link>
        </Box>
      )}
    </section>
  )
}
