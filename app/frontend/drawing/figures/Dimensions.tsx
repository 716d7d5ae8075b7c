import type { Drawing } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { Dimension } from './figures'
import type { At, ElevationScale, Place } from '../scale/scale'

const APART = 6

// What is measured: level from the plumb line to each point as this view shows it, and upright from the
// hook, past a beam, to the highest point.
export function Dimensions({
  drawing,
  scale,
  points,
  lowest,
  right,
  narrow,
}: {
  drawing: Drawing
  scale: ElevationScale
  points: At[]
  lowest: number
  right: number
  narrow: boolean
}) {
  const shown = useShown()
  const { hook, axis } = scale
  const below = scale.ground + (narrow ? 15 : 24)
  const high = Math.min(...points.map(({ y }) => y))
  const first = points.filter(
    (point, index) => points.findIndex((other) => Math.abs(other.x - point.x) < APART) === index,
  )
  const leg = drawing.legs[points.findIndex(({ y }) => y === high)]
  const y = (place: number[] | undefined) => (place ? scale.y(place as Place) : high)
  const steps: [number, number, string][] =
    drawing.beam && leg
      ? [
          ...(drawing.uppers[0]
            ? [
                [hook.y, y(drawing.uppers[0].bottom), shown(drawing.uppers[0].height)] as [
                  number,
                  number,
                  string,
                ],
              ]
            : []),
          [y(leg.top), high, shown(leg.height)],
        ]
      : [[hook.y, high, shown(leg?.height)]]
  return (
    <g pointerEvents="none">
      {drawing.hook &&
        first.map(
          (point, index) =>
            Math.abs(point.x - hook.x) > 12 && (
              <Dimension
                key={index}
                from={{ x: point.x, y: below }}
                to={{ x: hook.x, y: below }}
                text={shown(drawing.legs[points.indexOf(point)]?.off[axis])}
              />
            ),
        )}
      {first.map((point, index) => (
        <path
          key={index}
          d={`M${point.x} ${point.y + 12}V${below - 8}`}
          stroke="var(--line)"
          strokeWidth={1}
          strokeDasharray="2 4"
        />
      ))}
      {drawing.hook && (
        <>
          <path
            d={
              `M${hook.x + 12} ${hook.y}H${right + 6}` +
              `M${Math.max(...points.map(({ x }) => x)) + 14} ${high}H${right + 6}`
            }
            stroke="var(--line)"
            strokeWidth={1}
          />
          {steps.map(([from, to, text], index) => (
            <Dimension key={index} from={{ x: right, y: from }} to={{ x: right, y: to }} text={text} />
          ))}
          <Dimension from={{ x: right, y: high }} to={{ x: right, y: lowest }} text="" />
        </>
      )}
    </g>
  )
}
