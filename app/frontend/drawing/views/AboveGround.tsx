import type { CraneView } from '../../api/ladder.generated'
import { Label } from '../figures/figures'
import { freePlace } from './CraneAbove'

// Circle, zones, sectors and the crane itself.
export function AboveGround({
  scale,
  edge,
  view,
  wedge,
  borders,
  at,
}: {
  scale: { x: number; y: number; perMetre: number; radius: number }
  edge: number
  view: CraneView
  wedge: (from: number, to: number, near: number, far: number) => string
  borders: number[]
  at: (radius: number, slew: number) => { x: number; y: number }
}) {
  return (
    <>
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
    </>
  )
}
