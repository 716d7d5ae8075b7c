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
  return (
    <Menu anchorEl={menu} open={!!menu} onClose={close}>
      <MenuItem component={Link} to="/">
        To the board
      </MenuItem>
      {room === 'ladder' ? (
        <MenuItem component={Link} to={`/plans/${id}/load`} onClick={close}>
          The load: take-off and centre of gravity
        </MenuItem>
      ) : (
        <MenuItem component={Link} to={`/plans/${id}`} onClick={close}>
          To the ladder
        </MenuItem>
      )}
      {onRigging &&
        MENU_DIALOGS.map(([which, words]) => (
          <MenuItem key={which} onClick={then(() => onRigging(which))}>
            {words}
          </MenuItem>
        ))}
      <MenuItem component={Link} to={`/plans/${id}/life`} onClick={close}>
        Its life: signatures, issue, records
      </MenuItem>
      <MenuItem component={Link} to={`/plans/${id}/day`} onClick={close}>
        Its lift day
      </MenuItem>
      <MenuItem component={Link} to={`/plans/${id}/find`} onClick={close}>
        Find a lift that holds
      </MenuItem>
      <MenuItem component={Link} to={`/plans/${id}/what-if`} onClick={close}>
        What if: how far may it go
      </MenuItem>
      <MenuItem component={Link} to={`/plans/${id}/crew`} onClick={close}>
        Ask the crew
      </MenuItem>
      <MenuItem component={Link} to={`/plans/${id}/cab`} onClick={close}>
        Play it in the cab
      </MenuItem>
      <MenuItem component={Link} to="/cranes" onClick={close}>
        Cranes and charts
      </MenuItem>
      <MenuItem component={Link} to="/sites" onClick={close}>
        Sites
      </MenuItem>
      <MenuItem component={Link} to="/practice" onClick={close}>
        Practice
      </MenuItem>
      <MenuItem component={Link} to="/store" onClick={close}>
        The gear store
      </MenuItem>
      <MenuItem component={Link} to={`/plans/${id}/working`} onClick={close}>
        All working, to print
      </MenuItem>
      <MenuItem onClick={then(() => onDialog('details'))}>Title, site and time</MenuItem>
      <MenuItem component="a" href={api.fileAddress(id)} disabled={state !== 'saved'} onClick={close}>
        Save as a plan file
      </MenuItem>
      <FileButton menu onDone={close} />
      <MenuItem component={Link} to={`/plans/${id}/history`} onClick={close}>
        Its history: who changed what
      </MenuItem>
      <MenuItem onClick={() => prefer({ night: !preferences.night })}>
        {preferences.night ? 'Day' : 'Night'}
      </MenuItem>
      <MenuItem onClick={then(() => onDialog('keys'))}>Keys</MenuItem>
      {who && <MenuItem onClick={() => void signOut()}>Sign out, {who.name}</MenuItem>}
    </Menu>
  )
})
