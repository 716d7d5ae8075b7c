import type { Drawing, Figure, Sentence } from '../../api/ladder.generated'
import { Dimensions } from '../figures/Dimensions'
import { Label } from '../figures/figures'
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
      <g
        transform={`translate(${width - 132} ${scale.ground + (narrow ? 35 : 30)})`}
        stroke="var(--ink)"
        strokeWidth={1.6}
      >
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
          >
            {`0 to ${bar.words}` + `${narrow ? '' : `, to scale, seen along ${axis === 0 ? 'y' : 'x'}`}`}
          </Label>
        </g>
      </g>
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
