import { usePreview } from '../../plan/preview'
import type { ElevationScale, Place, ReachScale } from '../scale/scale'
import type { SiteScale } from '../scale/siteScale'
import { SiteCrane } from '../site/SiteCrane'

const DASHES = { fill: 'none', stroke: 'var(--mark)', strokeWidth: 2, strokeDasharray: '7 5' }

// Slings and load as they would hang with the way out that is pointed at.
export function PreviewHung({ scale }: { scale: ElevationScale }) {
  const drawing = usePreview()?.ladder?.drawing
  if (!drawing?.hook) return null
  const at = (place: number[]) => `${scale.x(place as Place)} ${scale.y(place as Place)}`
  return (
    <g {...DASHES} pointerEvents="none" data-preview="hung">
      {[...drawing.legs, ...drawing.uppers].map((leg, index) => (
        <path key={index} d={`M${at(leg.top)}L${at(leg.bottom)}`} />
      ))}
    </g>
  )
}

// Stations and gross load as they would be, in the strip of the crane's reach.
export function PreviewReach({
  scale,
  frame,
}: {
  scale: ReachScale
  frame: { top: number; bottom: number }
}) {
  const reach = usePreview()?.ladder?.reach
  if (!reach) return null
  return (
    <g {...DASHES} pointerEvents="none" data-preview="reach">
      {reach.stations.map((station) => (
        <path key={station.name} d={`M${scale.x(station.radius.value)} ${frame.top}V${frame.bottom}`} />
      ))}
    </g>
  )
}

// The crane as it would stand.
export function PreviewStand({ scale }: { scale: SiteScale }) {
  const site = usePreview()?.ladder?.site
  if (!site?.crane) return null
  return (
    <g opacity={0.5} pointerEvents="none" data-preview="stand">
      <SiteCrane view={site} scale={scale} flags={false} />
    </g>
  )
}
