import { STRIP_HEIGHT, LADDER_WIDTH } from '../../ui/theme/tokens'
import type { SVGProps } from 'react'
import { ownSheet, upright, type View } from './sheetLayout'

// Paper, ground and the strip that the drawing stands on.
export function SheetGround({
  width,
  height,
  panning,
  view,
  moved,
  ground,
}: {
  width: number
  height: number
  panning: SVGProps<SVGRectElement>
  view: View
  moved: boolean
  ground: number
}) {
  return (
    <>
      <defs>
        <clipPath id="sheet">
          <rect x={0} y={STRIP_HEIGHT} width={width} height={height - STRIP_HEIGHT} />
        </clipPath>
        <pattern id="earth" width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={1.4} height={9} fill="var(--ink2)" />
        </pattern>
      </defs>
      <rect
        x={0}
        y={STRIP_HEIGHT}
        width={width}
        height={height - STRIP_HEIGHT}
        fill="transparent"
        {...panning}
        style={{ touchAction: 'none' }}
        data-leave-out
      />
      {upright(view) && !moved && (
        <rect
          x={0}
          y={ground}
          width={width}
          height={12}
          fill="url(#earth)"
          opacity={0.5}
          pointerEvents="none"
        />
      )}
      {!ownSheet(view) && <path d={`M0 ${STRIP_HEIGHT}H${width}`} stroke="var(--ink)" strokeWidth={1.5} />}
      <path
        d={`M${-LADDER_WIDTH} ${ground}H${view === 'tailing' ? 0 : width}`}
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
    </>
  )
}
