import type { CraneView } from '../../api/ladder.generated'
import { craneOf } from '../../plan/crane'
import { usePreferences } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { type Move, Grip } from '../grips/Grip'
import { writeLength } from '../scale/write'
import { Props, useDiagram, useStation, capital } from './craneParts'
import { Bands, Axes } from './RangeFigure'

export function Beside({ view, plan, scale: { side: scale }, editor, working, onSelect, live }: Props) {
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
