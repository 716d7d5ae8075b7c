import { At, Label } from './figures'

// A leg that carries nothing, hanging in a bow.
export const SlackLine = ({ from, to, colour }: { from: At; to: At; colour: string }) => (
  <path
    d={
      `M${from.x} ${from.y}Q${(from.x + to.x) / 2 + (to.x < from.x ? -26 : 26)}` +
      ` ${Math.max(from.y, to.y) + 8} ${to.x} ${to.y}`
    }
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
      aria-label={
        `Force triangle: ${share.text} up, ${thrust.text}` + ` along the level, ${tension.text} along the leg`
      }
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
