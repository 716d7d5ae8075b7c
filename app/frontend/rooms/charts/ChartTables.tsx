import Box from '@mui/material/Box'
import type { Chart } from '../../api/plan.generated'
import { usePreferences } from '../../ui/preferences'
import { lengthWords, POUNDS } from '../../units/units'
import { MARK } from './words'

interface Grid {
  name: string
  corner: string
  columns: string[]
  rows: { head: string; at: number | null; cells: { kg: number | null; mark: string | null }[] }[]
}

// The chart as its paper has it: rows by radius, boom angle or band, columns by boom length or load radius.
const gridsOf = (data: Chart, us: boolean): Grid[] => {
  const long = (metres: number) => lengthWords(metres, us ? 'us' : 'metric')
  if (data.tower)
    return Object.entries(data.tower.falls).flatMap(([falls, set]) =>
      set
        ? [
            {
              name: `${falls} falls${set.needs_second_trolley ? ', with a second trolley only' : ''}`,
              corner: 'trolley radius',
              columns: [`jib ${long(data.tower!.jib_length_m)}`],
              rows: set.radius_m.map((radius, index) => ({
                head: long(radius),
                at: radius,
                cells: [{ kg: set.capacity_kg[index] ?? null, mark: null }],
              })),
            },
          ]
        : [],
    )
  if (data.platform_jib) {
    const machine = data.platform_jib
    return machine.zones.map((zone) => ({
      name: `zone ${zone.name}`,
      corner: `upper boom; lower boom ${zone.lower_boom_from_deg} to ${zone.lower_boom_to_deg}°`,
      columns: machine.load_radius_m.map((radius) => `load radius ${long(radius)}`),
      rows: machine.upper_boom_bands_deg.map(([from, to], index) => ({
        head: `${from} to ${to}°`,
        at: null,
        cells: (machine.jib_kg[zone.name]?.[index] ?? []).map((kg) => ({ kg, mark: null })),
      })),
    }))
  }
  if (!data.tables || !data.boom_length_m) return []
  return Object.entries(data.tables).map(([name, cells = []]) => {
    const where = (data.sectors ?? []).filter((sector) => sector.table === name)
    return {
      name:
        where
          .map(
            (sector) =>
              `${sector.name}, ${sector.slew_from_deg} to ${sector.slew_to_deg}` +
              `°${sector.longest_boom_m ? `, boom to ${long(sector.longest_boom_m)}` : ''}`,
          )
          .join('; ') || name,
      corner: data.boom_angle_deg ? 'boom angle' : 'radius',
      columns: data.boom_length_m!.map(long),
      rows: cells.map((row, index) => ({
        head: data.boom_angle_deg ? `${data.boom_angle_deg[index]}°` : long(data.radius_m?.[index] ?? 0),
        at: data.radius_m?.[index] ?? null,
        cells: row.map((kg, column) => ({ kg, mark: data.marks?.[name]?.[index]?.[column] ?? null })),
      })),
    }
  })
}

export function ChartTables({
  chart,
  which,
  radius,
}: {
  chart: { data: Chart; diagram: { tables: { name: string }[] } }
  which: string | null
  radius: number | null
}) {
  const us = usePreferences().preferences.system === 'us'
  const { data } = chart
  const all = gridsOf(data, us)
  const shownGrids =
    which === null
      ? all
      : all.filter((grid) =>
          grid.name.split('; ').some((name) => name === which || name.startsWith(`${which},`)),
        )
  const weight = (kg: number) =>
    Math.floor((us ? kg / POUNDS : kg) + 1e-9)
      .toLocaleString('en-US')
      .replaceAll(',', us ? ',' : '\u202f')
  const marks = [
    ...new Set(
      all.flatMap((grid) =>
        grid.rows.flatMap((row) => row.cells.flatMap((cell) => (cell.mark ? [cell.mark] : []))),
      ),
    ),
  ]
  return (
    <>
      {shownGrids.map((grid) => {
        const read =
          radius === null ? -1 : grid.rows.findIndex((row) => row.at !== null && row.at >= radius - 0.001)
        return (
          <Box
            key={grid.name}
            sx={{ overflow: 'auto', mb: 2, maxHeight: { md: 'calc(100dvh - 150px)' } }}
            tabIndex={0}
            role="region"
            aria-label={grid.name}
          >
            <table className="grid capacities">
              <caption>{`${grid.name}, in ${us ? 'lb' : 'kg'}`}</caption>
              <thead>
                <tr>
                  <th scope="col">{grid.corner}</th>
                  {grid.columns.map((column) => (
                    <th key={column} scope="col">
                      {column}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {grid.rows.map((row, index) => (
                  <tr key={row.head} className={index === read ? 'read' : undefined}>
                    <th scope="row">{row.head}</th>
                    {row.cells.map((cell, column) => (
                      <td key={column} className={cell.kg === null ? 'none' : undefined}>
                        {cell.kg === null ? (
                          ''
                        ) : (
                          <>
                            {weight(cell.kg)}
                            {cell.mark && <sup>{MARK[cell.mark]?.[0]}</sup>}
                          </>
                        )}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </Box>
        )
      })}
      {data.fixed_hoist && (
        <Box sx={{ typography: 'lead' }}>
          {`One rating wherever the hook may run: ${weight(data.fixed_hoist.wll_kg)}` +
            ` ${us ? 'lb' : 'kg'}.`}
        </Box>
      )}
      {data.platform_jib && (
        <Box sx={{ mb: 2 }}>
          {`Platform rated ${weight(data.platform_jib.platform_rated_kg)} ${us ? 'lb' : 'kg'}; `}
          {`jib never more than ${data.platform_jib.jib_cap_kg.map(weight).join(', ')} by column; `}
          {data.platform_jib.credit_share
            ? `${Math.round(data.platform_jib.credit_share * 100)} % of what is unused of the platform ` +
              'is credited to the jib.'
            : 'nothing of the platform is credited to the jib.'}
        </Box>
      )}
      <Box sx={{ color: 'var(--ink2)' }}>
        Between rows the next larger one is read, between boom lengths the lower of both. A dotted cell is not
        allowed: it is not a margin of nothing.
        {data.interpolation === 'radius' && ' This chart permits reading between its radius rows.'}{' '}
        {marks.map((mark) => `${MARK[mark]?.[0]}: ${MARK[mark]?.[1]}`).join('; ')}
      </Box>
    </>
  )
}
