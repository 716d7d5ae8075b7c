import { useRef } from 'react'
import type { Reach } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { FEET, POUNDS } from '../../units/units'
import { Hatch } from '../../ladder/Hatch'
import { COLOUR } from '../../ladder/verdict'
import type { Hand } from '../../plan/usePlanEditor'
import { Label } from '../figures/figures'
import { capital } from './craneParts'
import { Grip, type Move } from '../grips/Grip'
import { niceStep, type reachScale } from '../scale/scale'
import { writeLength } from '../scale/write'
import { craneOf } from '../../plan/crane'

export const FRAME = { left: 85, top: 34, bottom: 180 }
type Scale = ReturnType<typeof reachScale>
interface Props {
  reach: Reach
  before: Plan | null
  plan: Plan
  scale: Scale
  right: number
  editor: Hand
  working: boolean
  onSelect: () => void
}

// What the crane may hold by radius: solid steps read at the next larger row, the gross load, both stations.
export function ReachStrip({ reach, before, plan, scale, right, editor, working, onSelect }: Props) {
  const shown = useShown()
  const { system } = usePreferences().preferences
  const from = useRef<number | null>(null)
  const us = system === 'us'
  const clampX = (metres: number) => Math.max(FRAME.left, Math.min(right, scale.x(metres)))
  const steps = reach.steps.filter((step) => scale.x(step.to_m) > FRAME.left && scale.x(step.from_m) < right)
  const usable = steps.filter((step) => step.kg !== null)
  const staircase = usable
    .map((step, index) => {
      const [x1, x2, y] = [clampX(step.from_m), clampX(step.to_m), scale.y(step.kg!)]
      const joined = index > 0 && usable[index - 1]!.to_m === step.from_m
      return `${joined ? 'L' : 'M'}${x1} ${y}L${x2} ${y}`
    })
    .join('')
  const gross = reach.gross?.value ?? null
  const grossY = gross === null ? null : scale.y(gross)
  const last = usable.at(-1)
  const endX = reach.end ? clampX(reach.end.value) : FRAME.left
  const radiusUnit = us ? FEET : 1
  const radiusStep = niceStep((right - FRAME.left) / scale.perMetre / radiusUnit, 10)
  const firstTick = Math.ceil(scale.first / radiusUnit / radiusStep) * radiusStep
  const radii = Array.from({ length: 40 }, (_, index) => firstTick + index * radiusStep).filter(
    (tick) => scale.x(tick * radiusUnit) <= right - 6 && tick > 0,
  )
  const massUnit = us ? POUNDS * 1000 : 1000
  const top = scale.y.domain()[1]! / massUnit
  const massStep = [1, 2, 4, 5, 10, 20, 40, 50].find((step) => top / step <= 4.2) ?? 100
  const masses = Array.from({ length: Math.floor(top / massStep) }, (_, index) => (index + 1) * massStep)

  const move =
    (index: number) =>
    ({ dx, free }: Move) => {
      const start = (from.current ??= reach.stations[index]!.radius.value)
      editor.change(
        { [`/cranes/0/stations/${index}/radius`]: writeLength(Math.max(0, start + dx), system, free) },
        `radius at ${reach.stations[index]!.name}`,
        'drag',
      )
    }
  const end = (index: number) => () => {
    from.current = null
    editor.settle(`radius at ${reach.stations[index]!.name} moved`)
  }

  // Its label stands under the line of the gross load where there is room; else over it, and the end's label higher.
  const grossBelow = grossY !== null && grossY < FRAME.bottom - 22
  return (
    <g>
      <defs>
        <pattern
          id="beyond"
          width={8}
          height={8}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <rect width={2} height={8} fill="var(--stop)" />
        </pattern>
        <Hatch id="margin-tight" />
        <clipPath id="strip">
          <rect
            x={FRAME.left}
            y={FRAME.top - 22}
            width={right - FRAME.left}
            height={FRAME.bottom - FRAME.top + 22}
          />
        </clipPath>
      </defs>
      <g clipPath="url(#strip)">
        {grossY !== null &&
          usable
            .filter((step) => step.kg! >= gross!)
            .map((step) => {
              const [x1, x2] = [clampX(step.from_m), Math.min(clampX(step.to_m), Math.max(endX, FRAME.left))]
              return x2 > x1 ? (
                <rect
                  key={step.to_m}
                  x={x1}
                  y={scale.y(step.kg!)}
                  width={x2 - x1}
                  height={grossY - scale.y(step.kg!)}
                  fill="var(--wash)"
                />
              ) : null
            })}
        {gross !== null && (
          <rect
            x={endX}
            y={Math.min(grossY!, last ? scale.y(last.kg!) : grossY!)}
            width={Math.max(0, right - endX)}
            height={FRAME.bottom - Math.min(grossY!, last ? scale.y(last.kg!) : grossY!)}
            fill="url(#beyond)"
            opacity={0.55}
          />
        )}
        {last && (
          <path
            d={usable
              .map((step, index) => `${index === 0 ? 'M' : 'L'}${scale.x(step.to_m)} ${scale.y(step.kg!)}`)
              .join('')}
            fill="none"
            stroke="var(--line)"
            strokeWidth={1.2}
            strokeDasharray="2 4"
          />
        )}
        <path d={staircase} fill="none" stroke="var(--ink)" strokeWidth={2.6} />
        {last && (
          <path
            d={`M${clampX(last.to_m)} ${scale.y(last.kg!)}V${FRAME.bottom}`}
            stroke="var(--ink)"
            strokeWidth={2.6}
          />
        )}
        {usable.map(
          (step) =>
            scale.x(step.to_m) >= FRAME.left && (
              <circle
                key={step.to_m}
                cx={scale.x(step.to_m)}
                cy={scale.y(step.kg!)}
                r={3.2}
                fill="var(--ink)"
              />
            ),
        )}
        {grossY !== null && (
          <path d={`M${FRAME.left} ${grossY}H${right}`} stroke="var(--mark)" strokeWidth={2.4} />
        )}
      </g>
      <path
        d={`M${FRAME.left} ${FRAME.top}V${FRAME.bottom}H${right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {masses.map((mass) => (
        <g key={mass}>
          <path d={`M${FRAME.left - 5} ${scale.y(mass * massUnit)}H${FRAME.left}`} stroke="var(--ink)" />
          <Label x={FRAME.left - 8} y={scale.y(mass * massUnit) + 5} anchor="end" size={15} weight={500}>
            {us ? `${mass} klb` : `${mass} t`}
          </Label>
        </g>
      ))}
      {radii.map((tick) => (
        <g key={tick}>
          <path d={`M${scale.x(tick * radiusUnit)} ${FRAME.bottom}v5`} stroke="var(--ink)" />
          <Label x={scale.x(tick * radiusUnit)} y={FRAME.bottom + 19} anchor="middle" size={15} weight={500}>
            {tick}
          </Label>
        </g>
      ))}
      <Label x={FRAME.left - 8} y={FRAME.bottom + 19} anchor="end" size={15} weight={500}>
        {us ? 'radius, ft' : 'radius, m'}
      </Label>
      <Label x={right} y={FRAME.top - 14} anchor="end" size={16}>
        {right > 560
          ? `${reach.title}, ${reach.sectors.length > 2 ? `least of ${reach.sectors.length} sectors` : reach.sectors.join(' and ')}`
          : reach.title.split(',')[0]}
      </Label>
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
            >{`${capital(station.name)} ${before && craneOf(before).stations[index]?.radius !== craneOf(plan).stations[index]?.radius ? `${craneOf(before).stations[index]?.radius ?? 'not set'} → ` : ''}${shown(station.radius)}`}</Label>
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
      {grossY !== null && (
        <Label
          x={Math.max(
            scale.x(reach.stations[0]?.radius.value ?? 0) + 24,
            Math.min(right - 150, scale.x(reach.stations.at(-1)?.loaded_radius.value ?? 0) + 14),
          )}
          y={grossBelow ? grossY + 17 : grossY - 6}
          size={16}
          fill="var(--mark)"
          halo
        >
          {working ? 'working' : `gross load ${shown(reach.gross)}`}
        </Label>
      )}
      {reach.end && !working && (
        <Label
          x={right - 4}
          y={(grossY ?? FRAME.bottom) - (grossY !== null && !grossBelow ? 25 : 8)}
          anchor="end"
          size={16}
          fill="var(--stop)"
          halo
        >{`${shown(reach.end)} is the end for this load`}</Label>
      )}
    </g>
  )
}
