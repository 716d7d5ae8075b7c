import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import Slider from '@mui/material/Slider'
import TextField from '@mui/material/TextField'
import { useMemo } from 'react'
import { Refused, type ReachAsked, type ReachTable, type WholeChart } from '../../api/client'
import { usePreferences, useShown } from '../../ui/preferences'
import { FEET, POUNDS } from '../../units/units'
import { Heading } from '../../ui/Row'
// Weight to reach, radius to weight: by a slider, or typed.
export function CanI({
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
  asked: ReachAsked
  ask: (asked: ReachAsked) => void
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
  const word = (key: 'boom' | 'parts', label: string, empty: string) => (
    <TextField
      variant="filled"
      label={label}
      value={asked[key]}
      placeholder={empty}
      onChange={(event) => ask({ ...asked, [key]: event.target.value })}
      slotProps={{ htmlInput: { maxLength: 40 } }}
      sx={{ width: 150 }}
    />
  )
  return (
    <section aria-label="Can I">
      <Heading
        aside={
          chart.diagram.hangs
            ? `block and the chart's own list, ${shown(chart.diagram.hangs)}, and the rope come on top`
            : 'as a plan would answer'
        }
      >
        Can I
      </Heading>
      {row('weight', 'Load and rigging', Math.ceil(most.kg * units.kg), us ? 100 : 50)}
      {row('radius', 'Radius', Math.ceil(most.m * units.m), us ? 0.5 : 0.1)}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '10px', alignItems: 'center', mb: '6px' }}>
        {word('boom', `Any ${chart.diagram.row} length`, 'each of the chart')}
        {word('parts', 'Parts of line', 'the fewest that carry it')}
        <FormControlLabel
          control={
            <Checkbox
              checked={asked.loaded}
              onChange={(event) => ask({ ...asked, loaded: event.target.checked })}
            />
          }
          label="radius measured under load"
        />
      </Box>
      {error instanceof Refused && (
        <Box role="alert" sx={{ color: 'var(--stop)' }}>
          {error.faults.map((fault) => `${fault.message}; expected ${fault.expected}`).join('. ')}
        </Box>
      )}
      {table && !error && (
        <table className="grid" data-can-i>
          <thead>
            <tr>
              <th scope="col">{chart.diagram.row}</th>
              <th scope="col">parts</th>
              {asked.weight && <th scope="col">reach</th>}
              {asked.radius && <th scope="col">may hang</th>}
            </tr>
          </thead>
          <tbody>
            {table.booms.map((one) => (
              <tr key={one.boom_m}>
                <th scope="row">{chart.diagram.only_row ?? shown(one.boom)}</th>
                <td>{one.parts ?? ''}</td>
                {asked.weight && <td>{one.why ?? (shown(one.reach) || 'nowhere')}</td>}
                {asked.radius && (
                  <td>{asked.weight === '' && one.why ? one.why : shown(one.capacity) || 'nothing'}</td>
                )}
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
