import type { Drawing } from '../../api/ladder.generated'
import { figures } from '../../ui/theme/tokens'

// Plain shapes of the drawing, in pixels.
interface At {
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

// The box that a centre of gravity may be in, by its half widths in pixels, magnified where it is too small to be seen.
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

// The hook block and its hook, bearing at (x, y).
export const HookBlock = ({ x, y, top }: At & { top: number }) => (
  <g transform={`translate(${x} ${y})`} fill="var(--ink)" stroke="var(--ink)">
    {[-9, -3, 3, 9].map((offset) => (
      <path key={offset} d={`M${offset} ${top - y}V-70`} strokeWidth={1.4} />
    ))}
    <path d="M-17 -70H17L12 -39H-12Z" stroke="none" />
    <circle cy={-56} r={5} fill="var(--bone)" stroke="none" />
    <path d="M0 -39V-27" strokeWidth={6} />
    <path d="M-9 -12A10 10 0 1 0 0 -26" fill="none" strokeWidth={5.5} />
    <circle r={5} fill="none" strokeWidth={2.2} cy={-3} />
  </g>
)

// A beam with its holes below and its eyes above; the holes in use filled.
export const BeamFigure = ({
  holes,
  eyes,
  used,
  colour = 'var(--ink)',
  number,
}: {
  holes: At[]
  eyes: At[]
  used: number[]
  colour?: string
  number: string
}) => {
  const ends = [holes[0]!, holes.at(-1)!]
  const [left, right] = ends[0]!.x <= ends[1]!.x ? (ends as [At, At]) : [ends[1]!, ends[0]!]
  const top =
    eyes.length > 1
      ? eyes
      : [left, right].map((end, index) => ({
          x: end.x,
          y: end.y - Math.max(8, (end.y - (eyes[index] ?? eyes[0] ?? end).y) * 0.6),
        }))
  const [a, b] = [top[0]!, top.at(-1)!].sort((one, other) => one.x - other.x) as [At, At]
  const narrow = right.x - left.x < 14
  const body = narrow
    ? `M${left.x - 7} ${a.y}H${right.x + 7}V${left.y}H${left.x - 7}Z`
    : `M${a.x - 6} ${a.y}L${b.x + 6} ${b.y}L${right.x + 6} ${right.y}L${left.x - 6} ${left.y}Z`
  return (
    <g pointerEvents="none">
      {eyes.length === 1 && (
        <path
          d={`M${eyes[0]!.x} ${eyes[0]!.y}L${(a.x + b.x) / 2} ${(a.y + b.y) / 2}`}
          stroke={colour}
          strokeWidth={6}
        />
      )}
      <path d={body} fill="var(--chalk)" stroke={colour} strokeWidth={2.2} />
      {holes.map((hole, index) => (
        <circle
          key={index}
          cx={hole.x}
          cy={hole.y}
          r={3.6}
          fill={used.includes(index) ? colour : 'var(--chalk)'}
          stroke={colour}
          strokeWidth={1.6}
        />
      ))}
      {eyes.map((eye, index) => (
        <circle key={index} cx={eye.x} cy={eye.y} r={3.6} fill={colour} />
      ))}
      {right.x - left.x > 8 * number.length + 24 && (
        <Label x={(left.x + right.x) / 2} y={(left.y + right.y + a.y + b.y) / 4 + 5} anchor="middle" halo>
          {number}
        </Label>
      )}
    </g>
  )
}

// A leg that carries nothing, hanging in a bow.
export const SlackLine = ({ from, to, colour }: { from: At; to: At; colour: string }) => (
  <path
    d={`M${from.x} ${from.y}Q${(from.x + to.x) / 2 + (to.x < from.x ? -26 : 26)} ${Math.max(from.y, to.y) + 8} ${to.x} ${to.y}`}
    fill="none"
    stroke={colour}
    strokeWidth={2.5}
    strokeDasharray="5 5"
    data-slack
  />
)

// What a leg does to its point: upward part, part along the level, and the pull itself, to one scale.
export const ForceTriangle = ({
  width,
  height,
  share,
  thrust,
  tension,
}: {
  width: number
  height: number
  share: { value: number; text: string }
  thrust: { value: number; text: string }
  tension: { value: number; text: string }
}) => {
  const room = { w: width - 150, h: height - 26 }
  const scale = Math.min(room.w / Math.max(thrust.value, 1e-9), room.h / Math.max(share.value, 1e-9))
  const [w, h] = [thrust.value * scale, share.value * scale]
  const at = { x: 66, y: height - 20 }
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`Force triangle: ${share.text} up, ${thrust.text} along the level, ${tension.text} along the leg`}
      style={{ display: 'block' }}
    >
      <path d={`M${at.x} ${at.y}V${at.y - h}`} stroke="var(--ink)" strokeWidth={2} />
      <path d={`M${at.x} ${at.y}H${at.x + w}`} stroke="var(--ink)" strokeWidth={2} />
      <path d={`M${at.x + w} ${at.y}L${at.x} ${at.y - h}`} stroke="var(--mark)" strokeWidth={3} />
      <Label x={at.x - 6} y={at.y - h / 2 + 5} anchor="end" size={15}>
        {share.text}
      </Label>
      <Label x={at.x} y={at.y + 17} size={15}>
        {thrust.text}
      </Label>
      <Label x={at.x + w / 2 + 12} y={at.y - h / 2 + 2} size={15} fill="var(--mark)">
        {tension.text}
      </Label>
    </svg>
  )
}

