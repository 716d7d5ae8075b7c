import { polygonArea, polygonContains } from 'd3-polygon'
import { memo, useMemo, type MouseEvent } from 'react'
import type { Solid, TakeOff } from '../../api/ladder.generated'
import { Label } from '../../drawing/figures/figures'
import { scaleBar } from '../../drawing/scale/scale'
import { ELEVATION, filled, PLAN, silhouette, type Point, type View } from '../../drawing/scale/solids'
import { usePreferences } from '../../ui/preferences'
import { ViewAxes } from './ViewAxes'

export interface Drawn {
  row: number
  solid: Solid
  polygon: Point[]
}

interface Props {
  sheet: TakeOff | null
  row: number
  onRow: (row: number) => void
  width: number
  height: number
}
const MARGIN = { left: 34, right: 20, top: 26, bottom: 26 }
export const DETAIL_UNDER = 24

// Every part to scale, from the side and from above, with the centre of gravity and the box that it may be
// in.
export const TakeOffPicture = memo(function TakeOffPicture({ sheet, row, onRow, width, height }: Props) {
  const split = Math.round(height * 0.56)
  if (!sheet || !sheet.outline) {
    return (
      <svg width={width} height={height} role="img" aria-label="Nothing to draw yet">
        <Label x={width / 2} y={height / 2} anchor="middle" fill="var(--ink2)">
          {sheet && sheet.rows.length > 0
            ? 'drawn when a part has a size and a place'
            : 'drawn when the first part is written'}
        </Label>
      </svg>
    )
  }
  return (
    <svg width={width} height={height} role="group" aria-label="The parts, to scale">
      <ViewOf
        view={ELEVATION}
        title="From the side"
        sheet={sheet}
        row={row}
        onRow={onRow}
        width={width}
        height={split}
        top={0}
        up="z"
      />
      <path d={`M0 ${split}H${width}`} stroke="var(--ink)" strokeWidth={1.5} />
      <ViewOf
        view={PLAN}
        title="From above"
        sheet={sheet}
        row={row}
        onRow={onRow}
        width={width}
        height={height - split}
        top={split}
        up="y"
      />
    </svg>
  )
})

function ViewOf({
  view,
  title,
  sheet,
  row,
  onRow,
  width,
  height,
  top,
  up,
}: {
  view: View
  title: string
  sheet: TakeOff
  row: number
  onRow: (row: number) => void
  width: number
  height: number
  top: number
  up: string
}) {
  const drawn = useMemo(
    () =>
      sheet.rows.flatMap((one, index): Drawn[] =>
        (one?.solids ?? []).map((solid) => ({ row: index, solid, polygon: silhouette(solid, view) })),
      ),
    [sheet, view],
  )
  const [low, high] = sheet.outline as [number[], number[]]
  const [from, to] = [
    [Math.min(0, low[view.across]!), Math.min(0, low[view.up]!)],
    [Math.max(high[view.across]!, 0.1), Math.max(high[view.up]!, 0.1)],
  ] as [Point, Point]
  const perMetre = Math.max(
    1e-3,
    Math.min(
      (width - MARGIN.left - MARGIN.right) / (to[0] - from[0]),
      (height - MARGIN.top - MARGIN.bottom) / (to[1] - from[1]),
    ),
  )
  const start = (width - MARGIN.left - MARGIN.right - (to[0] - from[0]) * perMetre) / 2 + MARGIN.left
  const x = (across: number) => start + (across - from[0]) * perMetre
  const floor =
    top +
    height -
    MARGIN.bottom -
    Math.max(0, height - MARGIN.top - MARGIN.bottom - (to[1] - from[1]) * perMetre) / 2
  const y = (rise: number) => floor - (rise - from[1]) * perMetre
  const path = (points: Point[]) =>
    points.length > 1
      ? `M${points.map(([a, b]) => `${x(a).toFixed(1)} ${y(b).toFixed(1)}`).join('L')}Z`
      : points.length === 1
        ? `M${x(points[0]![0]) - 4} ${y(points[0]![1])}h8m-4 -4v8`
        : ''
  const paths = (some: Drawn[]) => some.map(({ polygon }) => path(polygon)).join('')
  const others = drawn.filter((one) => one.row !== row)
  const own = drawn.filter((one) => one.row === row)
  const tanks = drawn.filter(({ solid }) => solid.measures.fill !== undefined)
  const cg = sheet.cg && { x: x(sheet.cg[view.across]!.value), y: y(sheet.cg[view.up]!.value) }
  const box = sheet.half_width && {
    w: sheet.half_width[view.across]!.value * perMetre,
    h: sheet.half_width[view.up]!.value * perMetre,
  }
  const bar = scaleBar(perMetre, usePreferences().preferences.system)

  // The smallest part under the pointer.
  const pick = (event: MouseEvent<SVGGElement>) => {
    const frame = event.currentTarget.ownerSVGElement!.getBoundingClientRect()
    const place: Point = [
      (event.clientX - frame.left - start) / perMetre + from[0],
      (floor - (event.clientY - frame.top)) / perMetre + from[1],
    ]
    const hit = drawn
      .filter(({ polygon }) => polygon.length > 2 && polygonContains(polygon, place))
      .sort((one, other) => Math.abs(polygonArea(one.polygon)) - Math.abs(polygonArea(other.polygon)))[0]
    if (hit) onRow(hit.row)
  }
  return (
    <g onClick={pick} data-view={up}>
      <rect x={0} y={top} width={width} height={height} fill="transparent" />
      <path
        d={paths(others.filter(({ solid }) => !solid.cut))}
        fill="var(--chalk)"
        fillOpacity={0.55}
        stroke="var(--ink)"
        strokeWidth={1.4}
        strokeLinejoin="round"
      />
      {tanks.map((one, index) => (
        <path key={index} d={path(filled(one.solid, view) ?? [])} fill="var(--mark)" fillOpacity={0.22} />
      ))}
      <path
        d={paths(others.filter(({ solid }) => solid.cut))}
        fill="var(--bone)"
        stroke="var(--ink)"
        strokeWidth={1.2}
        strokeDasharray="5 4"
      />
      <ViewAxes
        paths={paths}
        own={own}
        x={x}
        y={y}
        up={up}
        cg={cg}
        box={box}
        width={width}
        top={top}
        height={height}
        title={title}
        bar={bar}
        perMetre={perMetre}
      />
    </g>
  )
}
