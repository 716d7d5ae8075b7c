import { PasswordField } from '../../ui/PasswordField'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, refusal } from '../../api/client'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { signOut } from '../../shell/WhoButton'
import { Heading } from '../../ui/Row'
import { useWho } from '../../ui/who'
import { useTitle } from '../../ui/useTitle'
import { NewPassword } from './NewPassword'
import { Scripts } from './Scripts'

// Another password: whatever else is open of one's own ends with it.
function OwnPassword() {
  const [old, setOld] = useState('')
  const [password, setPassword] = useState('')
  const [again, setAgain] = useState('')
  const [fault, setFault] = useState('')
  const keep = () =>
    api
      .setPassword(old, password)
      // The page is of the session before.
      .then(() => window.location.reload())
      .catch((error: unknown) => setFault(refusal(error, 'no answer from the server')))
  return (
    <Box component="section" sx={{ maxWidth: 420 }}>
      <Heading>Another password</Heading>
      <PasswordField label="The password as it is" value={old} put={setOld} />
      <NewPassword password={password} again={again} put={setPassword} putAgain={setAgain} />
      {fault && <Box role="alert">{fault}.</Box>}
      <Button
        variant="contained"
        disabled={old === '' || password === '' || password !== again}
        onClick={() => void keep()}
      >
        Keep the new one
      </Button>
    </Box>
  )
}

// What is one's own: password, what is open, and the names of one's scripts.
export function Account() {
  const { who } = useWho()
  useTitle('My account')
  return (
    <>
      <RoomBar title="My account" aside={who ? `${who.name}: ${who.roles.join(', ') || 'no role'}` : ''}>
        <Button onClick={() => void signOut(true)} sx={{ color: 'inherit' }}>
          Sign out everywhere
        </Button>
      </RoomBar>
      <RoomMain>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '420px 1fr' }, gap: 4 }}>
          <OwnPassword />
          <Scripts />
        </Box>
        <p>
          <Link to="/licences">What it is made of, and its licences</Link>
        </p>
      </RoomMain>
    </>
  )
}
