import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link, useSearchParams } from 'react-router'
import type { ReactNode } from 'react'
import { usePreferences } from '../../ui/preferences'
import { useMay } from '../../ui/who'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { Brand } from '../../shell/Brand'
import { FileButton } from '../../shell/FileDrop'
import { WhoButton } from '../../shell/WhoButton'

interface Props {
  at: View
  check: () => void
  start: () => void
  children: ReactNode
}

const TABS = [
  ['days', 'Days'],
  ['all', 'All plans'],
  ['weakest', 'Weakest first'],
] as const
type View = (typeof TABS)[number][0]

// Where a view is; what is looked for in the lists stays from one to the other.
function addressOf(view: View, at: View, asked: URLSearchParams) {
  if (view === 'days') return '/'
  const next = new URLSearchParams(at === 'days' ? '' : asked)
  next.delete('order')
  next.delete('page')
  if (view === 'weakest') next.set('order', 'weakest')
  return next.size > 0 ? `/all?${next}` : '/all'
}

// The bar over the board: its three views, the other rooms, and what is begun from here.
export function BoardBar({ at, check, start, children }: Props) {
  const { preferences, prefer } = usePreferences()
  const may = useMay()
  const [asked] = useSearchParams()
  const plain = { color: 'inherit' }
  const chosen = {
    bgcolor: 'var(--barSelected)',
    color: 'var(--onBarSelected)',
    '&:hover': { bgcolor: 'var(--barSelected)' },
  }
  return (
    <Box
      component="header"
      className="on-bar"
      sx={{
        minHeight: BAR_HEIGHT,
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        bgcolor: 'var(--bar)',
        color: 'var(--onBar)',
        position: { md: 'sticky' },
        top: 0,
        zIndex: 10,
      }}
    >
      <Box sx={{ height: BAR_HEIGHT }}>
        <Brand />
      </Box>
      {children}
      <Box
        sx={{ ml: 'auto', display: 'flex', flexWrap: 'wrap', '&& > *': { px: '6px', height: BAR_HEIGHT } }}
      >
        {TABS.map(([which, words]) => (
          <Button
            key={which}
            component={Link}
            to={addressOf(which, at, asked)}
            aria-current={at === which ? 'page' : undefined}
            sx={{ ...plain, ...(at === which && chosen) }}
          >
            {words}
          </Button>
        ))}
        <Button component={Link} to="/today" sx={plain}>
          On site
        </Button>
        {may('planner') && <FileButton />}
        <Button component={Link} to="/cranes" sx={plain}>
          Cranes
        </Button>
        <Button component={Link} to="/sites" sx={plain}>
          Sites
        </Button>
        <Button component={Link} to="/store" sx={plain}>
          Gear store
        </Button>
        <WhoButton />
        <Button onClick={() => prefer({ night: !preferences.night })} sx={plain}>
          {preferences.night ? 'Day' : 'Night'}
        </Button>
        <Button onClick={check} sx={plain}>
          Quick check
        </Button>
        {may('planner') && (
          <Button variant="contained" onClick={start} sx={{ px: 3 }}>
            New lift
          </Button>
        )}
      </Box>
    </Box>
  )
}
