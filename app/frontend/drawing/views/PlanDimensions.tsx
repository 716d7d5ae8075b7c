import type { Drawing, Figure, Sentence } from '../../api/ladder.generated'
import { Dimension } from '../figures/figures'
import { ScaleBar } from '../figures/ScaleBar'
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
      <ScaleBar
        bar={bar}
        perMetre={scale.perMetre}
        x={width - 16}
        y={corners[0].y + 74}
        seen=", seen from above"
      />
    </>
  )
}
