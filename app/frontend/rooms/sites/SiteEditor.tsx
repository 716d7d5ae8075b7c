import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useTheme } from '@mui/material/styles'
import { useState } from 'react'
import { Link } from 'react-router'
import type { WholeSite, SiteReading } from '../../api/client'
import type { Feature, Site } from '../../api/plan.generated'
import { middleOf } from '../../drawing/scale/siteScale'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading } from '../../ui/Row'
import { useSize } from '../../ui/useSize'
import { FeatureFields } from './FeatureFields'
import { BOUNDARY, SiteMap } from './SiteMap'
import { ReadFile } from './ReadFile'
import { SiteImport } from './SiteImport'
import { SiteWhole } from './SiteWhole'
import { fresh, KIND_CHOICES, KINDS, type Kind } from './features'
import { useSite, type Drawn } from './useSite'

// What a file brought, put into a site: one of the same name takes the place of the one that is here.
export const withRead = (site: Site, { boundary, features, whole }: SiteReading): Site => {
  const brought = features as Feature[]
  const names = brought.map((feature) => feature.name)
  const said = whole as Partial<Site>
  return {
    ...site,
    peg: site.peg || said.peg || '',
    looked: Object.keys(site.looked).length > 0 ? site.looked : (said.looked ?? {}),
    boundary_m: boundary ?? site.boundary_m,
    features: [...site.features.filter((feature) => !names.includes(feature.name)), ...brought],
  }
}

// Somebody else kept another one: nothing of either is lost before it was looked at.
function Overtaken({ drawn }: { drawn: Drawn }) {
  const { now } = drawn
  if (!now) return null
  return (
    <div role="alert">
      <p>{`Version ${now.version} was kept meanwhile. What is drawn here is still here.`}</p>
      <Button variant="outlined" onClick={() => void drawn.keep(now.lock_version)}>
        Keep this over it
      </Button>
      <Button variant="outlined" onClick={() => drawn.take(now)}>
        {`Go on with version ${now.version}`}
      </Button>
    </div>
  )
}

function Choosing({
  drawn,
  chosen,
  choose,
}: {
  drawn: Drawn
  chosen: number | null
  choose: (at: number | null) => void
}) {
  const { data, change } = drawn
  const add = (kind: Kind) => {
    const names = data.features.map((feature) => feature.name)
    change((before) => ({
      ...before,
      features: [...before.features, fresh(kind, middleOf(before.boundary_m), names)],
    }))
    choose(data.features.length)
  }
  return (
    <>
      <ChoiceField
        id="site-chosen"
        label="Shown below"
        value={chosen === null ? '' : String(chosen)}
        choices={[
          ['', 'the site itself'],
          [String(BOUNDARY), 'the boundary'],
          ...data.features.map((feature, at): [string, string] => [
            String(at),
            `${feature.name}, ${KINDS[feature.kind].words.toLowerCase()}`,
          ]),
        ]}
        onChoose={(text) => choose(text === '' ? null : Number(text))}
      />
      <ChoiceField
        id="site-add"
        label="Draw another"
        value=""
        choices={[['', 'choose what'], ...KIND_CHOICES]}
        onChoose={(kind) => kind && add(kind as Kind)}
      />
    </>
  )
}

const LEAST_HEIGHT = 360

// One site: drawn to scale on the left, in figures on the right.
export function SiteEditor({ site }: { site: WholeSite }) {
  const drawn = useSite(site)
  const [chosen, setChosen] = useState<number | null>(null)
  const [file, setFile] = useState<File | null>(null)
  const [near, setNear] = useState(false)
  const [ref, size] = useSize({ width: 820, height: 700 })
  const beside = useMediaQuery(useTheme().breakpoints.up('md'))
  // Above its fields the map takes no more than its own shape wants.
  const height = Math.max(LEAST_HEIGHT, beside ? size.height : Math.min(size.width, 640))
  const there = chosen !== null && chosen !== BOUNDARY && !drawn.data.features[chosen] ? null : chosen
  return (
    <Box sx={{ display: 'flex', flexDirection: { xs: 'column', md: 'row' }, flex: 1, minHeight: 0 }}>
      <Box
        ref={ref}
        sx={{ flex: { xs: 'none', md: 1 }, minWidth: 0, overflow: 'hidden', bgcolor: 'var(--bone)' }}
      >
        <SiteMap
          drawn={drawn}
          chosen={there}
          choose={setChosen}
          near={near}
          width={size.width}
          height={height}
        />
      </Box>
      <Box
        component="section"
        aria-label="the site in figures"
        sx={{
          width: { md: 380 },
          overflowY: { md: 'auto' },
          maxHeight: { md: '100%' },
          p: '14px 18px',
          bgcolor: 'var(--chalk)',
          borderLeft: { md: '2.5px solid var(--ink)' },
          display: 'grid',
          gap: '10px',
          alignContent: 'start',
        }}
      >
        {drawn.restored && <div className="small">What was drawn here before and not kept is back.</div>}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px' }}>
          <Button
            variant="contained"
            disabled={!drawn.changed || drawn.keeping}
            onClick={() => void drawn.keep()}
          >
            {`Keep as version ${site.version + 1}`}
          </Button>
          <Button variant="outlined" disabled={!drawn.undo} onClick={() => drawn.undo?.()}>
            Undo
          </Button>
          <Button variant="outlined" disabled={!drawn.redo} onClick={() => drawn.redo?.()}>
            Redo
          </Button>
          <Button
            variant="outlined"
            aria-pressed={near}
            disabled={there === null}
            onClick={() => setNear(!near)}
          >
            {near ? 'All of it' : 'Nearer'}
          </Button>
          <Button variant="outlined" href={`/api/sites/${site.id}/file`}>
            GeoJSON
          </Button>
          <ReadFile words="Read GeoJSON" accept=".geojson,.json" onFile={setFile} />
        </Box>
        {drawn.fault && (
          <div role="alert" className="small">
            {drawn.fault}
          </div>
        )}
        <Overtaken drawn={drawn} />
        <Choosing drawn={drawn} chosen={there} choose={setChosen} />
        {there === null ? (
          <SiteWhole drawn={drawn} />
        ) : (
          <FeatureFields key={there} drawn={drawn} chosen={there} onGone={() => setChosen(null)} />
        )}
        <Heading aside={`${site.plans.length}`}>Plans that stand on it</Heading>
        {site.plans.map((plan) => (
          <Link key={plan.id} to={`/plans/${plan.id}`}>
            {plan.title}
          </Link>
        ))}
      </Box>
      {file && (
        <SiteImport
          file={file}
          names={drawn.data.features.map((feature) => feature.name)}
          onClose={() => setFile(null)}
          onTake={(reading) => {
            drawn.change((before) => withRead(before, reading))
            setFile(null)
          }}
        />
      )}
    </Box>
  )
}
