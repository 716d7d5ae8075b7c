import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useQuery } from '@tanstack/react-query'
import { memo, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api } from '../api/client'
import { FileButton } from './FileDrop'
import { usePreferences, useShown } from '../ui/preferences'
import { RungBar } from '../ladder/RungBar'
import { BAR_HEIGHT, figures } from '../ui/theme/tokens'
import type { RiggingDialog } from '../plan/dialogs'
import type { Checked } from '../plan/useChecker'
import type { Editor, SaveState } from '../plan/usePlanEditor'

const SAVE_WORDS: Record<SaveState, string> = {
  saved: 'saved',
  changed: 'not yet saved',
  saving: 'saving',
  offline: 'not saved: no answer; kept in this browser',
  refused: 'not saved: refused; kept in this browser',
  clash: 'changed elsewhere',
}

export const Brand = () => (
  <Box
    component={Link}
    to="/"
    aria-label="Dust Ladder, to the board"
    sx={{
      display: 'flex',
      alignItems: 'center',
      gap: '12px',
      px: '16px',
      height: '100%',
      color: 'inherit',
      textDecoration: 'none',
      fontWeight: 600,
      fontSize: 18,
      whiteSpace: 'nowrap',
    }}
  >
    <svg
      width={26}
      height={34}
      viewBox="0 0 26 34"
      fill="none"
      stroke="currentColor"
      strokeWidth={2.6}
      aria-hidden
    >
      <path d="M6 1V32M20 1V32M6 7H20M6 15H20M6 23H20M0 32H10M16 32H26" />
    </svg>
    <Box component="span" sx={{ display: { xs: 'none', lg: 'inline' } }}>
      Dust Ladder
    </Box>
  </Box>
)

const RIGGING: [RiggingDialog, string][] = [
  ['proposals', 'Ways to hold it'],
  ['store', 'Pick from the store'],
  ['level', 'Make it hang level'],
  ['schools', 'Rule sets side by side'],
  ['cranes', 'Cranes side by side'],
  ['rules', 'Newer rules'],
]

export type DialogName = 'keys' | 'revisions' | 'details'
interface Props
  extends
    Pick<Editor, 'id' | 'revision' | 'state' | 'faults'>,
    Pick<Checked, 'ladder' | 'working' | 'silentSince'> {
  title: string
  site: string
  rules: string
  room: 'ladder' | 'load' | 'cab'
  change: Editor['change']
  onVerdict?: () => void
  onDialog: (name: DialogName) => void
  onRigging?: (dialog: RiggingDialog) => void
}

