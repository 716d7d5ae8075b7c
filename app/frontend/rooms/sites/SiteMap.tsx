import { useRef } from 'react'
import type { Site } from '../../api/plan.generated'
import { FeatureShape, SiteGround } from '../../drawing/site/SiteGround'
import { Grip } from '../../drawing/grips/Grip'
import { siteScale, siteWay } from '../../drawing/scale/siteScale'
import { fewest, placesOf, snapped, viewOf, withPlaces } from './features'
import type { Drawn } from './useSite'

const NEAR_PX = 10
// On a shorter side there is no room for another corner.
const LEAST_SIDE_PX = 56
// The boundary is drawn and moved as the features are.
export const BOUNDARY = -1

export const cornersOf = (site: Site, chosen: number) =>
  chosen === BOUNDARY ? site.boundary_m : placesOf(site.features[chosen]!)
export const withCorners = (site: Site, chosen: number, places: number[][]): Site =>
  chosen === BOUNDARY
    ? { ...site, boundary_m: places }
    : {
        ...site,
        features: site.features.map((feature, at) => (at === chosen ? withPlaces(feature, places) : feature)),
      }

// The site to scale, north up. A feature is chosen by a click; its corners are dragged, onto the half metre
// or onto another corner; a click on the middle of a side gives it another corner.
export function SiteMap({
  drawn,
  chosen,
  choose,
  near,
  width,
  height,
}: {
  drawn: Drawn
  chosen: number | null
  choose: (at: number) => void
  // Is only what is chosen to be seen?
  near: boolean
  width: number
  height: number
}) {
  const { data, change } = drawn
  const view = viewOf(data)
  const frame = { left: 0, right: width, top: 8, bottom: height - 8 }
  const close = near && chosen !== null ? cornersOf(data, chosen) : data.boundary_m
  const scale = siteScale(view, frame, close, 1.12, 12)
  const from = useRef<{ place: number[]; moved: boolean } | null>(null)
  const corners = chosen === null ? [] : cornersOf(data, chosen)
  const closed = chosen === BOUNDARY || (chosen !== null && !!view.features[chosen]?.outline)
  const others = data.features.flatMap((feature, at) => (at === chosen ? [] : placesOf(feature)))
  const put = (places: number[][], same = false) =>
    chosen !== null && change((before) => withCorners(before, chosen, places), same)
  const move =
    (index: number) =>
    ({ dx, dz, free }: { dx: number; dz: number; free: boolean }) => {
      from.current ??= { place: corners[index]!, moved: false }
      const [east, north, ...up] = from.current.place
      const to: [number, number] = [east! + dx, north! + dz]
      const at = free
        ? to.map((metres) => Math.round(metres * 1000) / 1000)
        : snapped(to, others, NEAR_PX / scale.perMetre)
      put(
        corners.map((corner, one) => (one === index ? [...at, ...up] : corner)),
        from.current.moved,
      )
      from.current.moved = true
    }
  const sides = corners
    .map((corner, at) => [corner, corners[(at + 1) % corners.length]!] as const)
    .slice(0, closed ? undefined : -1)
  return (
    <svg width={width} height={height} role="group" aria-label="The site, to scale" data-site-map>
      <SiteGround view={view} scale={scale} />
      {view.features.map((feature, at) => (
        <g
          key={at}
          opacity={0}
          style={{ cursor: 'pointer' }}
          onClick={() => choose(at)}
          data-choose={feature.name}
        >
          <FeatureShape feature={feature} scale={scale} />
          {feature.line && (
            <path d={siteWay(scale, feature.line)} fill="none" stroke="transparent" strokeWidth={16} />
          )}
        </g>
      ))}
      {corners.length > 1 && (
        <path
          d={siteWay(scale, corners, closed)}
          fill="none"
          stroke="var(--mark)"
          strokeWidth={3}
          pointerEvents="none"
        />
      )}
      {chosen !== null &&
        data.features[chosen]?.kind !== 'peg' &&
        sides.map(([one, other], at) => {
          const [x, y] = [scale.x((one[0]! + other[0]!) / 2), scale.y((one[1]! + other[1]!) / 2)]
          const long = Math.hypot(
            scale.x(one[0]!) - scale.x(other[0]!),
            scale.y(one[1]!) - scale.y(other[1]!),
          )
          if (long < LEAST_SIDE_PX) return null
          const middle = one.map((metres, axis) => Math.round(((metres + other[axis]!) / 2) * 100) / 100)
          return (
            <circle
              key={at}
              cx={x}
              cy={y}
              r={7}
              fill="var(--chalk)"
              stroke="var(--mark)"
              strokeWidth={2}
              style={{ cursor: 'copy' }}
              role="button"
              aria-label={`corner between ${at + 1} and ${((at + 1) % corners.length) + 1}`}
              onClick={() => put([...corners.slice(0, at + 1), middle, ...corners.slice(at + 1)])}
            />
          )
        })}
      {corners.map((corner, index) => (
        <Grip
          key={index}
          id={`corner-${index}`}
          x={scale.x(corner[0]!)}
          y={scale.y(corner[1]!)}
          name={`corner ${index + 1}`}
          value={`${corner[0]} m east, ${corner[1]} m north`}
          perMetre={scale.perMetre}
          axis="both"
          onMove={move(index)}
          onEnd={() => {
            from.current = null
          }}
        />
      ))}
    </svg>
  )
}

export const mayLose = (site: Site, chosen: number) =>
  cornersOf(site, chosen).length > (chosen === BOUNDARY ? 3 : fewest(site.features[chosen]!.kind))
