import { useRef } from 'react'
import type { SiteView } from '../../api/ladder.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { Grip, type Move } from '../grips/Grip'
import type { SiteScale } from '../scale/siteScale'
import { FEET } from '../../units/units'
import { writeLength } from '../scale/write'
import { useStation } from '../views/craneParts'
import { onBearing } from './SiteCrane'

const AHEAD_M = 7
const inDegrees = (degrees: number, free: boolean) => {
  const turned = ((degrees % 360) + 360) % 360
  return `${free ? Math.round(turned * 10) / 10 : Math.round(turned) % 360}°`
}
const bearingTo = (from: number[], to: number[]) =>
  (Math.atan2(to[0]! - from[0]!, to[1]! - from[1]!) * 180) / Math.PI

interface Given {
  view: SiteView
  scale: SiteScale
  editor: Actions
}

// The crane's place and where its front looks.
function CraneGrips({ view, scale, editor, onStand, at = 0 }: Given & { onStand: () => void; at?: number }) {
  const stand = `/cranes/${at}/stand`
  const which = at === 0 ? '' : `-${at}`
  const { system } = usePreferences().preferences
  const place = useStation(editor)
  const front = useStation(editor)
  const crane = view.crane
  const about = useRef<number[] | null>(null)
  if (!crane) return null
  const move = ({ dx, dz, free }: Move) => {
    const [east, north] = place.start([crane.axis[0]!, crane.axis[1]!])
    editor.change(
      {
        [`${stand}/east`]: writeLength(east + dx, system, free),
        [`${stand}/north`]: writeLength(north + dz, system, free),
      },
      'crane moved',
      'drag',
    )
  }
  const ahead = onBearing(crane.axis, crane.bearing, AHEAD_M)
  const turn = ({ dx, dz, free }: Move) => {
    about.current ??= crane.axis
    const [east, north] = front.start(ahead)
    editor.change(
      { [`${stand}/bearing`]: inDegrees(bearingTo(about.current, [east + dx, north + dz]), free) },
      'crane turned',
      'drag',
    )
  }
  return (
    <>
      <Grip
        id={`site-crane${which}`}
        x={scale.x(crane.axis[0]!)}
        y={scale.y(crane.axis[1]!)}
        name={at === 0 ? "crane's place" : "tail crane's place"}
        value={`${crane.axis[0]!.toFixed(2)} m east, ${crane.axis[1]!.toFixed(2)} m north`}
        perMetre={scale.perMetre}
        axis="both"
        filled
        onMove={move}
        onEnd={place.end('crane moved')}
        onSelect={onStand}
      />
      <Label x={scale.x(ahead[0]) + 14} y={scale.y(ahead[1]) - 6} size={13.5} weight={500} halo>
        front
      </Label>
      <Grip
        id={`site-bearing${which}`}
        x={scale.x(ahead[0])}
        y={scale.y(ahead[1])}
        name="where the crane's front looks"
        value={`${crane.bearing.toFixed(1)} degrees from north`}
        perMetre={scale.perMetre}
        axis="both"
        onMove={turn}
        onEnd={() => {
          about.current = null
          front.end('crane turned')()
        }}
        onSelect={onStand}
      />
    </>
  )
}

// Pick, set and what lies between: moved on the site, written as radius and slew.
export function SiteGrips({
  view,
  tail,
  scale,
  editor,
  onStand,
  onStation,
}: Given & { tail: SiteView | null; onStand: () => void; onStation: () => void }) {
  const { system } = usePreferences().preferences
  const { start, end } = useStation(editor)
  const crane = view.crane
  if (tail)
    return (
      <>
        {[view, tail].map((one, at) => (
          <CraneGrips key={at} view={one} scale={scale} editor={editor} onStand={onStand} at={at} />
        ))}
      </>
    )
  if (!crane) return null
  const out = (metres: number) =>
    system === 'us' ? `${(metres / FEET).toFixed(1)} ft` : `${metres.toFixed(1)} m`
  const move =
    (station: SiteView['stations'][number]) =>
    ({ dx, dz, free }: Move) => {
      // Where the load lies before the boom bends: what the plan has as its radius.
      const [east, north] = start([station.lies[0]!, station.lies[1]!])
      const to = [east + dx, north + dz]
      const at = `/cranes/0/stations/${station.index}`
      if (station.placed)
        return editor.change(
          {
            [`${at}/place`]: {
              east: writeLength(to[0]!, system, free),
              north: writeLength(to[1]!, system, free),
            },
          },
          `${station.name} moved`,
          'drag',
        )
      const radius = Math.hypot(to[0]! - crane.axis[0]!, to[1]! - crane.axis[1]!)
      editor.change(
        {
          [`${at}/radius`]: writeLength(radius, system, free),
          [`${at}/slew`]: inDegrees(bearingTo(crane.axis, to) - crane.bearing, free),
        },
        `${station.name} moved`,
        'drag',
      )
    }
  return (
    <>
      {view.stations.map((station) => {
        const [x, y] = [scale.x(station.at[0]!), scale.y(station.at[1]!)]
        const left = x < scale.x(crane.axis[0]!)
        return (
          <g key={station.index}>
            <Label
              x={x + (left ? -18 : 18)}
              y={y - 12}
              anchor={left ? 'end' : 'start'}
              size={15}
              fill="var(--mark)"
              halo
            >
              {`${station.name} ${out(station.radius_m)}`}
            </Label>
            <Grip
              id={`site-${station.index}`}
              x={x}
              y={y}
              name={`${station.name}, on the site`}
              value={`${station.radius_m.toFixed(2)} m at ${station.slew_deg.toFixed(1)} degrees`}
              perMetre={scale.perMetre}
              axis="both"
              onMove={move(station)}
              onEnd={end(`${station.name} moved`)}
              onSelect={onStation}
            />
          </g>
        )
      })}
      <CraneGrips view={view} scale={scale} editor={editor} onStand={onStand} />
    </>
  )
}
