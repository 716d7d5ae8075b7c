import type { SiteView } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { middleOf, siteWay, type SiteScale } from '../scale/siteScale'
import { FOOT } from './looks'

// The place some metres from the axis on a bearing.
export const onBearing = (axis: number[], bearing: number, metres: number): [number, number] => {
  const turned = (bearing * Math.PI) / 180
  return [axis[0]! + metres * Math.sin(turned), axis[1]! + metres * Math.cos(turned)]
}

// Each foot with what it uses of its ground, away from the crane's middle.
function FootFlag({
  foot,
  axis,
  scale,
}: {
  foot: SiteView['feet'][number]
  axis: number[]
  scale: SiteScale
}) {
  const shown = useShown()
  const [east, north] = middleOf(foot.outline)
  const out = { x: scale.x(east) - scale.x(axis[0]!), y: scale.y(north) - scale.y(axis[1]!) }
  const far = Math.hypot(out.x, out.y) || 1
  const unsaid = foot.verdict === 'stop' ? 'stop' : 'not known'
  const words = `${foot.name} ${foot.used ? shown(foot.used) : unsaid}`
  const width = 14 + 7 * words.length
  const stop = foot.verdict === 'stop'
  const x = scale.x(east) + (out.x / far) * 30 + (out.x < 0 ? -width : 0)
  const y = scale.y(north) + (out.y / far) * 22 - 11
  return (
    <g pointerEvents="none" data-foot={foot.name} data-verdict={foot.verdict}>
      <rect
        x={x}
        y={y}
        width={width}
        height={22}
        fill={stop ? 'var(--stopGround)' : 'var(--chalk)'}
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeDasharray={foot.verdict === 'not_known' ? '4 3' : undefined}
      />
      <Label
        x={x + width / 2}
        y={y + 16}
        anchor="middle"
        size={14.5}
        fill={stop ? 'var(--onStop)' : 'var(--ink)'}
      >
        {words}
      </Label>
    </g>
  )
}

// The crane as it stands, its feet, its boom over pick and set, and the load there.
// flags: with what each foot uses of its ground.
export function SiteCrane({
  view,
  scale,
  flags = true,
}: {
  view: SiteView
  scale: SiteScale
  flags?: boolean
}) {
  const crane = view.crane
  if (!crane) return null
  const at = (place: number[]) => ({ x: scale.x(place[0]!), y: scale.y(place[1]!) })
  const axis = at(crane.axis)
  const front = at(onBearing(crane.axis, crane.bearing, 3.2))
  const [first, last] = [view.stations[0], view.stations.at(-1)]
  return (
    <g>
      {crane.tail_m !== null && (
        <circle
          cx={axis.x}
          cy={axis.y}
          r={crane.tail_m * scale.perMetre}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeDasharray="6 4"
        />
      )}
      {view.way.length > 1 && (
        <path
          d={siteWay(scale, view.way)}
          fill="none"
          stroke="var(--mark)"
          strokeWidth={3}
          strokeDasharray="9 4 2 4"
        />
      )}
      {view.stations.map(
        (station) =>
          station.load && (
            <path
              key={station.index}
              d={siteWay(scale, station.load, true)}
              fill="var(--chalk)"
              stroke="var(--mark)"
              strokeWidth={2.4}
            />
          ),
      )}
      {last && (
        <path
          d={`M${axis.x} ${axis.y}L${scale.x(last.at[0]!)} ${scale.y(last.at[1]!)}`}
          stroke="var(--ink)"
          strokeWidth={6}
        />
      )}
      {first && first !== last && (
        <path
          d={`M${axis.x} ${axis.y}L${scale.x(first.at[0]!)} ${scale.y(first.at[1]!)}`}
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeDasharray="5 4"
        />
      )}
      {view.feet.map((foot) => {
        const look = FOOT[foot.verdict]!
        const middle = at(middleOf(foot.outline))
        return (
          <g key={foot.name}>
            <path d={`M${axis.x} ${axis.y}L${middle.x} ${middle.y}`} stroke="var(--ink)" strokeWidth={3.5} />
            <path
              d={siteWay(scale, foot.outline, true)}
              fill={look.fill}
              stroke={look.stroke}
              strokeWidth={1.8}
              strokeDasharray={look.dash}
            />
          </g>
        )
      })}
      <circle cx={axis.x} cy={axis.y} r={8} fill="var(--ink)" />
      <path d={`M${axis.x} ${axis.y}L${front.x} ${front.y}`} stroke="var(--ink)" strokeWidth={8} />
      {flags &&
        view.feet.map((foot) => <FootFlag key={foot.name} foot={foot} axis={crane.axis} scale={scale} />)}
    </g>
  )
}
