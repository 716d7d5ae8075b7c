import type { TailingCrane, TailingSide } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { Label, type At } from '../figures/figures'

// A line from its tip down to the hook, and from there to the point: by slings, and a beam where there is
// one. Dashed where it carries nothing.
export function HookLine({
  point,
  hook,
  top,
  beam,
  slack,
}: {
  point: At
  hook: number | null
  top: number
  beam: { sling: number; width: number; high: number } | null
  slack: boolean
}) {
  if (hook === null) return null
  const under = beam ? point.y - beam.sling : hook
  return (
    <g stroke="var(--ink)" fill="none" pointerEvents="none">
      {[-3.5, 3.5].map((off) => (
        <path key={off} d={`M${point.x + off} ${top}V${hook - 46}`} strokeWidth={1.3} />
      ))}
      <g transform={`translate(${point.x} ${hook})`} fill="var(--ink)">
        <path d="M-12 -46H12L8 -26H-8Z" stroke="none" />
        <circle cy={-37} r={3.4} fill="var(--bone)" stroke="none" />
        <path d="M0 -26V-18" strokeWidth={4} />
        <path d="M-6 -8A7 7 0 1 0 0 -18" fill="none" strokeWidth={3.6} />
      </g>
      {beam && (
        <rect
          x={point.x - Math.max(beam.width, 10) / 2}
          y={under - beam.high}
          width={Math.max(beam.width, 10)}
          height={beam.high}
          fill="var(--mark)"
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
      )}
      <path
        d={`M${point.x} ${beam ? under : hook}L${point.x} ${point.y}`}
        strokeWidth={2.6}
        strokeDasharray={slack ? '5 4' : undefined}
      />
      <circle cx={point.x} cy={point.y} r={5} fill="var(--ink)" stroke="none" />
    </g>
  )
}

// What one crane carries at this moment, of its chart.
export function Card({
  x,
  y,
  who,
  crane,
  side,
}: At & { who: string; crane: TailingCrane; side: TailingSide }) {
  const shown = useShown()
  const told = side.gross && side.capacity
  const first = `${who}, ${crane.name} ${side.share ? shown(side.share) : 'carries nothing'}`
  const second = told
    ? `${shown(side.gross)} of ${shown(side.capacity)}, ${side.use ? shown(side.use) : 'off its chart'}`
    : side.gross
      ? `${shown(side.gross)}: nothing allowed there`
      : 'its line hangs slack, or it is not told'
  const width = 20 + 7.2 * Math.max(first.length, second.length * 0.92)
  return (
    <g transform={`translate(${x} ${y})`} pointerEvents="none" data-card={who.toLowerCase()}>
      <rect width={width} height={46} fill="var(--chalk)" stroke="var(--ink)" strokeWidth={1.4} />
      <rect width={8} height={46} fill={told ? 'var(--mark)' : 'none'} stroke="var(--ink)" strokeWidth={1} />
      <Label x={16} y={19} size={15.5}>
        {first}
      </Label>
      <Label x={16} y={38} size={14.5} weight={500}>
        {second}
      </Label>
    </g>
  )
}
