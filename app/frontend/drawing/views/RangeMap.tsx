import { useId } from 'react'
import type { WhatIfPart } from '../../api/client'
import type { Verdict } from '../../ladder/verdict'
import { Hatch, StopStripes } from '../../ladder/Hatch'
import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'

type Row = NonNullable<WhatIfPart['row']>
const LEFT = 96
const CELL = 20

// Verdicts over two figures: one across, the other up. here: the plan's own place on it.
export function RangeMap({
  rows,
  width,
  across,
  up,
  ends,
  here,
  on,
}: {
  rows: Row[]
  width: number
  across: string
  up: string
  ends: [string, string]
  here: [number, number]
  on: (words: string | null) => void
}) {
  const shown = useShown()
  const hatch = useId()
  const stripes = useId()
  const columns = rows[0]!.columns
  const wide = (width - LEFT - 12) / columns.length
  const height = rows.length * CELL
  const fill: Record<Verdict, string> = {
    holds: 'var(--mark)',
    tight: `url(#${hatch})`,
    stop: `url(#${stripes})`,
    not_known: 'var(--chalk)',
  }
  const place = (value: number, all: number[]) =>
    ((value - all[0]!) / (all.at(-1)! - all[0]! || 1)) * (all.length - 1) + 0.5
  const values = rows.map((row) => row.value)
  const x = LEFT + place(here[0], columns) * wide
  const y = 8 + height - place(here[1], values) * CELL
  const inside = x >= LEFT && x <= width && y >= 8 && y <= 8 + height
  return (
    <svg width={width} height={height + 52} role="img" aria-label={`The lift over ${across} and ${up}`}>
      <Hatch id={hatch} />
      <StopStripes id={stripes} />
      {rows.map((row, level) => {
        const top = 8 + height - (level + 1) * CELL
        return (
          <g key={row.value} data-map-row={shown(row.shown)}>
            {(level === 0 || level === rows.length - 1) && (
              <Label x={LEFT - 6} y={top + 15} anchor="end" size={14}>
                {shown(row.shown)}
              </Label>
            )}
            {row.cells.map(([verdict, rung], index) => (
              <rect
                key={index}
                x={LEFT + index * wide}
                y={top}
                width={wide - 1}
                height={CELL - 1}
                fill={fill[verdict as Verdict]}
                stroke={verdict === 'not_known' ? 'var(--ink)' : 'none'}
                strokeDasharray="3 3"
                data-cell={verdict}
                onPointerEnter={() =>
                  on(`${verdict?.replace('_', ' ')}${rung ? `: ${rung.replaceAll('_', ' ')}` : ''}`)
                }
                onPointerLeave={() => on(null)}
              />
            ))}
          </g>
        )
      })}
      {inside && (
        <circle cx={x} cy={y} r={6} fill="var(--chalk)" stroke="var(--ink)" strokeWidth={3} data-here />
      )}
      <Label x={LEFT} y={height + 26} size={14}>
        {ends[0]}
      </Label>
      <Label x={width - 12} y={height + 26} size={14} anchor="end">
        {ends[1]}
      </Label>
      <Label x={LEFT} y={height + 46} size={14} weight={600}>
        {`across: ${across}; up: ${up}`}
      </Label>
    </svg>
  )
}
