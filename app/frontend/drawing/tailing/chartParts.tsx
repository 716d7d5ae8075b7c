import type { Tailing, TailingStep } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import type { Frame } from '../scale/tailingScale'

// What every chart over the turn is drawn with.
export interface ChartProps {
  view: Tailing
  step: TailingStep
  x: (at: number) => number
  frame: Frame
}
export const NAME_X = 52
// Where the charts that have figures at their left are named.
export const NAME_LEFT = NAME_X + 22

// A line over places of the turn; broken where nothing can be told.
export const line = (
  points: (number | null)[][],
  x: (at: number) => number,
  y: (value: number) => number,
) => {
  let open = false
  return points
    .map(([at, told]) => {
      if (told === null || told === undefined) {
        open = false
        return ''
      }
      const piece = `${open ? 'L' : 'M'}${x(at!)} ${y(told)}`
      open = true
      return piece
    })
    .join('')
}

export const Name = ({ x, y, children }: { x: number; y: number; children: string[] }) => (
  <>
    {children.map((words, index) => (
      <Label key={words} x={x} y={y + index * 16} size={15} weight={index === 0 ? 600 : 500}>
        {words}
      </Label>
    ))}
  </>
)

// The left and lower edge.
export const Edges = ({ frame }: { frame: Frame }) => (
  <path d={`M${frame.left} ${frame.top}V${frame.bottom}H${frame.right}`} fill="none" stroke="var(--ink)" />
)
