import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { api } from '../api/client'
import { ChoiceField, Heading, WordsField, type PanelProps } from './parts'
import { fieldId } from './places'

export function ChartPanel({ editor }: PanelProps) {
  const { crane, snapshots } = editor.document
  const charts = useQuery({ queryKey: ['charts'], queryFn: api.charts })
  const own = snapshots.charts[crane.chart ?? '']?.data
  const take = (id: string) => {
    const chosen = charts.data?.find((chart) => chart.data.id === id)
    if (id === '') editor.change({ '/crane/chart': null, '/snapshots/charts': {} }, 'chart taken away')
    else if (chosen) editor.change({ '/crane/chart': id, '/snapshots/charts': { [id]: chosen } }, 'chart chosen')
  }
  const choices: [string, string][] = [['', 'none chosen'], ...(own && !charts.data?.some((chart) => chart.data.id === own.id) ? [[own.id, `${own.title}, kept in the plan`] as [string, string]] : []), ...(charts.data ?? []).map((chart): [string, string] => [chart.data.id, chart.data.title])]
  return (
    <>
      <ChoiceField id={fieldId('/crane/chart')} label="Chart" value={crane.chart ?? ''} choices={choices} onChoose={take} />
      {own && (
        <>
          <Heading aside="as it stands today">The machine</Heading>
          {Object.keys(own.identity).sort().map((name) => (
            <Box key={name} sx={{ mb: '6px' }}>
              <WordsField editor={editor} pointer={`/crane/as_rigged/${name.replaceAll('~', '~0').replaceAll('/', '~1')}`} label={`${name.replaceAll('_', ' ')}; the chart says ${own.identity[name]}`} note={`${name.replaceAll('_', ' ')} of the machine`} />
            </Box>
          ))}
        </>
      )}
    </>
  )
}
