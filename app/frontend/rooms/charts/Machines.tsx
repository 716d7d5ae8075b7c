import Box from '@mui/material/Box'

import { Link } from 'react-router'
import { type ChartLine } from '../../api/client'

import { FAMILY } from './words'
import { Figure, Sentence } from '../../api/ladder.generated'
import { Heads } from '../../ui/Heads'

// Charts of one machine stand together.
const machines = (charts: ChartLine[]) => {
  const found = new Map<string, ChartLine[]>()
  charts.forEach((chart) => {
    const name =
      [chart.identity.model, chart.identity.serial].filter(Boolean).join(', serial ') || 'machine not named'
    found.set(name, [...(found.get(name) ?? []), chart])
  })
  return [...found.entries()]
}

// The charts of each machine.
export function Machines({
  listed,
  shown,
}: {
  listed: ChartLine[]
  shown: (figure: Figure | Sentence | null | undefined) => string
}) {
  return (
    <>
      {machines(listed).map(([machine, own]) => (
        <section key={machine} className="machine" aria-label={machine}>
          <h2>
            {machine}
            <span>{FAMILY[own[0]!.family]}</span>
          </h2>
          <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={`Charts of ${machine}`}>
            <table className="grid store stack">
              <Heads
                of={[
                  'chart',
                  'what the machine must be',
                  'most',
                  'source',
                  'version',
                  'checked against the paper',
                ]}
              />
              <tbody>
                {own.map((chart) => (
                  <tr key={chart.id} data-chart={chart.identifier}>
                    <th scope="row">
                      <Link to={`/cranes/${chart.id}`}>{chart.title}</Link>
                    </th>
                    <td data-of="must be">
                      {Object.entries(chart.identity)
                        .filter(([name]) => name !== 'model' && name !== 'serial')
                        .map(([name, value]) => `${name.replaceAll('_', ' ')} ${value}`)
                        .join('; ')}
                    </td>
                    <td data-of="most" className="nowrap">
                      {shown(chart.most) || 'nothing'}
                    </td>
                    <td data-of="source">{chart.record?.source || 'not given'}</td>
                    <td data-of="version">{chart.version}</td>
                    <td
                      data-of="checked"
                      style={chart.doubt ? { color: 'var(--stop)', fontWeight: 600 } : undefined}
                    >
                      {chart.doubt
                        ? `not yet: ${chart.doubt}`
                        : `${chart.record?.checked_by}, ${chart.record?.checked_on}`}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Box>
        </section>
      ))}
    </>
  )
}
