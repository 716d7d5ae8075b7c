import { usePreferences } from '../../ui/preferences'
import { FEET, lengthWords, POUNDS } from '../../units/units'
import type { Diagram, DiagramTable } from '../../api/client'
import type { RangeScale } from '../scale/rangeScale'
import { Label } from '../figures/figures'
import { niceStep } from '../scale/scale'

// The deepest tone is the most that is allowed: one ink, laid on in steps.
export const toneOf = (band: number, bands: number) => 0.1 + (0.62 * band) / Math.max(1, bands)

// Bands of capacity where the tip may be, and an arc for each boom length.
export function Bands({
  table,
  bands,
  scale,
  labels = true,
}: {
  table: DiagramTable
  bands: number[]
  scale: RangeScale
  labels?: boolean
}) {
  const { system } = usePreferences().preferences
  const path = (places: [number, number][]) =>
    places
      .map(
        ([radius, height], index) =>
          `${index ? 'L' : 'M'}${scale.x(radius).toFixed(1)} ${scale.y(height).toFixed(1)}`,
      )
      .join('')
  return (
    <g pointerEvents="none">
      {table.cells.map((cell, index) => (
        <path
          key={index}
          d={`${path(cell.outline)}Z`}
          fill="var(--mark)"
          fillOpacity={toneOf(cell.band, bands.length)}
          stroke="none"
          shapeRendering="crispEdges"
        />
      ))}
      {table.arcs.map((arc) => (
        <path key={arc.boom_m} d={path(arc.points)} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
      ))}
      {labels &&
        table.arcs.map((arc) => {
          const [radius, height] = arc.points[0]!
          return (
            <Label
              key={arc.boom_m}
              x={scale.x(radius) - 4}
              y={scale.y(height) + 4}
              anchor="end"
              size={14}
              weight={500}
              halo
            >
              {lengthWords(arc.boom_m, system)}
            </Label>
          )
        })}
    </g>
  )
}

export function Axes({ scale }: { scale: RangeScale }) {
  const us = usePreferences().preferences.system === 'us'
  const unit = us ? FEET : 1
  const { frame } = scale
  const step = niceStep((frame.right - frame.left) / scale.perMetre / unit, 8)
  const upStep = niceStep((frame.bottom - frame.top) / scale.perMetre / unit, 7)
  const ticks = (most: number, by: number) =>
    Array.from({ length: Math.floor(most / by) }, (_, index) => (index + 1) * by)
  return (
    <g pointerEvents="none">
      <path
        d={`M${frame.left} ${frame.top}V${frame.bottom}H${frame.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {ticks((frame.right - frame.left) / scale.perMetre / unit, step).map((tick) => (
        <g key={tick}>
          <path d={`M${scale.x(tick * unit)} ${frame.bottom}v5`} stroke="var(--ink)" />
          <Label x={scale.x(tick * unit)} y={frame.bottom + 18} anchor="middle" size={14} weight={500}>
            {tick}
          </Label>
        </g>
      ))}
      {ticks((frame.bottom - frame.top) / scale.perMetre / unit, upStep).map((tick) => (
        <g key={tick}>
          <path d={`M${frame.left - 5} ${scale.y(tick * unit)}h5`} stroke="var(--ink)" />
          <Label x={frame.left - 8} y={scale.y(tick * unit) + 5} anchor="end" size={14} weight={500}>
            {tick}
          </Label>
        </g>
      ))}
      <Label x={frame.left - 8} y={frame.bottom + 18} anchor="end" size={14} weight={500}>
        {us ? 'ft' : 'm'}
      </Label>
    </g>
  )
}

// What each tone stands for.
export function Legend({ diagram }: { diagram: Diagram }) {
  const us = usePreferences().preferences.system === 'us'
  const words = (kg: number) =>
    us ? `${Math.floor(kg / POUNDS).toLocaleString('en-US')} lb` : kg >= 1000 ? `${kg / 1000} t` : `${kg} kg`
  const { bands } = diagram
  if (bands.length === 0) return null
  return (
    <ul className="legend" aria-label="What the tones stand for">
      {[...bands.keys(), bands.length].reverse().map((band) => (
        <li key={band}>
          <svg width={22} height={16} aria-hidden>
            <rect width={22} height={16} fill="var(--chalk)" stroke="var(--ink)" />
            <rect width={22} height={16} fill="var(--mark)" fillOpacity={toneOf(band, bands.length)} />
          </svg>
          {band === 0 ? `less than ${words(bands[0]!)}` : `${words(bands[band - 1]!)} and more`}
        </li>
      ))}
    </ul>
  )
}
