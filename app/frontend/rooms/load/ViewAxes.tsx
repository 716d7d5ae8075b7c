import type { scaleBar } from '../../drawing/scale/scale'
import { Label, CgMark, CgLens } from '../../drawing/figures/figures'
import { Drawn, DETAIL_UNDER } from './TakeOffPicture'

// Axes, CG and bar of the scale of one view.
export function ViewAxes({
  paths,
  own,
  x,
  y,
  up,
  cg,
  box,
  width,
  top,
  height,
  title,
  bar,
  perMetre,
}: {
  paths: (some: Drawn[]) => string
  own: Drawn[]
  x: (across: number) => number
  y: (rise: number) => number
  up: string
  cg: { x: number; y: number } | null
  box: { w: number; h: number } | null
  width: number
  top: number
  height: number
  title: string
  bar: ReturnType<typeof scaleBar>
  perMetre: number
}) {
  return (
    <>
      <path
        d={paths(own)}
        fill="var(--wash)"
        fillOpacity={0.8}
        stroke="var(--mark)"
        strokeWidth={3}
        strokeDasharray={own.some(({ solid }) => solid.cut) ? '6 4' : undefined}
        data-lit
      />
      <g stroke="var(--ink2)" strokeWidth={1.4} fill="none">
        <path d={`M${x(0) - 14} ${y(0)}H${x(0) + 30}M${x(0)} ${y(0) + 14}V${y(0) - 30}`} />
      </g>
      <Label x={x(0) + 34} y={y(0) + 15} size={14} fill="var(--ink2)">
        x
      </Label>
      <Label x={x(0) - 12} y={y(0) - 26} size={14} anchor="end" fill="var(--ink2)">
        {up}
      </Label>
      {cg && box && (
        <rect
          x={cg.x - box.w}
          y={cg.y - box.h}
          width={2 * box.w}
          height={2 * box.h}
          fill="none"
          stroke="var(--mark)"
          strokeWidth={1.6}
          strokeDasharray="4 3"
          data-cg-box
        />
      )}
      {cg && <CgMark x={cg.x} y={cg.y} r={8} />}
      {cg && box && 2 * Math.max(box.w, box.h) < DETAIL_UNDER && Math.max(box.w, box.h) > 0.2 && (
        <CgLens x={width - 40} y={top + height - 40} of={cg} box={box} />
      )}
      <Label x={10} y={top + 19} size={15}>
        {title}
      </Label>
      <g stroke="var(--ink)" strokeWidth={1.5}>
        <path
          d={
            `M${width - 14 - bar.metres * perMetre} ${top + 16}H${width - 14}M${width - 14}` +
            ` ${top + 12}v8M${width - 14 - bar.metres * perMetre} ${top + 12}v8`
          }
        />
      </g>
      <Label
        x={width - 20 - bar.metres * perMetre}
        y={top + 21}
        size={14}
        anchor="end"
        weight={500}
        fill="var(--ink2)"
      >
        {bar.words}
      </Label>
    </>
  )
}
