import type { Drawing, Figure, Sentence } from '../../api/ladder.generated'
import { Dimension, Label } from '../figures/figures'
import type { At, scaleBar } from '../scale/scale'
import { PlanScale } from './PlanSheet'

// How far the points lie off the plumb line, and the bar of the scale.
export function PlanDimensions({
  drawing,
  first,
  at,
  hook,
  corners,
  shown,
  width,
  bar,
  scale,
}: {
  drawing: Drawing
  first: (axis: 'x' | 'y') => { name: string; at: number[] }[]
  at: (place: number[]) => At
  hook: At
  corners: [At, At]
  shown: (figure: Figure | Sentence | null | undefined) => string
  width: number
  bar: ReturnType<typeof scaleBar>
  scale: PlanScale
}) {
  return (
    <>
      {drawing.hook &&
        first('x').map(
          (point, index) =>
            Math.abs(at(point.at).x - hook.x) > 12 && (
              <Dimension
                key={index}
                from={{ x: at(point.at).x, y: corners[0].y + 58 }}
                to={{ x: hook.x, y: corners[0].y + 58 }}
                text={shown(drawing.legs[drawing.points.indexOf(point)]?.off[0])}
              />
            ),
        )}
      {drawing.hook &&
        first('y').map(
          (point, index) =>
            Math.abs(at(point.at).y - hook.y) > 12 && (
              <Dimension
                key={index}
                from={{ x: corners[0].x - 26, y: at(point.at).y }}
                to={{ x: corners[0].x - 26, y: hook.y }}
                text={shown(drawing.legs[drawing.points.indexOf(point)]?.off[1])}
              />
            ),
        )}
      <g transform={`translate(${width - 132} ${corners[0].y + 74})`} stroke="var(--ink)" strokeWidth={1.6}>
        <path
          d={`M${116 - bar.metres * scale.perMetre} -5V5M116 -5V5M116 0h${-bar.metres * scale.perMetre}`}
        />
        <g stroke="none">
          <Label
            x={108 - bar.metres * scale.perMetre}
            y={5}
            anchor="end"
            size={14}
            weight={500}
            fill="var(--ink2)"
          >{`0 to ${bar.words}, seen from above`}</Label>
        </g>
      </g>
    </>
  )
}
