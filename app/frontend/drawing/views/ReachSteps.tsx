import { Hatch } from '../../ladder/Hatch'
import { FRAME } from './ReachStrip'
import type { ReachScale } from '../scale/scale'

// What the chart allows, step by step.
export function ReachSteps({
  right,
  grossY,
  usable,
  gross,
  clampX,
  endX,
  scale,
  last,
  staircase,
}: {
  right: number
  grossY: number | null
  usable: { from_m: number; to_m: number; kg: number | null }[]
  gross: number | null
  clampX: (metres: number) => number
  endX: number
  scale: ReachScale
  last: { from_m: number; to_m: number; kg: number | null } | undefined
  staircase: string
}) {
  return (
    <>
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
    </>
  )
}
