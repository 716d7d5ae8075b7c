import type { Reach, Figure, Sentence } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { COLOUR } from '../../ladder/verdict'
import { craneOf } from '../../plan/crane'
import { Label } from '../figures/figures'
import { type Move, Grip } from '../grips/Grip'
import { capital } from './craneParts'
import { FRAME } from './ReachStrip'
import type { ReachScale } from '../scale/scale'

// Each station: its radius as planned and loaded, and what is left there.
export function ReachStations({
  reach,
  scale,
  right,
  working,
  grossY,
  before,
  plan,
  shown,
  move,
  end,
  onSelect,
}: {
  reach: Reach
  scale: ReachScale
  right: number
  working: boolean
  grossY: number | null
  before: Plan | null
  plan: Plan
  shown: (figure: Figure | Sentence | null | undefined) => string
  move: (index: number) => ({ dx, free }: Move) => void
  end: (index: number) => () => void
  onSelect: () => void
}) {
  // What the radius was before a hand took hold of it.
  const was = (index: number) => {
    if (!before) return ''
    const [old, now] = [before, plan].map((one) => craneOf(one).stations[index]?.radius)
    return old === now ? '' : `${old ?? 'not set'} → `
  }
  return (
    <>
      {reach.stations.map((station, index) => {
        const x = scale.x(station.radius.value)
        if (x < FRAME.left - 20 || x > right + 20) return null
        const loaded = scale.x(station.loaded_radius.value)
        const capacityY = station.capacity && scale.y(station.capacity.value)
        // Labels that would lie over an earlier one move down a line.
        const near = reach.stations
          .slice(0, index)
          .filter((other) => Math.abs(x - scale.x(other.radius.value)) < 190).length
        const y = FRAME.top + 4 + 34 * near
        const flip = x > right - 130
        return (
          <g key={station.name}>
            <path d={`M${x} ${y - 14}V${FRAME.bottom}`} stroke="var(--mark)" strokeWidth={2} />
            <path
              d={`M${loaded} ${FRAME.bottom - 38}V${FRAME.bottom}`}
              stroke="var(--mark)"
              strokeWidth={1.4}
              strokeDasharray="3 3"
            />
            {!working && capacityY !== null && grossY !== null && capacityY < grossY && (
              <rect
                x={loaded - 4}
                y={capacityY}
                width={8}
                height={grossY - capacityY}
                fill={station.verdict === 'tight' ? 'url(#margin-tight)' : 'var(--mark)'}
                stroke="var(--ink)"
                strokeWidth={station.verdict === 'tight' ? 1.2 : 0}
              />
            )}
            <Label
              x={flip ? x - 9 : x + 9}
              y={y}
              anchor={flip ? 'end' : 'start'}
              size={17}
              fill="var(--mark)"
              halo
            >
              {`${capital(station.name)} ${was(index)}${shown(station.radius)}`}
            </Label>
            <Label
              x={flip ? x - 9 : x + 9}
              y={y + 17}
              anchor={flip ? 'end' : 'start'}
              size={16}
              fill={working ? 'var(--ink)' : COLOUR[station.verdict]}
              halo
            >
              {working
                ? 'working'
                : station.left && station.utilisation
                  ? station.left.value < 0
                    ? `stop, ${shown(station.utilisation)}`
                    : `${shown(station.left)} left, ${shown(station.utilisation)}`
                  : station.verdict === 'stop'
                    ? 'nothing allowed here'
                    : 'not known'}
            </Label>
            <Grip
              id={`station-${index}`}
              x={x}
              y={FRAME.bottom}
              name={`Radius at ${station.name}`}
              value={shown(station.radius)}
              perMetre={scale.perMetre}
              axis="x"
              onMove={move(index)}
              onEnd={end(index)}
              onSelect={onSelect}
            />
          </g>
        )
      })}
    </>
  )
}
