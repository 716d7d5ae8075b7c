import type { Drawing, Figure, Sentence } from '../../api/ladder.generated'
import { Dimensions } from '../figures/Dimensions'
import { Label } from '../figures/figures'
import { ScaleBar } from '../figures/ScaleBar'
import type { At, ElevationScale, scaleBar } from '../scale/scale'

// Dimensions, the bar of the scale, how far it tilts.
export function ElevationWords({
  narrow,
  drawing,
  scale,
  points,
  lowest,
  right,
  width,
  bar,
  axis,
  working,
  corners,
  wide,
  shown,
  exaggerate,
  top,
}: {
  narrow: boolean
  drawing: Drawing
  scale: ElevationScale
  points: At[]
  lowest: number
  right: number
  width: number
  bar: ReturnType<typeof scaleBar>
  axis: number
  working: boolean
  corners: At[]
  wide: number
  shown: (figure: Figure | Sentence | null | undefined) => string
  exaggerate: number
  top: number
}) {
  return (
    <>
      <Dimensions
        narrow={narrow}
        drawing={drawing}
        scale={scale}
        points={points}
        lowest={lowest}
        right={right}
      />
      <ScaleBar
        bar={bar}
        perMetre={scale.perMetre}
        x={width - 16}
        y={scale.ground + (narrow ? 35 : 30)}
        seen={narrow ? '' : `, to scale, seen along ${axis === 0 ? 'y' : 'x'}`}
      />
      {drawing.tilt && drawing.tilt.deg.value > 0.05 && !working && (
        <Label x={corners[0]!.x + 12} y={corners[0]!.y - 12} size={15} fill="var(--mark)" halo>
          {wide > 230
            ? `tilt ${shown(drawing.tilt.deg)}, ${shown(drawing.tilt.end_to_end)} end to end`
            : `tilt ${shown(drawing.tilt.deg)}`}
        </Label>
      )}
      {exaggerate > 1 && (
        <Label
          x={16}
          y={top + 26}
          size={16}
          fill="var(--mark)"
          halo
        >{`tilt drawn ${exaggerate} times as large`}</Label>
      )}
    </>
  )
}
