import type { scaleBar } from '../scale/scale'
import { Label } from './figures'

interface Props {
  bar: ReturnType<typeof scaleBar>
  perMetre: number
  // Where its right end stands, px.
  x: number
  y: number
  // What is said of the view behind it.
  seen: string
}

// The bar of the scale, with its length before it.
export function ScaleBar({ bar, perMetre, x, y, seen }: Props) {
  const long = bar.metres * perMetre
  return (
    <g transform={`translate(${x} ${y})`} stroke="var(--ink)" strokeWidth={1.6}>
      <path d={`M${-long} -5V5M0 -5V5M0 0h${-long}`} />
      <g stroke="none">
        <Label x={-8 - long} y={5} anchor="end" size={14} weight={500} fill="var(--ink2)">
          {`0 to ${bar.words}${seen}`}
        </Label>
      </g>
    </g>
  )
}