// A leg by kind: links, strands or a soft band.
export const LegLine = ({
  from,
  to,
  kind,
  colour,
}: {
  from: At
  to: At
  kind: string | undefined
  colour: string
}) => {
  const d = `M${from.x} ${from.y}L${to.x} ${to.y}`
  if (kind === 'alloy_chain') {
    return (
      <g fill="none" strokeLinecap="round">
        <path d={d} stroke={colour} strokeWidth={2} />
        <path d={d} stroke={colour} strokeWidth={7.5} strokeDasharray="6 10" />
        <path d={d} stroke="var(--bone)" strokeWidth={3} strokeDasharray="6 10" />
      </g>
    )
  }
  if (kind === 'wire_rope')
    return (
      <g fill="none">
        <path d={d} stroke={colour} strokeWidth={5} />
        <path d={d} stroke="var(--bone)" strokeWidth={1.2} strokeDasharray="3 4" />
      </g>
    )
  return (
    <g fill="none" strokeLinecap="round">
      <path d={d} stroke={colour} strokeWidth={8} />
      <path d={d} stroke="var(--bone)" strokeWidth={3.5} />
    </g>
  )
}

// The small sign of an angle's convention.
export const AngleSign = ({ convention }: { convention: 'horizontal' | 'plumb' | 'included' }) => (
  <svg
    width={30}
    height={24}
    viewBox="0 0 30 24"
    aria-hidden
    fill="none"
    stroke="var(--ink)"
    strokeWidth={1.6}
  >
    {convention === 'horizontal' && (
      <>
        <path d="M3 21H28M4 21L14 3" />
        <path d="M16 21A12 12 0 0 0 10.500 10.500" stroke="var(--mark)" strokeWidth={2.2} />
      </>
    )}
    {convention === 'plumb' && (
      <>
        <path d="M17 2V22M17 2L8 21" />
        <path d="M17 15A13 13 0 0 1 11.500 14" stroke="var(--mark)" strokeWidth={2.2} />
      </>
    )}
    {convention === 'included' && (
      <>
        <path d="M15 3L6 22M15 3L24 22" />
        <path d="M9.500 14.500A13 13 0 0 0 20.500 14.500" stroke="var(--mark)" strokeWidth={2.2} />
      </>
    )}
  </svg>
)

// The selected leg's angles, as the drawing shows them.
export function AngleArcs({ hook, point, h, b }: { hook: At; point: At; h: string; b: string | null }) {
  const side = Math.sign(point.x - hook.x) || 1
  const lean = Math.atan2(Math.abs(point.x - hook.x), point.y - hook.y)
  const long = Math.hypot(point.x - hook.x, point.y - hook.y)
  if (long < 110) return null
  const r = 62
  const end = { x: hook.x + side * r * Math.sin(lean), y: hook.y + r * Math.cos(lean) }
  const low = { x: point.x - side * 46, y: point.y }
  const high = { x: point.x - side * 46 * Math.sin(lean), y: point.y - 46 * Math.cos(lean) }
  return (
    <g fill="none" stroke="var(--mark)" strokeWidth={1.8}>
      <path d={`M${hook.x} ${hook.y + r}A${r} ${r} 0 0 ${side > 0 ? 0 : 1} ${end.x} ${end.y}`} />
      <path d={`M${low.x} ${low.y}A46 46 0 0 ${side > 0 ? 1 : 0} ${high.x} ${high.y}`} />
      <g stroke="none">
        {b && long > 220 && (
          <Label
            x={end.x + side * 8}
            y={end.y - 4}
            anchor={side > 0 ? 'start' : 'end'}
            size={17}
            fill="var(--mark)"
            halo
          >
            {b}
          </Label>
        )}
        <Label
          x={low.x - side * 4}
          y={low.y - 20}
          anchor={side > 0 ? 'end' : 'start'}
          size={17}
          fill="var(--mark)"
          halo
        >
          {h}
        </Label>
      </g>
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
