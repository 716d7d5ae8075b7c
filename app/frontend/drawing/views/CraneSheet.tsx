import { useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import { api } from '../../api/client'
import type { CraneView } from '../../api/ladder.generated'
import type { Chart, Plan } from '../../api/plan.generated'
import { Axes, Bands } from './RangeFigure'
import { usePreferences, useShown } from '../../ui/preferences'
import { FEET } from '../../units/units'
import { Hatch } from '../../ladder/Hatch'
import type { Hand } from '../../plan/usePlanEditor'
import { fromAbove, type CraneScale } from '../scale/craneScale'
import { Label } from '../figures/figures'
import { Grip, type Move } from '../grips/Grip'
import { writeLength } from '../scale/write'
import { craneOf } from '../../plan/crane'

// A place on the way, as the indicator in the cab tells it.
export interface Live {
  radius: number
  slew: number | null
  hook: number
  along: number
}
interface Props {
  view: CraneView
  plan: Plan
  scale: CraneScale
  editor: Hand | null
  working: boolean
  onSelect: () => void
  live?: Live | null
}

export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
const inDegrees = (text: number) => `${Math.round(text * 10) / 10}°`

// The diagram of the chart that a plan carries, asked for once.
export const useDiagram = (plan: Plan) => {
  const snapshot = plan.snapshots.charts[craneOf(plan).chart ?? '']
  return (
    useQuery({
      queryKey: ['diagram', snapshot?.digest],
      queryFn: () => api.diagram(snapshot!.data as Chart),
      enabled: !!snapshot,
      staleTime: Infinity,
      retry: false,
    }).data ?? null
  )
}

// The crane and the way of its load: from above, from the side over its range, and how much of the chart is used along it.
export function CraneSheet(props: Props) {
  return (
    <g data-crane-sheet>
      <defs>
        <Hatch id="curve-tight" />
        <pattern id="zone" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width={2} height={8} fill="var(--stop)" />
        </pattern>
      </defs>
      <Above {...props} />
      <Beside {...props} />
      <Curve {...props} />
    </g>
  )
}

// Moves a station by its grip: keeps where it was when the hand took it.
const useStation = (editor: Hand | null) => {
  const from = useRef<[number, number] | null>(null)
  const start = (place: [number, number]) => (from.current ??= place)
  const end = (note: string) => () => {
    from.current = null
    editor?.settle(note)
  }
  return { start, end }
}

function Above({ view, scale: { plan: scale }, editor, working, onSelect, live }: Props) {
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
    return `${[...arc(near), ...arc(far).reverse()].map(({ x, y }, index) => `${index ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')}Z`
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
  const governs = view.governs && at(view.governs.radius_m, view.governs.slew_deg ?? 0)
  const trip = view.trip && at(view.trip.radius.value, view.trip.slew?.value ?? 0)
  const borders = [
    ...new Set(
      view.sectors.flatMap((sector) => (view.sectors.length > 1 ? [sector.from % 360, sector.to % 360] : [])),
    ),
  ]
  return (
    <g>
      <circle
        cx={scale.x}
        cy={scale.y}
        r={edge * scale.perMetre}
        fill="var(--chalk)"
        stroke="var(--line)"
        strokeWidth={1.4}
      />
      {[0.25, 0.5, 0.75].map((share) => (
        <circle
          key={share}
          cx={scale.x}
          cy={scale.y}
          r={edge * share * scale.perMetre}
          fill="none"
          stroke="var(--line)"
          strokeDasharray="2 4"
        />
      ))}
      {view.zones.map((zone) => (
        <g key={zone.name}>
          <path
            d={wedge(
              zone.slew_from,
              zone.slew_to,
              Math.min(zone.radius_from, edge),
              Math.min(zone.radius_to ?? edge, edge),
            )}
            fill="url(#zone)"
            stroke="var(--stop)"
            strokeWidth={1.6}
            opacity={0.75}
          />
        </g>
      ))}
      {borders.map((angle) => {
        const [a, b] = [at(1.2, angle), at(edge, angle)]
        return (
          <path
            key={angle}
            d={`M${a.x} ${a.y}L${b.x} ${b.y}`}
            stroke="var(--ink)"
            strokeWidth={1.2}
            strokeDasharray="7 4"
          />
        )
      })}
      {view.sectors.length > 1 &&
        view.sectors.map((sector) => {
          const place = freePlace(sector, at, edge, view.stations)
          return (
            <Label
              key={sector.name}
              x={place.x}
              y={place.y + 5}
              anchor="middle"
              size={15}
              weight={500}
              fill="var(--ink2)"
              halo
            >
              {sector.name}
            </Label>
          )
        })}
      {view.zones.map((zone) => {
        const place = at(
          Math.min((zone.radius_from + Math.min(zone.radius_to ?? edge, edge)) / 2, edge * 0.9),
          zone.slew_from + ((((zone.slew_to - zone.slew_from) % 360) + 360) % 360) / 2,
        )
        return (
          <Label
            key={zone.name}
            x={place.x}
            y={place.y + 5}
            anchor="middle"
            size={15}
            fill="var(--stop)"
            halo
          >
            {zone.name}
          </Label>
        )
      })}
      <rect x={scale.x - 7} y={scale.y - 12} width={14} height={24} fill="var(--ink)" />
      <path d={`M${scale.x} ${scale.y - 18}l5 7h-10z`} fill="var(--ink)" />
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
          d={`M${governs.x} ${governs.y - 9}L${governs.x + 9} ${governs.y}L${governs.x} ${governs.y + 9}L${governs.x - 9} ${governs.y}Z`}
          fill="var(--bone)"
          stroke="var(--mark)"
          strokeWidth={2.5}
          data-governs
        />
      )}
      {!working && trip && (
        <path
          d={`M${trip.x - 8} ${trip.y - 8}L${trip.x + 8} ${trip.y + 8}M${trip.x + 8} ${trip.y - 8}L${trip.x - 8} ${trip.y + 8}`}
          stroke="var(--stop)"
          strokeWidth={4}
          data-trip
        />
      )}
      {live && <Boom at={at(live.radius, live.slew ?? 0)} from={scale} />}
      {view.stations.map((station) => {
        const place = at(station.radius_m, station.slew_deg ?? 0)
        const left = place.x > scale.x
        return (
          <g key={station.index}>
            <Label
              x={place.x + (left ? 16 : -16)}
              y={place.y - 10}
              anchor={left ? 'start' : 'end'}
              size={15}
              fill="var(--mark)"
              halo
            >
              {capital(station.name)}
            </Label>
            {editor ? (
              <Grip
                id={`above-${station.index}`}
                x={place.x}
                y={place.y}
                name={`${station.name}, from above`}
                value={`${station.radius_m.toFixed(2)} m at ${station.slew_deg ?? 'no slew'} degrees`}
                perMetre={scale.perMetre}
                axis="both"
                onMove={move(station)}
                onEnd={end(`${station.name} moved`)}
                onSelect={onSelect}
              />
            ) : (
              <rect
                x={place.x - 5}
                y={place.y - 5}
                width={10}
                height={10}
                fill="var(--chalk)"
                stroke="var(--mark)"
                strokeWidth={2}
              />
            )}
          </g>
        )
      })}
      <Label
        x={scale.x}
        y={scale.y + edge * scale.perMetre + 16}
        anchor="middle"
        size={14}
        weight={500}
        fill="var(--ink2)"
      >{`0° up, clockwise; circle ${shown({ metric: `${edge.toFixed(1)} m`, us: `${(edge / FEET).toFixed(0)} ft` })}`}</Label>
    </g>
  )
}

