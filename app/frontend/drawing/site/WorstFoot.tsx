import type { SiteView } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { middleOf, PROFILE_HEIGHT, siteWay, type SiteScale } from '../scale/siteScale'
import { FeatureShape, inOrder } from './SiteGround'
import { FOOT } from './looks'

type Foot = SiteView['feet'][number]
const ROUND = 50
// What it takes of the strip under the plan, and how wide that has to be.
export const BESIDE = 2 * ROUND + 24
const LEAST_WIDE = 620

// The foot that governs where its mat is too small, and there is room to draw it larger.
export const worstFoot = (view: SiteView, scale: SiteScale) =>
  view.profile && scale.right - scale.left > LEAST_WIDE ? view.feet.find((foot) => foot.wants) : undefined

// The worst foot drawn larger beside the profile, where it hides nothing of the plan: its mat, the ground
// about it, and dashed the mat that it wants.
export function WorstFoot({ view, foot, scale }: { view: SiteView; foot: Foot; scale: SiteScale }) {
  const shown = useShown()
  if (!foot.wants) return null
  const [east, north] = middleOf(foot.outline)
  const at = { x: scale.right - ROUND - 10, y: scale.bottom + ROUND + 7 }
  const reach = Math.max(
    ...foot.wants.outline.map((place) => Math.hypot(place[0]! - east, place[1]! - north)),
  )
  const perMetre = (ROUND * 0.62) / reach
  const near: SiteScale = {
    ...scale,
    perMetre,
    x: (metres) => at.x + (metres - east) * perMetre,
    y: (metres) => at.y - (metres - north) * perMetre,
  }
  const look = FOOT[foot.verdict]!
  const grounds = inOrder(view.features).filter(({ kind }) => ['ground', 'cut', 'landing'].includes(kind))
  return (
    <g pointerEvents="none" data-worst-foot={foot.name}>
      <clipPath id="worst-foot">
        <circle cx={at.x} cy={at.y} r={ROUND} />
      </clipPath>
      <circle cx={at.x} cy={at.y} r={ROUND} fill="var(--dust)" />
      <g clipPath="url(#worst-foot)">
        {grounds.map((feature) => (
          <FeatureShape key={feature.name} feature={feature} scale={near} />
        ))}
        <path d={siteWay(near, foot.outline, true)} fill={look.fill} stroke={look.stroke} strokeWidth={1.8} />
        <path
          d={siteWay(near, foot.wants.outline, true)}
          fill="none"
          stroke="var(--stop)"
          strokeWidth={2}
          strokeDasharray="6 4"
        />
      </g>
      <circle cx={at.x} cy={at.y} r={ROUND} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <Label x={at.x - ROUND - 8} y={scale.bottom + PROFILE_HEIGHT + 23} anchor="end" size={14.5}>
        {`${foot.name}: ${shown(foot.wants.side)} square, wants ${shown(foot.wants.wants)}`}
      </Label>
    </g>
  )
}