// Name, verdict in a sentence, rule set, units. The verdict block takes to the rung that governs.
export const TopBar = memo(function TopBar({
  id,
  title,
  site,
  rules: current,
  revision,
  state,
  faults,
  room,
  ladder,
  working,
  silentSince,
  change,
  onVerdict,
  onDialog,
  onRigging,
}: Props) {
  const { preferences, prefer } = usePreferences()
  const shown = useShown()
  const navigate = useNavigate()
  const [menu, setMenu] = useState<HTMLElement | null>(null)
  const rules = useQuery({ queryKey: ['rule_sets'], queryFn: api.ruleSets })
  const pending = working || !!ladder?.rungs.some((rung) => rung.pending)
  const stop = !pending && ladder?.verdict === 'stop'
  const verdict = pending || !ladder ? 'not_known' : ladder.verdict
  const sentence = pending
    ? 'Working'
    : ladder
      ? shown(ladder.headline)
      : silentSince
        ? `No answer since ${silentSince.toLocaleTimeString()}`
        : 'No ladder'
  const long = sentence.length > 46
  const open = (which: DialogName) => () => {
    setMenu(null)
    onDialog(which)
  }
  const ruleSet = (id: string) => {
    const chosen = rules.data?.find((set) => set.data.id === id)
    if (chosen) change({ '/rules': id, '/snapshots/rule_sets': { [id]: chosen } }, 'rule set')
  }
  const unit = (system: 'metric' | 'us', words: string) => (
    <Box
      component="button"
      type="button"
      aria-pressed={preferences.system === system}
      onClick={() => prefer({ system })}
      sx={{
        all: 'unset',
        cursor: 'pointer',
        px: '11px',
        height: '100%',
        fontFamily: figures,
        fontSize: 17,
        fontWeight: 600,
        ...(preferences.system === system && {
          bgcolor: 'var(--barSelected)',
          color: 'var(--onBarSelected)',
        }),
        '&:focus-visible': { outline: '3px solid var(--line)', outlineOffset: '-3px' },
      }}
    >
      {words}
    </Box>
  )
  return (
    <Box
      component="header"
      className="on-bar"
      sx={{
        minHeight: BAR_HEIGHT,
        flex: 'none',
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        alignItems: 'stretch',
        bgcolor: 'var(--bar)',
        color: 'var(--onBar)',
        lineHeight: 1.15,
      }}
    >
      <Box sx={{ height: BAR_HEIGHT }}>
        <Brand />
      </Box>
      <Box
        sx={{
          flex: '1 1 200px',
          minWidth: 0,
          pl: { xs: 0, lg: '70px' },
          pr: 1,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
          height: BAR_HEIGHT,
        }}
      >
        <Box
          sx={{
            fontWeight: 600,
            fontSize: 16,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
          title={title}
        >
          {title}
        </Box>
        <Box
          sx={{
            fontFamily: figures,
            fontSize: 15,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
          role="status"
        >
          {[
            site,
            `rev ${revision}`,
            SAVE_WORDS[state],
            ...faults.map((fault) => `${fault.pointer} ${fault.message}`),
          ]
            .filter(Boolean)
            .join(', ')}
        </Box>
      </Box>
      <Box
        component="button"
        type="button"
        onClick={onVerdict ?? (() => void navigate(`/plans/${id}`))}
        data-verdict={working ? 'working' : (ladder?.verdict ?? 'none')}
        title={sentence}
        sx={{
          all: 'unset',
          boxSizing: 'border-box',
          cursor: 'pointer',
          flex: { xs: '1 1 100%', sm: '0 1 436px' },
          minWidth: 0,
          order: { xs: 9, sm: 0 },
          px: '12px',
          height: BAR_HEIGHT,
          display: 'flex',
          alignItems: 'center',
          gap: '14px',
          bgcolor: stop ? 'var(--stopGround)' : 'var(--wash)',
          color: stop ? 'var(--onStop)' : 'var(--ink)',
          '&:focus-visible': { outline: '3px solid var(--mark)', outlineOffset: '-4px' },
        }}
      >
        <Box sx={{ flex: 'none', ...(stop && { '--stop': 'var(--onStop)', '--ink': 'var(--onStop)' }) }}>
          <RungBar
            verdict={verdict}
            share={ladder?.rungs.find((rung) => rung.id === ladder.governs[0])?.utilisation?.value ?? null}
            width={44}
            height={15}
            stiles
            plain
          />
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box
            sx={{
              fontWeight: 600,
              fontSize: long ? 16 : 18,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              ...(long
                ? { display: '-webkit-box', WebkitLineClamp: 2, WebkitBoxOrient: 'vertical' }
                : { whiteSpace: 'nowrap' }),
            }}
            data-headline
          >
            {sentence}
          </Box>
          <Box
            sx={{
              display: long ? 'none' : 'block',
              fontFamily: figures,
              fontSize: 15,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
            }}
          >
            {pending || !ladder ? '' : ladder.then}
          </Box>
        </Box>
      </Box>
      <Box sx={{ display: 'flex', height: BAR_HEIGHT, flex: 'none' }}>
        <Box
          component="label"
          sx={{
            display: { xs: 'none', sm: 'flex' },
            flexDirection: 'column',
            justifyContent: 'center',
            px: '10px',
            borderRight: '1px solid var(--line)',
            fontFamily: figures,
            fontSize: 15,
          }}
        >
          rules
          <Box
            component="select"
            value={current}
            onChange={(event) => ruleSet((event.target as HTMLSelectElement).value)}
            sx={{
              all: 'unset',
              cursor: 'pointer',
              fontWeight: 600,
              '& option': { color: 'var(--ink)', background: 'var(--chalk)' },
              '&:focus-visible': { outline: '2px solid var(--onBar)' },
            }}
          >
            {[...new Set([current, ...(rules.data ?? []).map((set) => set.data.id)])].map((id) => (
              <option key={id} value={id}>
                {id}
              </option>
            ))}
          </Box>
        </Box>
        {unit('metric', 'kg m')}
        {unit('us', 'lb ft')}
        <Button
          onClick={(event) => setMenu(event.currentTarget)}
          aria-haspopup="menu"
          sx={{ color: 'inherit', minWidth: 64 }}
        >
          More
        </Button>
      </Box>
      <Menu anchorEl={menu} open={!!menu} onClose={() => setMenu(null)}>
        <MenuItem component={Link} to="/">
          To the board
        </MenuItem>
        {room === 'ladder' ? (
          <MenuItem component={Link} to={`/plans/${id}/load`} onClick={() => setMenu(null)}>
            The load: take-off and centre of gravity
          </MenuItem>
        ) : (
          <MenuItem component={Link} to={`/plans/${id}`} onClick={() => setMenu(null)}>
            To the ladder
          </MenuItem>
        )}
        {onRigging &&
          RIGGING.map(([which, words]) => (
            <MenuItem
              key={which}
              onClick={() => {
                setMenu(null)
                onRigging(which)
              }}
            >
              {words}
            </MenuItem>
          ))}
        <MenuItem component={Link} to={`/plans/${id}/cab`} onClick={() => setMenu(null)}>
          Play it in the cab
        </MenuItem>
        <MenuItem component={Link} to="/cranes" onClick={() => setMenu(null)}>
          Cranes and charts
        </MenuItem>
        <MenuItem component={Link} to="/store" onClick={() => setMenu(null)}>
          The gear store
        </MenuItem>
        <MenuItem component={Link} to={`/plans/${id}/working`} onClick={() => setMenu(null)}>
          All working, to print
        </MenuItem>
        <MenuItem onClick={open('details')}>Title, site and time</MenuItem>
        <MenuItem
          component="a"
          href={api.fileAddress(id)}
          disabled={state !== 'saved'}
          onClick={() => setMenu(null)}
        >
          Save as a plan file
        </MenuItem>
        <FileButton menu onDone={() => setMenu(null)} />
        <MenuItem onClick={open('revisions')}>Revisions kept</MenuItem>
        <MenuItem onClick={() => prefer({ night: !preferences.night })}>
          {preferences.night ? 'Day' : 'Night'}
        </MenuItem>
        <MenuItem onClick={open('keys')}>Keys</MenuItem>
      </Menu>
    </Box>
  )
})
