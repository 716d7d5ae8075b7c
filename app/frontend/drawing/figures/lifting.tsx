import { At, Label } from './figures'

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