// Where a sector's name stands farthest from every station.
const freePlace = (
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

function Beside({ view, plan, scale: { side: scale }, editor, working, onSelect, live }: Props) {
  const { system } = usePreferences().preferences
  const diagram = useDiagram(plan)
  const { start, end } = useStation(editor)
  const slew = view.governs?.sector
  const table =
    diagram?.tables.find(({ name }) => name === slew || name === `${craneOf(plan).parts_of_line} falls`) ??
    diagram?.tables[0]
  const { load } = view
  const move =
    (station: CraneView['stations'][number]) =>
    ({ dx, dz, free }: Move) => {
      const [radius, base] = start([station.radius_m, station.base_m ?? 0])
      editor?.change(
        {
          [`/cranes/0/stations/${station.index}/radius`]: writeLength(Math.max(0, radius + dx), system, free),
          [`/cranes/0/stations/${station.index}/support_height`]: writeLength(base + dz, system, free),
        },
        `${station.name} moved`,
        'drag',
      )
    }
  const obstacle = view.obstacle_m
  const clip = 'beside'
  return (
    <g>
      <defs>
        <clipPath id={clip}>
          <rect
            x={scale.frame.left}
            y={scale.frame.top - 6}
            width={scale.frame.right - scale.frame.left}
            height={scale.frame.bottom - scale.frame.top + 30}
          />
        </clipPath>
      </defs>
      <g clipPath={`url(#${clip})`}>
        {table && <Bands table={table} bands={diagram!.bands} scale={scale} labels={false} />}
      </g>
      <Axes scale={scale} />
      {view.stations.map((station) => {
        const tip = station.boom.at(-1)
        const base = station.base_m
        const x = scale.x(station.loaded_m)
        return (
          <g key={station.index}>
            {!working && (
              <path
                d={station.boom
                  .map(
                    ([radius, height], index) =>
                      `${index ? 'L' : 'M'}${scale.x(radius!)} ${scale.y(height!)}`,
                  )
                  .join('')}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={3.4}
              />
            )}
            {!working && tip && base !== null && load && (
              <path
                d={`M${x} ${scale.y(station.tip_m ?? tip[1]!)}V${scale.y(base + load.hook_m)}`}
                stroke="var(--ink)"
                strokeWidth={1.4}
              />
            )}
            {!working && base !== null && load && (
              <g>
                <path
                  d={`M${x} ${scale.y(base + load.hook_m)}L${x - load.half_m * 0.8 * scale.perMetre} ${scale.y(base + load.height_m)}M${x} ${scale.y(base + load.hook_m)}L${x + load.half_m * 0.8 * scale.perMetre} ${scale.y(base + load.height_m)}`}
                  stroke="var(--ink)"
                  strokeWidth={1.2}
                />
                <rect
                  x={x - load.half_m * scale.perMetre}
                  y={scale.y(base + load.height_m)}
                  width={2 * load.half_m * scale.perMetre}
                  height={load.height_m * scale.perMetre}
                  fill="var(--chalk)"
                  stroke="var(--ink)"
                  strokeWidth={1.8}
                />
              </g>
            )}
            <Label
              x={scale.x(station.radius_m)}
              y={scale.y((base ?? 0) + (load?.hook_m ?? 0)) - 8 - 16 * (station.index % 2)}
              anchor="middle"
              size={15}
              fill="var(--mark)"
              halo
            >
              {capital(station.name)}
            </Label>
            {editor && base !== null && (
              <Grip
                id={`beside-${station.index}`}
                x={scale.x(station.radius_m)}
                y={scale.y(base)}
                name={`${station.name}, from the side`}
                value={`${station.radius_m.toFixed(2)} m out, ${base.toFixed(2)} m up`}
                perMetre={scale.perMetre}
                axis="both"
                onMove={move(station)}
                onEnd={end(`${station.name} moved`)}
                onSelect={onSelect}
              />
            )}
          </g>
        )
      })}
      {obstacle !== null &&
        obstacle > 0 &&
        system === 'metric' &&
        craneOf(plan).obstacle_height?.trim().endsWith('m') && (
          <g>
            <path
              d={`M${scale.frame.left} ${scale.y(obstacle)}H${scale.frame.right}`}
              stroke="var(--stop)"
              strokeWidth={1.6}
              strokeDasharray="5 4"
            />
            <Label
              x={scale.frame.right}
              y={scale.y(obstacle) - 4}
              anchor="end"
              size={14}
              fill="var(--stop)"
              halo
            >
              highest thing on the way
            </Label>
          </g>
        )}
      {live && (
        <g data-live>
          <path
            d={`M${scale.x(live.radius)} ${scale.frame.top}V${scale.y(live.hook)}`}
            stroke="var(--mark)"
            strokeWidth={2.4}
          />
          <circle
            cx={scale.x(live.radius)}
            cy={scale.y(live.hook)}
            r={7}
            fill="var(--bone)"
            stroke="var(--mark)"
            strokeWidth={3}
          />
        </g>
      )}
    </g>
  )
}

const TOP = 1.3
// Where it is narrower, the margin in radius stands in the panel only.
const ROOM_WORDS_FROM = 440

// Share of the chart used along the way, from nothing up; the line at 100 % is where it ends.
function Curve({ view, scale: { curve: frame }, working, live }: Props & { live?: Live | null }) {
  const shown = useShown()
  const x = (along: number) => frame.left + along * (frame.right - frame.left)
  const y = (share: number) => frame.bottom - (Math.min(share, TOP) / TOP) * (frame.bottom - frame.top)
  const { governs, trip, attention } = view
  if (working)
    return (
      <Label x={frame.left} y={frame.top + 40} size={17}>
        working
      </Label>
    )
  if (view.curve.length === 0)
    return (
      <Label x={frame.left} y={frame.top + 40} size={17}>
        The way is not known yet: radius, slew and turn of each station, and the load.
      </Label>
    )
  return (
    <g data-curve>
      {view.curve.map(([from, to, share], index) => {
        const [left, width] = [x(from!), x(to!) - x(from!)]
        if (share === null || share === undefined)
          return (
            <rect
              key={index}
              x={left}
              y={frame.top}
              width={Math.max(width, 2)}
              height={frame.bottom - frame.top}
              fill="url(#zone)"
            />
          )
        return (
          <rect
            key={index}
            x={left}
            y={y(share)}
            width={Math.max(width, 0.5)}
            height={frame.bottom - y(share)}
            fill={share > 1 ? 'var(--stop)' : share > attention ? 'url(#curve-tight)' : 'var(--mark)'}
            fillOpacity={share > attention ? 1 : 0.75}
            stroke={share > attention && share <= 1 ? 'var(--ink)' : 'none'}
            strokeWidth={1}
          />
        )
      })}
      {[
        [1, 'var(--stop)', '100 %'],
        [attention, 'var(--ink)', `${Math.round(attention * 100)} %`],
      ].map(([share, colour, words]) => (
        <g key={words}>
          <path
            d={`M${frame.left} ${y(share as number)}H${frame.right}`}
            stroke={
              share === 1 && view.curve.some((run) => (run[2] ?? 2) > 1) ? 'var(--ink)' : (colour as string)
            }
            strokeWidth={share === 1 ? 2.2 : 1.2}
            strokeDasharray={share === 1 ? undefined : '6 4'}
          />
          <Label x={frame.left - 6} y={y(share as number) + 5} anchor="end" size={14} weight={500}>
            {words}
          </Label>
        </g>
      ))}
      <path
        d={`M${frame.left} ${frame.top}V${frame.bottom}H${frame.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {(view.starts ?? []).map((along, index) => (
        <g key={index}>
          <path d={`M${x(along)} ${frame.bottom}v6`} stroke="var(--ink)" />
          <Label
            x={x(along)}
            y={frame.bottom + 20}
            anchor={index === 0 ? 'start' : index === (view.starts ?? []).length - 1 ? 'end' : 'middle'}
            size={15}
          >
            {capital(view.stations[index]?.name ?? '')}
          </Label>
        </g>
      ))}
      {governs && (
        <path
          d={`M${x(governs.along)} ${frame.top - 4}v${frame.bottom - frame.top + 4}`}
          stroke="var(--mark)"
          strokeWidth={1.8}
        />
      )}
      {trip && (
        <path
          d={`M${x(trip.along) - 7} ${y(1) - 7}l14 14m0 -14l-14 14`}
          stroke="var(--stop)"
          strokeWidth={3.5}
        />
      )}
      {governs && (
        <Label
          x={frame.left}
          y={frame.top - 10}
          size={16}
          fill={governs.left && governs.left.value < 0 ? 'var(--stop)' : 'var(--mark)'}
          halo
        >{`Least at ${shown(governs.radius)}: ${governs.kg ? `${shown(governs.kg)} allowed, ${governs.left && governs.left.value < 0 ? 'over by' : 'left'} ${shown(governs.left).replace('−', '')}` : 'nothing allowed'}${governs.room && governs.room.value >= 0 && frame.right - frame.left > ROOM_WORDS_FROM ? `, ${shown(governs.room)} of radius left` : ''}`}</Label>
      )}
      {live && (
        <path
          d={`M${x(live.along)} ${frame.top - 4}V${frame.bottom}`}
          stroke="var(--ink)"
          strokeWidth={4}
          data-live
        />
      )}
    </g>
  )
}
