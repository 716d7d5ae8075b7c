import type { ComponentProps } from 'react'
import type { SiteView } from '../../api/ladder.generated'
import type { Actions } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { FEET } from '../../units/units'
import { Label } from '../figures/figures'
import { PROFILE_HEIGHT, type SiteScale } from '../scale/siteScale'
import { SiteCells } from './SiteCells'
import { SiteCrane } from './SiteCrane'
import { SiteGrips } from './SiteGrips'
import { SiteGround } from './SiteGround'
import { SiteProfile } from './SiteProfile'
import { PreviewStand } from '../views/PreviewLines'
import { BESIDE, WorstFoot, worstFoot } from './WorstFoot'

interface Props {
  view: SiteView
  // Of the other crane, where two carry the load.
  tail: SiteView | null
  scale: SiteScale
  editor: Actions | null
  working: boolean
  onStand: () => void
  onStation: () => void
  search: ComponentProps<typeof SiteCells>['search'] | null
}

// A bar of so many metres or feet that it is neither short nor long.
function ScaleBar({ scale, bottom }: { scale: SiteScale; bottom: number }) {
  const us = usePreferences().preferences.system === 'us'
  const unit = us ? FEET : 1
  const long = [1, 2, 5, 10, 20, 50, 100].find((one) => one * unit * scale.perMetre >= 70) ?? 200
  const wide = long * unit * scale.perMetre
  return (
    <g transform={`translate(${scale.left + 8} ${bottom})`}>
      <path d={`M0 -6V0H${wide}V-6`} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <Label x={wide + 8} y={3} size={13.5} weight={500}>
        {`${long} ${us ? 'ft' : 'm'}, to scale, north up; grid in m`}
      </Label>
    </g>
  )
}

// The site from above: what is on it, the crane as it stands there, and the way of its load.
export function SiteSheet({ view, tail, scale, editor, working, onStand, onStation, search }: Props) {
  const worst = worstFoot(view, scale)
  return (
    <g data-site-sheet>
      <defs>
        <clipPath id="site-frame">
          <rect
            x={scale.left}
            y={scale.top}
            width={scale.right - scale.left}
            height={scale.bottom - scale.top}
          />
        </clipPath>
      </defs>
      <g clipPath="url(#site-frame)">
        <SiteGround view={view} scale={scale} />
        <g opacity={search ? 0.35 : working ? 0.5 : 1}>
          <SiteCrane view={view} scale={scale} />
          {tail && <SiteCrane view={tail} scale={scale} />}
        </g>
        {!working && <PreviewStand scale={scale} />}
      </g>
      {worst && <WorstFoot view={view} foot={worst} scale={scale} />}
      {view.profile && (
        <SiteProfile
          profile={view.profile}
          scale={worst ? { ...scale, right: scale.right - BESIDE } : scale}
        />
      )}
      <ScaleBar scale={scale} bottom={scale.bottom + 20 + (view.profile ? PROFILE_HEIGHT : 0)} />
      {!view.crane && (
        <Label x={(scale.left + scale.right) / 2} y={scale.top + 40} anchor="middle" size={17} halo>
          The crane is drawn once its place, its height and its bearing are given.
        </Label>
      )}
      {editor && (
        <SiteGrips
          view={view}
          tail={tail}
          scale={scale}
          editor={editor}
          onStand={onStand}
          onStation={onStation}
        />
      )}
      {search && (
        <SiteCells
          search={search}
          scale={scale}
          onApply={(place, words) => editor?.change(place.changes, words)}
        />
      )}
    </g>
  )
}
