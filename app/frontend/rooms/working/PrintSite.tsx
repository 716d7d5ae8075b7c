import { siteScale, siteSeen } from '../../drawing/scale/siteScale'
import { SiteSheet } from '../../drawing/site/SiteSheet'
import type { Editor } from '../../plan/usePlanEditor'

const SIZE = { width: 860, height: 620 }
const FRAME = { left: 0, right: SIZE.width, top: 4, bottom: SIZE.height - 120 }
const NOTHING = () => {}

// The site with the crane on it, to scale, at the head of the working; nothing where the plan has none.
export function PrintSite({ editor }: { editor: Editor }) {
  const site = editor.checked.ladder?.site
  if (!site) return null
  const tail = editor.checked.ladder?.site_tail ?? null
  return (
    <svg
      className="print-drawing"
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label={`The crane on ${site.title}, to scale, north up`}
    >
      <g aria-hidden>
        <SiteSheet
          tail={tail}
          view={site}
          scale={siteScale(
            site,
            FRAME,
            [site, tail].flatMap((one) => (one ? siteSeen(one) : [])),
          )}
          editor={null}
          working={false}
          onStand={NOTHING}
          onStation={NOTHING}
          search={null}
        />
      </g>
    </svg>
  )
}
