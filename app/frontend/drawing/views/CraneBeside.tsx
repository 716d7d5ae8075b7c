import type { CraneView } from '../../api/ladder.generated'
import { craneOf } from '../../plan/crane'
import { usePreferences } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { type Move } from '../grips/Grip'
import { writeLength } from '../scale/write'
import { BesideStations } from './BesideStations'
import { Props, tipAt, useDiagram, useStation } from './craneParts'
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
  const tip = live && tipAt(view.stations, live.radius)
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
      <BesideStations
        view={view}
        scale={scale}
        working={working}
        load={load}
        editor={editor}
        move={move}
        end={end}
        onSelect={onSelect}
      />
      {obstacle !== null && obstacle > 0 && (
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
          {tip !== null && tip !== undefined && tip > live.hook && (
            <path
              d={`M${scale.x(live.radius)} ${scale.y(tip)}V${scale.y(live.hook)}`}
              stroke="var(--mark)"
              strokeWidth={2.4}
            />
          )}
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
