import Box from '@mui/material/Box'

import { DiagramTable, type ReachAnswer, type ReachTable, type WholeChart } from '../../api/client'

import { ChartTables } from './ChartTables'
import { useShown } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { Label } from '../../drawing/figures/figures'
import { Axes, Bands, Legend } from '../../drawing/views/RangeFigure'
import { extent, rangeScale } from '../../drawing/scale/rangeScale'
import type { ReactNode } from 'react'
import type { NavigateFunction } from 'react-router'
import type { UseQueryResult } from '@tanstack/react-query'

// Where the tip may be and how much is allowed there; the radius and the reach that were asked for are
// drawn in.
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

// The chart as a range, or as its tables.
export function ChartMain({
  tables,
  tab,
  which,
  setWhich,
  chart,
  navigate,
  seen,
  table,
  answer,
  asked,
}: {
  tables: DiagramTable[]
  tab: (id: 'side' | 'table', words: string) => ReactNode
  which: number
  setWhich: (which: number) => void
  chart: WholeChart
  navigate: NavigateFunction
  seen: string
  table: ReachTable | undefined
  answer: UseQueryResult<ReachAnswer>
  asked: { weight: string; radius: string }
}) {
  return (
    <>
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
            radius={answer.data?.read_at?.value ?? null}
            weight={answer.data?.weight?.value ?? null}
          />
        ) : (
          <ChartTables
            chart={chart}
            which={tables.length > 1 ? tables[which]!.name : null}
            radius={asked.radius ? (answer.data?.read_at?.value ?? null) : null}
          />
        )}
      </div>
    </>
  )
}
