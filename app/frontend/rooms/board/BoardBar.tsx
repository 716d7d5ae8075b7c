import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { BoardPage } from '../../api/client'
import { usePreferences } from '../../ui/preferences'
import { useMay } from '../../ui/who'
import { BAR_HEIGHT, figures } from '../../ui/theme/tokens'
import { Brand } from '../../shell/Brand'
import { FileButton } from '../../shell/FileDrop'
import { WhoButton } from '../../shell/WhoButton'

type Order = 'day' | 'weakest'
interface Props {
  board: BoardPage | undefined
  order: Order
  put: (order: Order) => void
  check: () => void
  start: () => void
}

const tally = ({ plans, counts, working }: BoardPage) =>
  `${plans} plans: ${counts.holds} hold, ${counts.tight}` +
  ` tight, ${counts.stop} stop, ${counts.not_known} not known` +
  (working > 0 ? `, working on ${working}` : '')

export function BoardBar({ board, order, put, check, start }: Props) {
  const { preferences, prefer } = usePreferences()
  const may = useMay()
  const plain = { color: 'inherit' }
  const tab = (which: Order, words: string) => (
    <Button
      aria-pressed={order === which}
      onClick={() => put(which)}
      sx={{
        ...plain,
        ...(order === which && {
          bgcolor: 'var(--barSelected)',
          color: 'var(--onBarSelected)',
          '&:hover': { bgcolor: 'var(--barSelected)' },
        }),
      }}
    >
      {words}
    </Button>
  )
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
      <Box component="h1" sx={{ m: 0, typography: 'heading', fontWeight: 600, pl: { xs: 0, md: 2 } }}>
        Lifts
      </Box>
      {board && (
        <Box role="status" sx={{ pl: 1.5, fontFamily: figures, typography: 'lead' }}>
          {tally(board)}
        </Box>
      )}
      <Box
        sx={{ ml: 'auto', display: 'flex', flexWrap: 'wrap', '&& > *': { px: '6px', height: BAR_HEIGHT } }}
      >
        {tab('day', 'By day')}
        {tab('weakest', 'Weakest first')}
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
