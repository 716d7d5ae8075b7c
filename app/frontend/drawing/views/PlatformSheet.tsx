import type { Ladder } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { craneOf } from '../../plan/crane'
import { Label } from '../figures/figures'

const BOOM = { lower: 210, upper: 180, jib: 54 }
const TRUCK = { width: 150, height: 30 }
const at = (x: number, y: number, deg: number, long: number) => ({
  x: x + long * Math.cos((deg * Math.PI) / 180),
  y: y - long * Math.sin((deg * Math.PI) / 180),
})

// A fan between two angles from the horizontal.
const fan = (x: number, y: number, from: number, to: number, long: number) => {
  const [one, other] = [at(x, y, from, long), at(x, y, to, long)]
  const large = Math.abs(to - from) > 180 ? 1 : 0
  return `M${x} ${y}L${one.x} ${one.y}A${long} ${long} 0 ${large} 0 ${other.x} ${other.y}Z`
}

interface Boom {
  from: number
  to: number
}

// What the dry run showed of a platform machine's two booms: every angle that they touch, in the zones and
// bands of the chart. Angles are true; lengths are not, since the chart does not give them.
export function PlatformSheet({
  plan,
  ladder,
  width,
  ground,
}: {
  plan: Plan
  ladder: Ladder
  width: number
  ground: number
}) {
  const read = (name: string) => ladder.readings[`/cranes/0/platform/${name}`]?.value
  const boom = (name: string): Boom | null => {
    const [from, to] = [read(`${name}_boom_from`), read(`${name}_boom_to`)]
    return from === undefined || to === undefined ? null : { from, to }
  }
  const [lower, upper] = [boom('lower'), boom('upper')]
  const chart = plan.snapshots.charts[craneOf(plan).chart ?? '']?.data.platform_jib
  const foot = { x: width / 2 - 120, y: ground - TRUCK.height - 8 }
  const middle = lower && (lower.from + lower.to) / 2
  const elbow = middle === null ? null : at(foot.x, foot.y, middle, BOOM.lower)
  return (
    <g data-platform>
      <rect
        x={foot.x - TRUCK.width / 2}
        y={foot.y}
        width={TRUCK.width}
        height={TRUCK.height}
        fill="var(--ink)"
      />
      {chart?.zones.map((zone) => {
        const { x, y } = at(
          foot.x,
          foot.y,
          (Math.max(0, zone.lower_boom_from_deg) + zone.lower_boom_to_deg) / 2,
          BOOM.lower + 40,
        )
        return (
          <g key={zone.name}>
            <path
              d={fan(foot.x, foot.y, zone.lower_boom_from_deg, zone.lower_boom_to_deg, BOOM.lower + 20)}
              fill="none"
              stroke="var(--line)"
              strokeWidth={1.2}
              strokeDasharray="4 4"
            />
            <Label x={x} y={y} size={15} anchor="middle">{`zone ${zone.name}`}</Label>
          </g>
        )
      })}
      {lower && (
        <path d={fan(foot.x, foot.y, lower.from, lower.to, BOOM.lower)} fill="var(--wash)" stroke="none" />
      )}
      {elbow && upper && (
        <path d={fan(elbow.x, elbow.y, upper.from, upper.to, BOOM.upper)} fill="var(--wash)" stroke="none" />
      )}
      {elbow && <Beam from={foot} to={elbow} thick={9} />}
      {elbow && upper && <Top elbow={elbow} upper={upper} load={plan.load.name} />}
      <Label x={36} y={ground + 24} size={15} weight={500}>
        {lower && upper
          ? `Lower boom ${lower.from}° to ${lower.to}°, upper boom ${upper.from}` +
            `° to ${upper.to}°: angles true, lengths not to scale`
          : 'The angles that the dry run showed of both booms are needed.'}
      </Label>
    </g>
  )
}

interface Spot {
  x: number
  y: number
}
const Beam = ({ from, to, thick }: { from: Spot; to: Spot; thick: number }) => (
  <path
    d={`M${from.x} ${from.y}L${to.x} ${to.y}`}
    stroke="var(--ink)"
    strokeWidth={thick}
    strokeLinecap="round"
  />
)

// The upper boom with the platform and the small jib at its head.
function Top({ elbow, upper, load }: { elbow: Spot; upper: Boom; load: string }) {
  const head = at(elbow.x, elbow.y, (upper.from + upper.to) / 2, BOOM.upper)
  const tip = { x: head.x + BOOM.jib, y: head.y - 16 }
  return (
    <g>
      <Beam from={elbow} to={head} thick={7} />
      <Beam from={head} to={tip} thick={4} />
      <rect
        x={head.x - 16}
        y={head.y + 6}
        width={32}
        height={34}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <path d={`M${tip.x} ${tip.y}v56`} stroke="var(--ink)" strokeWidth={1.6} />
      <rect
        x={tip.x - 13}
        y={tip.y + 56}
        width={26}
        height={18}
        fill="var(--chalk)"
        stroke="var(--mark)"
        strokeWidth={2}
      />
      <Label x={tip.x + 20} y={tip.y + 72} size={15}>
        {load}
      </Label>
    </g>
  )
}
