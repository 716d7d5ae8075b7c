import { useId } from 'react'
import type { WhatIfPart } from '../../api/client'
import { Hatch, StopStripes } from '../../ladder/Hatch'
import { COLOUR, rank, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'

type Strip = NonNullable<WhatIfPart['strip']>
type Curve = Strip['curves'][number]

const LEFT = 150
const HEAD = 34
const ROW = 40
const BAR = 22
export const MOST_ROWS = 8

// Horizontal place of a value.
export const stripX = (strip: Strip, width: number) => {
  const [first, last] = [strip.values[0]!, strip.values.at(-1)!]
  return (value: number) => LEFT + ((value - first) / (last - first)) * (width - LEFT - 12)
}
export const stripHeight = (strip: Strip) => HEAD + ROW * Math.min(MOST_ROWS, strip.curves.length) + 40

// The rungs that say most: those that stop first, then the most used.
export const told = (curves: Curve[]) => {
  const stops = (curve: Curve) => {
    const at = curve.verdicts.indexOf('stop')
    return at < 0 ? Infinity : at
  }
  const most = (curve: Curve) => Math.max(0, ...curve.shares.map((share) => share ?? 0))
  return [...curves].sort((a, b) => stops(a) - stops(b) || most(b) - most(a)).slice(0, MOST_ROWS)
}

// What a rung says between two looks: the worse of both, and the more of what is used.
export const between = (curve: Curve, index: number) => {
  const [one, other] = [curve.verdicts[index], curve.verdicts[index + 1]]
  if (!one || !other) return null
  const shares = [curve.shares[index], curve.shares[index + 1]]
  return {
    verdict: rank(one) < rank(other) ? one : other,
    share: Math.min(1, Math.max(...shares.map((share) => share ?? 1))),
  }
}

// One rung over the range: from zero to 100 %, filled as it stands at each value.
function Row({
  curve,
  strip,
  y,
  width,
  hatch,
  stripes,
}: {
  curve: Curve
  strip: Strip
  y: number
  width: number
  hatch: string
  stripes: string
}) {
  const x = stripX(strip, width)
  const fill = { holds: 'var(--mark)', tight: `url(#${hatch})`, stop: `url(#${stripes})`, not_known: 'none' }
  return (
    <g data-curve={curve.id}>
      <Label x={8} y={y + 16} size={15} weight={600}>
        {curve.label}
      </Label>
      {strip.values.slice(1).map((value, index) => {
        const said = between(curve, index)
        if (!said) return null
        const { verdict, share } = said
        const from = x(strip.values[index]!)
        const high = Math.max(1.5, BAR * share)
        return (
          <rect
            key={value}
            x={from}
            y={y + BAR - high}
            width={x(value) - from + 0.4}
            height={high}
            fill={fill[verdict]}
            stroke={verdict === 'not_known' ? 'var(--ink)' : 'none'}
            strokeDasharray="3 3"
            shapeRendering="crispEdges"
          />
        )
      })}
      <path
        d={`M${LEFT} ${y + BAR}H${width - 12}M${LEFT} ${y}H${width - 12}`}
        stroke="var(--line)"
        strokeDasharray="2 3"
      />
    </g>
  )
}

// What the lift says over a range of one figure, and below it each rung that moves with it. at: the value
// that is looked at, its mark drawn through all rows.
export function RangeStrip({ strip, width, at }: { strip: Strip; width: number; at: number }) {
  const shown = useShown()
  const hatch = useId()
  const stripes = useId()
  const x = stripX(strip, width)
  const rows = told(strip.curves)
  const bottom = HEAD + ROW * rows.length
  return (
    <svg width={width} height={stripHeight(strip)} role="img" aria-label="The lift over the range">
      <Hatch id={hatch} />
      <StopStripes id={stripes} />
      <Label x={8} y={22} size={15} weight={700}>
        the lift
      </Label>
      {strip.bands.map((band, index) => {
        const end = strip.bands[index + 1]?.from_value ?? band.to_value
        const [from, to] = [x(band.from_value), x(end)]
        const stop = band.verdict === 'stop'
        const plain = band.verdict === 'not_known'
        const words =
          band.verdict === 'holds'
            ? `holds, ${band.label?.toLowerCase()}`
            : `${WORD[band.verdict]}: ${band.label?.toLowerCase()}`
        return (
          <g key={band.from_value} data-band={band.verdict}>
            <rect
              x={from + (stop ? 3 : 0)}
              y={4}
              width={Math.max(0.5, to - from - (stop ? 3 : 0))}
              height={26}
              fill={
                stop
                  ? 'var(--stopGround)'
                  : band.verdict === 'tight'
                    ? `url(#${hatch})`
                    : plain
                      ? 'none'
                      : 'var(--mark)'
              }
              stroke={plain ? 'var(--ink)' : 'none'}
              strokeDasharray="5 4"
            />
            {to - from > 8 * words.length && (
              <Label
                x={(from + to) / 2}
                y={22}
                anchor="middle"
                size={14}
                weight={600}
                halo={band.verdict === 'tight' || plain}
                fill={stop ? 'var(--onBar)' : band.verdict === 'holds' ? 'var(--onMark)' : 'var(--ink)'}
              >
                {words}
              </Label>
            )}
          </g>
        )
      })}
      {rows.map((curve, index) => (
        <Row
          key={curve.id}
          curve={curve}
          strip={strip}
          y={HEAD + 8 + index * ROW}
          width={width}
          hatch={hatch}
          stripes={stripes}
        />
      ))}
      {strip.bands.slice(1).map((band) => (
        <path
          key={band.from_value}
          d={`M${x(band.from_value)} ${HEAD}V${bottom}`}
          stroke={COLOUR[band.verdict]}
          strokeDasharray="5 4"
        />
      ))}
      <path d={`M${x(at)} 2V${bottom + 8}`} stroke="var(--ink)" strokeWidth={2} data-at />
      <path d={`M${LEFT} ${bottom + 4}H${width - 12}`} stroke="var(--ink)" strokeWidth={1.5} />
      <Label x={LEFT} y={bottom + 22} size={14}>
        {shown(strip.bands[0]!.from)}
      </Label>
      <Label x={width - 12} y={bottom + 22} size={14} anchor="end">
        {shown(strip.bands.at(-1)!.to)}
      </Label>
    </svg>
  )
}
