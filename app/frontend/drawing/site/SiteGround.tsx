import { memo } from 'react'
import type { SiteView } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { gridLines, siteWay, type SiteScale } from '../scale/siteScale'
import { namePlaces } from './names'

export const SiteHatches = () => (
  <defs>
    <pattern id="site-cut" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width={8} height={8} fill="var(--dust)" />
      <rect width={1.4} height={8} fill="var(--ink2)" />
    </pattern>
    <pattern
      id="site-solid"
      width={6}
      height={6}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-45)"
    >
      <rect width={6} height={6} fill="var(--bone)" />
      <rect width={1.2} height={6} fill="var(--ink)" />
    </pattern>
    <pattern id="site-keep" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
      <rect width={2} height={8} fill="var(--stop)" />
    </pattern>
    <pattern
      id="site-walk"
      width={14}
      height={14}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width={14} height={14} fill="var(--bone)" />
      <rect width={4} height={14} fill="var(--ink2)" />
    </pattern>
  </defs>
)

// How each kind of feature is drawn.
const LOOKS: Record<
  string,
  { fill: string; stroke: string; dash?: string; width?: number; opacity?: number }
> = {
  ground: { fill: 'var(--chalk)', stroke: 'var(--ink2)', dash: '1.5 4', width: 1.6 },
  cut: { fill: 'url(#site-cut)', stroke: 'var(--ink)', width: 1.8 },
  obstacle: { fill: 'url(#site-solid)', stroke: 'var(--ink)', width: 2 },
  walkway: { fill: 'url(#site-walk)', stroke: 'var(--ink)', width: 1.4, opacity: 0.8 },
  live_plant: { fill: 'url(#site-keep)', stroke: 'var(--stop)', width: 1.4, opacity: 0.7 },
  exclusion: { fill: 'url(#site-keep)', stroke: 'var(--stop)', width: 1.8, opacity: 0.7 },
  landing: { fill: 'var(--dust)', stroke: 'var(--ink)', width: 1.6, opacity: 0.85 },
  line: { fill: 'none', stroke: 'var(--ink)', width: 2.2 },
  escape: { fill: 'none', stroke: 'var(--ink2)', dash: '9 6', width: 2.4 },
}
const ORDER = [
  'ground',
  'landing',
  'cut',
  'exclusion',
  'live_plant',
  'walkway',
  'escape',
  'obstacle',
  'line',
  'peg',
]

type Feature = SiteView['features'][number]
export const inOrder = (features: Feature[]) =>
  [...features].sort((one, other) => ORDER.indexOf(one.kind) - ORDER.indexOf(other.kind))

export function FeatureShape({ feature, scale }: { feature: Feature; scale: SiteScale }) {
  const look = LOOKS[feature.kind]
  if (feature.at)
    return (
      <path
        d={`M${scale.x(feature.at[0]!) - 6} ${scale.y(feature.at[1]!)}h12m-6 -6v12`}
        stroke="var(--ink)"
        strokeWidth={2}
      />
    )
  const places = feature.outline ?? feature.line
  if (!look || !places) return null
  return (
    <path
      d={siteWay(scale, places, !!feature.outline)}
      fill={feature.outline ? look.fill : 'none'}
      stroke={look.stroke}
      strokeWidth={feature.kind === 'cut' && feature.line ? 4 : look.width}
      strokeDasharray={look.dash}
      opacity={look.opacity}
      data-feature={feature.kind}
    />
  )
}

function FeatureName({ feature, place }: { feature: Feature; place: { x: number; y: number } }) {
  const shown = useShown()
  return (
    <g pointerEvents="none">
      <Label x={place.x} y={place.y} anchor="middle" size={14.5} halo>
        {feature.name}
      </Label>
      {feature.words && (
        <Label x={place.x} y={place.y + 16} anchor="middle" size={13.5} weight={500} fill="var(--ink2)" halo>
          {shown(feature.words)}
        </Label>
      )}
    </g>
  )
}

// Grid, north and the boundary, then everything on the site, then its power lines' rooms: none of it moves
// with the crane.
const Still = memo(function Still({
  boundary,
  features,
  zones,
  scale,
}: Pick<SiteView, 'boundary' | 'features' | 'zones'> & { scale: SiteScale }) {
  const metres = (pixels: number, middle: (value: number) => number) => {
    const zero = middle(0)
    return (pixels - zero) / (middle(1) - zero)
  }
  const [west, east] = [metres(scale.left, scale.x), metres(scale.right, scale.x)]
  const [north, south] = [metres(scale.top, scale.y), metres(scale.bottom, scale.y)]
  return (
    <>
      <SiteHatches />
      <g stroke="var(--line)" strokeWidth={0.7} opacity={0.7}>
        {gridLines(scale.perMetre, west, east).map((at) => (
          <path key={`e${at}`} d={`M${scale.x(at)} ${scale.top}V${scale.bottom}`} />
        ))}
        {gridLines(scale.perMetre, south, north).map((at) => (
          <path key={`n${at}`} d={`M${scale.left} ${scale.y(at)}H${scale.right}`} />
        ))}
      </g>
      <path
        d={siteWay(scale, boundary, true)}
        fill="none"
        stroke="var(--ink2)"
        strokeWidth={1.4}
        strokeDasharray="12 4 2 4"
      />
      {inOrder(features).map((feature) => (
        <FeatureShape key={feature.name} feature={feature} scale={scale} />
      ))}
      {zones.map((zone, index) => (
        <g key={index} fill="none" pointerEvents="none">
          {zone.clearance_m !== null && (
            <path
              d={siteWay(scale, zone.line)}
              stroke="url(#site-keep)"
              strokeWidth={2 * zone.clearance_m * scale.perMetre}
              strokeLinecap="round"
              opacity={0.55}
            />
          )}
          <path
            d={siteWay(scale, zone.line)}
            stroke="var(--stop)"
            strokeWidth={2 * zone.zone_m * scale.perMetre}
            opacity={0.07}
          />
        </g>
      ))}
      {gridLines(scale.perMetre, west, east).map((at) => (
        <Label key={at} x={scale.x(at)} y={scale.bottom - 4} anchor="middle" size={12.5} weight={500} halo>
          {`E ${at}`}
        </Label>
      ))}
      {gridLines(scale.perMetre, south, north)
        .filter((at) => scale.y(at) < scale.bottom - 20 && scale.y(at) > scale.top + 12)
        .map((at) => (
          <Label key={at} x={scale.right - 4} y={scale.y(at) + 4} anchor="end" size={12.5} weight={500} halo>
            {`N ${at}`}
          </Label>
        ))}
      <g transform={`translate(${scale.left + 18} ${scale.top + 8})`} fill="var(--ink)">
        <path d="M0 0l8 16h-16z" />
        <path d="M0 14v26" stroke="var(--ink)" strokeWidth={2} />
        <Label x={0} y={54} anchor="middle" size={14}>
          N
        </Label>
      </g>
    </>
  )
})

// All that is on the site, with its names.
export function SiteGround({ view, scale }: { view: SiteView; scale: SiteScale }) {
  const { boundary, features, zones } = view
  return (
    <>
      <Still boundary={boundary} features={features} zones={zones} scale={scale} />
      {namePlaces(view, scale).map(({ feature, x, y }) => (
        <FeatureName key={feature.name} feature={feature} place={{ x, y }} />
      ))}
    </>
  )
}
