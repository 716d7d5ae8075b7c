import type { Actions } from '../../plan/usePlanEditor'
import type { CraneView } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import { type Move, Grip } from '../grips/Grip'
import { capital } from './craneParts'

// The stations of the way, from above, with their grips.
export function AboveStations({
  view,
  at,
  scale,
  editor,
  move,
  end,
  onSelect,
}: {
  view: CraneView
  at: (radius: number, slew: number) => { x: number; y: number }
  scale: { x: number; y: number; perMetre: number; radius: number }
  editor: Actions | null
  move: (station: CraneView['stations'][number]) => ({ dx, dz, free }: Move) => void
  end: (note: string) => () => void
  onSelect: () => void
}) {
  return (
    <>
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
    </>
  )
}
