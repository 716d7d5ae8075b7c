import Divider from '@mui/material/Divider'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { memo } from 'react'
import { Link } from 'react-router'
import { api } from '../api/client'
import { MENU_DIALOGS, type RiggingDialog } from '../plan/dialogs'
import type { SaveState } from '../plan/usePlanEditor'
import { usePreferences } from '../ui/preferences'
import { useWho } from '../ui/who'
import { FileButton } from './FileDrop'
import { signOut } from './WhoButton'

export type DialogName = 'keys' | 'details'
export type PlanRoom = 'ladder' | 'load' | 'cab' | 'life' | 'history' | 'what-if' | 'find' | 'crew'

// Where else one may go from a plan, and what may be done with the whole of it.
export const PlanMenu = memo(function PlanMenu({
  menu,
  close,
  id,
  room,
  state,
  onDialog,
  onRigging,
}: {
  menu: HTMLElement | null
  close: () => void
  id: number
  room: PlanRoom
  state: SaveState
  onDialog: (name: DialogName) => void
  onRigging?: (dialog: RiggingDialog) => void
}) {
  const { preferences, prefer } = usePreferences()
  const { who } = useWho()
  const then = (act: () => void) => () => {
    close()
    act()
  }
  const to = (address: string, words: string) => (
    <MenuItem key={address} component={Link} to={address} onClick={close}>
      {words}
    </MenuItem>
  )
  const place = `/plans/${id}`
  return (
    <Menu anchorEl={menu} open={!!menu} onClose={close}>
      {room === 'ladder'
        ? to(`${place}/load`, 'The load: take-off and centre of gravity')
        : to(place, 'To the ladder')}
      {onRigging &&
        MENU_DIALOGS.map(([which, words]) => (
          <MenuItem key={which} onClick={then(() => onRigging(which))}>
            {words}
          </MenuItem>
        ))}
      {to(`${place}/find`, 'Find a lift that holds')}
      {to(`${place}/what-if`, 'What if: how far may it go')}
      <Apart />
      {to(`${place}/life`, 'Its life: signatures, issue, records')}
      {to(`${place}/day`, 'Its lift day')}
      {to(`${place}/crew`, 'Ask the crew')}
      {to(`${place}/cab`, 'Play it in the cab')}
      {to(`${place}/history`, 'Its history: who changed what')}
      <Apart />
      <MenuItem onClick={then(() => onDialog('details'))}>Title, site and time</MenuItem>
      {to(`${place}/working`, 'All working, to print')}
      <MenuItem component="a" href={api.fileAddress(id)} disabled={state !== 'saved'} onClick={close}>
        Save as a plan file
      </MenuItem>
      <FileButton menu onDone={close} />
      <Apart />
      {to('/', 'To the board')}
      {to('/cranes', 'Cranes and charts')}
      {to('/sites', 'Sites')}
      {to('/store', 'The gear store')}
      {to('/practice', 'Practice')}
      <Apart />
      <MenuItem onClick={() => prefer({ night: !preferences.night })}>
        {preferences.night ? 'Day' : 'Night'}
      </MenuItem>
      <MenuItem onClick={then(() => onDialog('keys'))}>Keys</MenuItem>
      {who && <MenuItem onClick={() => void signOut()}>Sign out, {who.name}</MenuItem>}
    </Menu>
  )
})

// Between what belongs to the plan, to its day, to paper, to the house and to whoever sits here.
const Apart = () => <Divider component="li" sx={{ my: '4px !important' }} />
