import type { SiteView } from '../../api/ladder.generated'
import { usePreferences } from '../../ui/preferences'
import { FEET } from '../../units/units'
import { Label } from '../figures/figures'
import { PROFILE_HEIGHT, type SiteScale } from '../scale/siteScale'

const HEIGHT = PROFILE_HEIGHT - 40

// Along the way: the load's underside, and what it passes over.
export function SiteProfile({
  profile,
  scale,
}: {
  profile: NonNullable<SiteView['profile']>
  scale: SiteScale
}) {
  const { system } = usePreferences().preferences
  const tops = profile.under.map((point) => point[1]!)
  const highest = Math.max(profile.carried_m, ...tops, 1) * 1.25
  const [left, right] = [scale.left + 96, scale.right - 12]
  const bottom = scale.bottom + PROFILE_HEIGHT - 12
  const x = (along: number) => left + ((right - left) * along) / profile.long_m
  const y = (up: number) => bottom - (HEIGHT * up) / highest
  const said = (metres: number) =>
    system === 'us' ? `${(metres / FEET).toFixed(1)} ft` : `${metres.toFixed(2)} m`
  const ground = profile.under
    .map((point) => `L${x(point[0]!).toFixed(1)} ${y(point[1]!).toFixed(1)}`)
    .join('')
  return (
    <g data-profile>
      <path
        d={`M${left} ${bottom}${ground}L${right} ${bottom}Z`}
        fill="url(#site-solid)"
        stroke="var(--ink)"
      />
      <path d={`M${left} ${bottom}H${right}`} stroke="var(--ink)" strokeWidth={2} />
      <path
        d={`M${left} ${y(profile.carried_m)}H${right}`}
        stroke="var(--mark)"
        strokeWidth={2.4}
        strokeDasharray="9 4 2 4"
      />
      <Label x={scale.left + 8} y={bottom - 4} size={13.5} weight={600}>
        Along the way
      </Label>
      <Label x={left - 6} y={y(profile.carried_m) + 5} anchor="end" size={13.5} fill="var(--mark)">
        {said(profile.carried_m)}
      </Label>
    </g>
  )
}
