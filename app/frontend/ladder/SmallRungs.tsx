import type { DayLift } from '../api/client'

interface Props {
  rungs: DayLift['rungs']
  left: number
  width: number
  foot: number
  pitch: number
  hatch: string
}

// Rungs in small, the lowest at `foot`, each `pitch` above the one before. Many are thin, so that there is
// air between them. hatch: id of the pattern of what is tight.
export function SmallRungs({ rungs, left, width, foot, pitch, hatch }: Props) {
  const thick = Math.min(3, pitch * 0.6)
  return (
    <>
      {rungs.map((rung, index) => {
        const y = foot - index * pitch
        switch (rung.verdict) {
          case 'holds':
            return (
              <path key={rung.id} d={`M${left} ${y}h${width}`} stroke="var(--mark)" strokeWidth={thick} />
            )
          case 'tight':
            return (
              <rect
                key={rung.id}
                x={left}
                y={y - thick}
                width={width}
                height={2 * thick}
                fill={`url(#${hatch})`}
                stroke="var(--ink)"
                strokeWidth={0.8}
              />
            )
          case 'not_known':
            return (
              <path
                key={rung.id}
                d={`M${left + 2} ${y}h${width - 4}`}
                stroke="var(--ink)"
                strokeWidth={Math.min(1.6, thick)}
                strokeDasharray="6 4"
              />
            )
          case 'stop':
            return (
              <path
                key={rung.id}
                d={`M${left} ${y - 3}l${width * 0.5} 5M${left + width} ${y - 4}l${-width * 0.34} 2`}
                stroke="var(--stop)"
                strokeWidth={4}
              />
            )
        }
      })}
    </>
  )
}

// What is tight, in small.
export const SmallHatch = ({ id }: { id: string }) => (
  <pattern id={id} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
    <rect width={2.6} height={5} fill="var(--tightFill)" />
  </pattern>
)
