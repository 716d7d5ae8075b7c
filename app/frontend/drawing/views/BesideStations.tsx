import type { Actions } from '../../plan/usePlanEditor'
import type { CraneView } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import { type Move, Grip } from '../grips/Grip'
import { RangeScale } from '../scale/rangeScale'
import { capital } from './craneParts'

// Boom, rope and load at each station, with its grip.
export function BesideStations({
  view,
  scale,
  working,
  load,
  editor,
  move,
  end,
  onSelect,
}: {
  view: CraneView
  scale: RangeScale
  working: boolean
  load: { half_m: number; height_m: number; hook_m: number } | null
  editor: Actions | null
  move: (station: CraneView['stations'][number]) => ({ dx, dz, free }: Move) => void
  end: (note: string) => () => void
  onSelect: () => void
}) {
  return (
    <>
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
                  d={
                    `M${x} ${scale.y(base + load.hook_m)}L${x - load.half_m * 0.8 * scale.perMetre}` +
                    (` ${scale.y(base + load.height_m)}M${x} ${scale.y(base + load.hook_m)}` +
                      `L${x + load.half_m * 0.8 * scale.perMetre} ${scale.y(base + load.height_m)}`)
                  }
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
    </>
  )
}
