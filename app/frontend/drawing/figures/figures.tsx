import type { Drawing } from '../../api/ladder.generated'
import { figures } from '../../ui/theme/tokens'

// Plain shapes of the drawing, in pixels.
export interface At {
  x: number
  y: number
}

export const Label = ({
  x,
  y,
  children,
  anchor = 'start',
  size = 16,
  weight = 600,
  fill = 'var(--ink)',
  rotate = 0,
  halo = false,
}: At & {
  children: React.ReactNode
  anchor?: 'start' | 'middle' | 'end'
  size?: number
  weight?: number
  fill?: string
  rotate?: number
  halo?: boolean
}) => (
  <text
    x={x}
    y={y}
    textAnchor={anchor}
    fontSize={size}
    fontWeight={weight}
    fontFamily={figures}
    fill={fill}
    transform={rotate ? `rotate(${rotate} ${x} ${y})` : undefined}
    paintOrder="stroke"
    stroke={halo ? 'var(--bone)' : undefined}
    strokeWidth={halo ? 5 : undefined}
  >
    {children}
  </text>
)

// The quartered disc of a centre of gravity.
export const CgMark = ({ x, y, r = 8 }: At & { r?: number }) => (
  <g transform={`translate(${x} ${y})`}>
    <circle r={r} fill="var(--chalk)" stroke="var(--ink)" strokeWidth={1.8} />
    <path d={`M0 0H${r}A${r} ${r} 0 0 1 0 ${r}ZM0 0H${-r}A${r} ${r} 0 0 1 0 ${-r}Z`} fill="var(--ink)" />
  </g>
)

// The box that a centre of gravity may be in, by its half widths in pixels, magnified where it is too small
// to be seen.
export const CgLens = ({ x, y, of, box }: At & { of: At; box: { w: number; h: number } }) => {
  const scale = 21 / Math.max(box.w, box.h, 1e-6)
  return (
    <g pointerEvents="none">
      <path d={`M${of.x} ${of.y}L${x} ${y}`} stroke="var(--ink)" strokeWidth={1} />
      <circle cx={x} cy={y} r={31} fill="var(--chalk)" stroke="var(--ink)" strokeWidth={1.4} />
      <rect
        x={x - box.w * scale}
        y={y - box.h * scale}
        width={2 * box.w * scale}
        height={2 * box.h * scale}
        fill="none"
        stroke="var(--mark)"
        strokeWidth={1.6}
        strokeDasharray="4 3"
      />
      <CgMark x={x} y={y} r={5} />
    </g>
  )
}

// A dimension with slashes, along x or along y.
export const Dimension = ({
  from,
  to,
  text,
  side = 0,
}: {
  from: At
  to: At
  text: string
  side?: number
}) => {
  const upright = from.x === to.x
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
  const gap = Math.abs(upright ? to.y - from.y : to.x - from.x)
  return (
    <g stroke="var(--ink)" strokeWidth={1.4}>
      <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} />
      {[from, to].map((end, index) => (
        <path key={index} d={`M${end.x - 5} ${end.y + 5}L${end.x + 5} ${end.y - 5}`} strokeWidth={2} />
      ))}
      {!upright && gap < 7.2 * text.length + 8 && (
        <g stroke="none">
          <Label
            x={from.x + (from.x < to.x ? -9 : 9)}
            y={from.y + 5}
            anchor={from.x < to.x ? 'end' : 'start'}
            halo
          >
            {text}
          </Label>
        </g>
      )}
      {gap >= (upright ? 26 : 7.2 * text.length + 8) && (
        <g stroke="none">
          {upright ? (
            <Label x={middle.x + side + 5} y={middle.y} anchor="middle" rotate={-90} halo>
              {text}
            </Label>
          ) : (
            <Label x={middle.x} y={middle.y + 5} anchor="middle" halo>
              {text}
            </Label>
          )}
        </g>
      )}
    </g>
  )
}

export const flagWidth = (name: string, value: string) => 28 + 6.6 * (name.length + value.length)

export function Flag({
  x,
  y,
  left,
  name,
  value,
  verdict,
  selected,
}: {
  x: number
  y: number
  left: boolean
  name: string
  value: string
  verdict: Drawing['legs'][number]['verdict']
  selected: boolean
}) {
  const width = flagWidth(name, value)
  const stop = verdict === 'stop'
  return (
    <g
      transform={`translate(${Math.max(4, left ? x - width : x)} ${y - 14})`}
      style={{ pointerEvents: 'none' }}
    >
      <rect
        width={width}
        height={26}
        fill={stop ? 'var(--stopGround)' : 'var(--chalk)'}
        stroke="var(--ink)"
        strokeWidth={selected ? 2.5 : 1.4}
      />
      <rect
        width={8}
        height={26}
        fill={
          stop
            ? 'var(--stopGround)'
            : verdict === 'tight'
              ? 'var(--tightFill)'
              : verdict === 'holds'
                ? 'var(--mark)'
                : 'none'
        }
        stroke={verdict === 'not_known' ? 'var(--ink)' : 'none'}
        strokeDasharray="3 2"
      />
      <Label x={15} y={18} fill={stop ? 'var(--onStop)' : 'var(--ink)'}>
        {name}
      </Label>
      <Label x={width - 7} y={18} anchor="end" fill={stop ? 'var(--onStop)' : 'var(--ink)'}>
        {value}
      </Label>
    </g>
  )
}
