import type { CraneView } from '../../api/ladder.generated'
import { Props, useStation } from './craneParts'
import { writeLength } from '../scale/write'
import { fromAbove } from '../scale/craneScale'
import { type Move } from '../grips/Grip'
import { Label } from '../figures/figures'
import { FEET } from '../../units/units'
import { useShown, usePreferences } from '../../ui/preferences'
import { AboveStations } from './AboveStations'
import { AboveGround } from './AboveGround'

// Where a sector's name stands farthest from every station.
export const freePlace = (
  sector: CraneView['sectors'][number],
  at: (radius: number, slew: number) => { x: number; y: number },
  edge: number,
  stations: CraneView['stations'],
) => {
  const width = (((sector.to - sector.from) % 360) + 360) % 360 || 360
  const taken = stations.map((station) => at(station.radius_m, station.slew_deg ?? 0))
  const room = (place: { x: number; y: number }) =>
    Math.min(...taken.map(({ x, y }) => Math.hypot((x - place.x) * 0.55, y - place.y)))
  const choices = [0.5, 0.3, 0.7].flatMap((share) =>
    [0.84, 0.5].map((out) => at(edge * out, sector.from + width * share)),
  )
  return (
    choices.find((place) => room(place) > 42) ??
    choices.reduce((best, place) => (room(place) > room(best) ? place : best))
  )
}

const Boom = ({ at, from }: { at: { x: number; y: number }; from: { x: number; y: number } }) => (
  <g data-live>
    <path d={`M${from.x} ${from.y}L${at.x} ${at.y}`} stroke="var(--ink)" strokeWidth={5} />
    <circle cx={at.x} cy={at.y} r={7} fill="var(--bone)" stroke="var(--ink)" strokeWidth={3} />
  </g>
)

const inDegrees = (text: number) => `${Math.round(text * 10) / 10}°`
export function Above({ view, scale: { plan: scale }, editor, working, onSelect, live }: Props) {
  const shown = useShown()
  const { system } = usePreferences().preferences
  const { start, end } = useStation(editor)
  const at = (radius: number, slew: number) => fromAbove(scale, radius, slew)
  const edge = scale.radius
  const wedge = (from: number, to: number, near: number, far: number) => {
    const width = (((to - from) % 360) + 360) % 360 || 360
    const steps = Math.max(2, Math.ceil(width / 4))
    const arc = (radius: number) =>
      Array.from({ length: steps + 1 }, (_, index) => at(radius, from + (width * index) / steps))
    const places = [...arc(near), ...arc(far).reverse()].map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`)
    return `M${places.join('L')}Z`
  }
  const move =
    (station: CraneView['stations'][number]) =>
    ({ dx, dz, free }: Move) => {
      const slew = ((station.slew_deg ?? 0) * Math.PI) / 180
      const [x, y] = start([station.radius_m * Math.sin(slew), station.radius_m * Math.cos(slew)])
      const [to, up] = [x + dx, y + dz]
      const turned = ((Math.atan2(to, up) * 180) / Math.PI + 360) % 360
      editor?.change(
        {
          [`/cranes/0/stations/${station.index}/radius`]: writeLength(Math.hypot(to, up), system, free),
          ...(station.slew_deg !== null && {
            [`/cranes/0/stations/${station.index}/slew`]: inDegrees(free ? turned : Math.round(turned)),
          }),
        },
        `${station.name} moved`,
        'drag',
      )
    }
  const circle = shown({ metric: `${edge.toFixed(1)} m`, us: `${(edge / FEET).toFixed(0)} ft` })
  const governs = view.governs && at(view.governs.radius_m, view.governs.slew_deg ?? 0)
  const trip = view.trip && at(view.trip.radius.value, view.trip.slew?.value ?? 0)
  const borders = [
    ...new Set(
      view.sectors.flatMap((sector) => (view.sectors.length > 1 ? [sector.from % 360, sector.to % 360] : [])),
    ),
  ]
  return (
    <g>
      <AboveGround scale={scale} edge={edge} view={view} wedge={wedge} borders={borders} at={at} />
      {!working && view.way.length > 1 && (
        <path
          d={view.way
            .map(([radius, slew], index) => {
              const { x, y } = at(radius!, slew!)
              return `${index ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`
            })
            .join('')}
          fill="none"
          stroke="var(--mark)"
          strokeWidth={3}
        />
      )}
      {!working && governs && (
        <path
          d={
            `M${governs.x} ${governs.y - 9}L${governs.x + 9} ${governs.y}` +
            `L${governs.x} ${governs.y + 9}L${governs.x - 9} ${governs.y}Z`
          }
          fill="var(--bone)"
          stroke="var(--mark)"
          strokeWidth={2.5}
          data-governs
        />
      )}
      {!working && trip && (
        <path
          d={
            `M${trip.x - 8} ${trip.y - 8}L${trip.x + 8} ${trip.y + 8}` +
            `M${trip.x + 8} ${trip.y - 8}L${trip.x - 8} ${trip.y + 8}`
          }
          stroke="var(--stop)"
          strokeWidth={4}
          data-trip
        />
      )}
      {live && <Boom at={at(live.radius, live.slew ?? 0)} from={scale} />}
      <AboveStations
        view={view}
        at={at}
        scale={scale}
        editor={editor}
        move={move}
        end={end}
        onSelect={onSelect}
      />
      <Label
        x={scale.x}
        y={scale.y + edge * scale.perMetre + 16}
        anchor="middle"
        size={14}
        weight={500}
        fill="var(--ink2)"
      >{`0° up, clockwise; circle ${circle}`}</Label>
    </g>
  )
}
