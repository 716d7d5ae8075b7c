import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api } from '../../api/client'
import { refusal } from '../../api/wire'
import { RoomBar } from '../../shell/RoomBar'
import { Reading } from '../../ui/Reading'
import { useMay } from '../../ui/who'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { useTitle } from '../../ui/useTitle'
import { blankSite, handleOf } from './features'
import { SiteEditor } from './SiteEditor'

// A new site begins with its name alone.
function NewSite() {
  const [title, setTitle] = useState('')
  const [fault, setFault] = useState<string | null>(null)
  const navigate = useNavigate()
  const queries = useQueryClient()
  const begin = async () => {
    try {
      const site = await api.enterSite(blankSite(handleOf(title), title.trim()))
      void queries.invalidateQueries({ queryKey: ['sites'] })
      void navigate(`/sites/${site.id}`)
    } catch (error) {
      setFault(refusal(error))
    }
  }
  return (
    <Box
      component="form"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: '8px', maxWidth: 560, my: 2 }}
      onSubmit={(event) => {
        event.preventDefault()
        if (handleOf(title)) void begin()
      }}
    >
      <TextField
        variant="filled"
        label="Name of a new site"
        value={title}
        sx={{ flex: '1 1 260px' }}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 120 } }}
        error={!!fault}
        helperText={fault ?? ' '}
        onChange={(event) => setTitle(event.target.value)}
      />
      <Button type="submit" variant="outlined" disabled={!handleOf(title)} sx={{ height: 52 }}>
        Begin it
      </Button>
    </Box>
  )
}

function Library() {
  const may = useMay()
  const sites = useQuery({ queryKey: ['sites'], queryFn: api.sites, refetchOnMount: 'always' })
  useTitle('Sites')
  return (
    <Box component="main" sx={{ p: { xs: '12px', md: '18px 24px' }, bgcolor: 'var(--bone)', flex: 1 }}>
      <Reading query={sites} what="sites" pad={{ py: 3 }} />
      {sites.data?.length === 0 && (
        <Box sx={{ py: 3, typography: 'heading' }}>
          No site is drawn yet. Ground, power lines and obstacles are answered by word until then.
        </Box>
      )}
      {sites.data?.map((site) => (
        <Box key={site.id} sx={{ py: '10px', borderBottom: '1px solid var(--line)' }}>
          <Link to={`/sites/${site.id}`}>{site.title}</Link>
          <div className="small">{`version ${site.version}, ${site.features} things drawn on it`}</div>
        </Box>
      ))}
      {may('planner', 'appointed') && <NewSite />}
      <Box sx={{ color: 'var(--ink2)', maxWidth: 620 }}>
        What is drawn is what somebody saw, on a day. Local codes, the line&apos;s operator and whoever tested
        the ground come first.
      </Box>
    </Box>
  )
}

function One({ id }: { id: number }) {
  const site = useQuery({ queryKey: ['site', id], queryFn: () => api.site(id), retry: false, staleTime: 0 })
  useTitle(site.data?.title ?? 'Site')
  return (
    <>
      <Reading query={site} what="site" pad={{ p: 3 }} />
      {site.data && <SiteEditor key={site.data.id} site={site.data} />}
    </>
  )
}

// The library of sites, and one of them to draw.
export function SitesRoom() {
  const { id } = useParams()
  return (
    <Box
      sx={{
        height: { md: id ? '100dvh' : 'auto' },
        minHeight: '100dvh',
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <RoomBar title="Sites" aside={undefined}>
        {id && (
          <Button component={Link} to="/sites" sx={{ color: 'inherit', height: BAR_HEIGHT }}>
            All sites
          </Button>
        )}
      </RoomBar>
      {id ? <One id={Number(id)} /> : <Library />}
    </Box>
  )
}
