import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../api/client'
import { useWho } from '../ui/who'

const initials = (name: string) =>
  name
    .split(/\s+/)
    .map((word) => word[0] ?? '')
    .join('')
    .slice(0, 3)

// The page that is kept for when there is no network tells who was signed in.
const forgetPage = async () => {
  if ('caches' in window) await caches.delete('page')
}

export const signOut = (everywhere = false) =>
  api
    .signOut(everywhere)
    .finally(forgetPage)
    .finally(() => window.location.assign('/'))

// Who is signed in, by initials; what they are, and the way out.
export function WhoButton() {
  const { who } = useWho()
  const [at, setAt] = useState<HTMLElement | null>(null)
  if (!who) return null
  return (
    <>
      <Button
        aria-label={`${initials(who.name)}, signed in: ${who.name}`}
        aria-haspopup="menu"
        onClick={(event) => setAt(event.currentTarget)}
        sx={{ color: 'inherit', minWidth: 44 }}
      >
        {initials(who.name)}
      </Button>
      <Menu anchorEl={at} open={at !== null} onClose={() => setAt(null)}>
        <MenuItem disabled>{`${who.name}: ${who.roles.join(', ') || 'no role'}`}</MenuItem>
        <MenuItem component={Link} to="/account" onClick={() => setAt(null)}>
          My account
        </MenuItem>
        <MenuItem component={Link} to="/practice" onClick={() => setAt(null)}>
          Practice
        </MenuItem>
        <MenuItem component={Link} to="/people" onClick={() => setAt(null)}>
          People
        </MenuItem>
        <MenuItem component={Link} to="/rules" onClick={() => setAt(null)}>
          Rules
        </MenuItem>
        <MenuItem onClick={() => void signOut()}>Sign out</MenuItem>
      </Menu>
    </>
  )
}
