import { useId } from 'react'
import type { FindLift } from '../../api/answers.generated'
import type { Drawing } from '../../api/ladder.generated'
import { SmallHatch, SmallRungs } from '../../ladder/SmallRungs'
import { Label } from '../figures/figures'
import { HangFigure } from './HangFigure'

const GROUND = 14
const LADDER = 30
const LENS = 34

// How much room the tallest and the widest of some lifts need, m.
export function roomFor(lifts: FindLift[]) {
  const stations = lifts.flatMap((lift) => lift.views.crane?.stations ?? [])
  const high = stations.flatMap((station) => station.boom.map(([, z]) => z!))
  const wide = stations.map((station) => station.loaded_m)
  return { high: Math.max(10, ...high) * 1.04, wide: Math.max(8, ...wide) + 4 }
}

// A found lift in small: its ladder, the crane at the place where it is set down, and in a lens how it hangs.
// All of them stand on one ground at one scale.
export function LiftFigure({
  lift,
  metres,
  width,
  height,
}: {
  lift: FindLift
  metres: { high: number; wide: number }
  width: number
  height: number
}) {
  const hatch = useId()
  const foot = height - GROUND
  const left = LADDER + 14
  const scale = Math.min((width - left - 1.6 * LENS) / metres.wide, (foot - 6) / metres.high)
  const station = lift.views.crane?.stations.at(-1)
  const governs = lift.rungs.findIndex((rung) => rung.id === lift.governs?.rung)
  const pitch = (foot - 8) / Math.max(1, lift.rungs.length)
  return (
    <svg width={width} height={height} role="img" aria-label="How it hangs and how the crane stands">
      <SmallHatch id={hatch} />
      <path d={`M0 ${foot}H${width}`} stroke="var(--ink)" strokeWidth={2} />
      <path d={`M8 6V${foot}M${LADDER} 6V${foot}`} stroke="var(--ink)" strokeWidth={2} />
      <SmallRungs
        rungs={lift.rungs}
        left={9}
        width={LADDER - 10}
        foot={foot - 5}
        pitch={pitch}
        hatch={hatch}
      />
      {governs >= 0 && (
        <path d={`M0 ${foot - 9 - governs * pitch}h3l4 4l-4 4h-3z`} fill="var(--mark)" data-governs />
      )}
      {station && <CraneLine lift={lift} x={(m) => left + m * scale} y={(m) => foot - m * scale} />}
      <Lens lift={lift} x={width - LENS - 3} y={LENS + 3} />
    </svg>
  )
}

// The boom at the last station, and what hangs from it.
function CraneLine({ lift, x, y }: { lift: FindLift; x: (m: number) => number; y: (m: number) => number }) {
  const crane = lift.views.crane!
  const station = crane.stations.at(-1)!
  const { load } = crane
  const base = station.base_m ?? 0
  const boom = station.boom.map(([along, up]) => `${x(along!)} ${y(up!)}`).join('L')
  const hook = load ? y(base + load.hook_m) : null
  const top = load ? y(base + load.height_m) : 0
  return (
    <g fill="none" stroke="var(--ink)">
      <rect x={x(0) - 12} y={y(0) - 9} width={24} height={9} fill="var(--ink)" stroke="none" />
      {station.boom.length > 1 && <path d={`M${boom}`} strokeWidth={4} strokeLinejoin="round" />}
      {base > 0 && <path d={`M${x(station.loaded_m) - 7} ${y(0)}V${y(base)}h14V${y(0)}`} strokeWidth={1.4} />}
      {station.tip_m !== null && hook !== null && (
        <path d={`M${x(station.loaded_m)} ${y(station.tip_m)}V${hook}`} strokeWidth={1.4} />
      )}
      {load && (
        <rect
          x={x(station.loaded_m - load.half_m)}
          y={top}
          width={x(2 * load.half_m) - x(0)}
          height={y(0) - y(load.height_m)}
          fill="var(--chalk)"
          strokeWidth={1.6}
        />
      )}
      {load && hook !== null && (
        <path
          d={[-1, 1]
            .map(
              (side) => `M${x(station.loaded_m)} ${hook}L${x(station.loaded_m + side * load.half_m)} ${top}`,
            )
            .join('')}
          stroke="var(--mark)"
          strokeWidth={1.6}
        />
      )}
    </g>
  )
}

// How it hangs, from the side.
function Lens({ lift, x, y }: { lift: FindLift; x: number; y: number }) {
  const drawing = lift.views.drawing as Drawing | null
  if (!drawing) return null
  return (
    <g data-lens={lift.kind}>
      <circle cx={x} cy={y} r={LENS} fill="var(--bone)" stroke="var(--ink)" strokeWidth={1.6} />
      <HangFigure drawing={drawing} x={x} y={y} wide={1.3 * LENS} high={1.55 * LENS} />
      {drawing.beam && (
        <Label x={x} y={y + LENS + 15} anchor="middle" size={14}>
          {drawing.beam.number}
        </Label>
      )}
    </g>
  )
}
