import { PasswordField } from '../../ui/PasswordField'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useState, type SubmitEvent } from 'react'
import { api, refusal } from '../../api/client'
import { MAY, useWho } from '../../ui/who'
import { useTitle } from '../../ui/useTitle'
import { DoorPage } from './DoorPage'

// What was signed in is known to the page as a whole: it is read again.
const enter = () => window.location.reload()

// Where somebody is picked instead: a demo's made-up people, with what each may do.
function Pick({ onFault }: { onFault: (words: string) => void }) {
  const { pick } = useWho()
  // The page may be older than its session: the list is asked for then.
  const asked = useQuery({ queryKey: ['session'], queryFn: api.session, enabled: pick.length === 0 })
  const people = pick.length > 0 ? pick : (asked.data?.pick ?? [])
  if (people.length === 0) return null
  const be = (id: number) =>
    api.signIn({ pick: id }).then(enter, (error: unknown) => onFault(refusal(error, 'nobody came in')))
  return (
    <Box component="section" aria-labelledby="pick" sx={{ flex: '1 1 420px' }}>
      <Box component="h2" id="pick" sx={{ typography: 'heading', m: 0, mb: 0.5 }}>
        Be one of the demo’s people
      </Box>
      <Box sx={{ mb: 1.5 }}>All of them are made up, and only a demo lets you pick.</Box>
      {people.map((one) => (
        <Button
          key={one.id}
          fullWidth
          variant="outlined"
          onClick={() => void be(one.id)}
          sx={{ mb: 1, justifyContent: 'flex-start', textAlign: 'left', py: 1, bgcolor: 'var(--chalk)' }}
        >
          <span>
            <Box component="strong" sx={{ display: 'block' }}>
              {one.name}, {one.roles.join(', ')}
            </Box>
            <Box component="span" sx={{ color: 'var(--ink)', fontWeight: 400 }}>
              {one.roles.map((role) => MAY[role]).join('; ')}
            </Box>
          </span>
        </Button>
      ))}
    </Box>
  )
}

// The door: name and password, or in a demo one of its people.
export function SignIn() {
  const { gone } = useWho()
  const [login, setLogin] = useState('')
  const [password, setPassword] = useState('')
  const [fault, setFault] = useState('')
  const [busy, setBusy] = useState(false)
  useTitle('Sign in')
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    if (busy) return
    setBusy(true)
    api
      .signIn({ login, password })
      .then(enter, (error: unknown) => setFault(refusal(error, 'no answer from the server')))
      .finally(() => setBusy(false))
  }
  return (
    <DoorPage>
      <Box component="form" onSubmit={submit} sx={{ flex: '1 1 320px', maxWidth: 400 }}>
        <Box component="h1" sx={{ typography: 'verdict', m: 0, mb: 0.5 }}>
          Sign in
        </Box>
        <Box sx={{ mb: 2 }}>
          {gone
            ? 'You were signed out. What you typed is kept on this device, and goes on when you are back.'
            : 'By the name and password that the people’s admin gave you.'}
        </Box>
        <TextField
          fullWidth
          variant="filled"
          label="Name to sign in with"
          value={login}
          autoComplete="username"
          autoFocus
          onChange={(event) => setLogin(event.target.value)}
          sx={{ mb: 1.5 }}
        />
        <PasswordField label="Password" value={password} put={setPassword} error={fault !== ''} />
        {fault && (
          <Box role="alert" sx={{ mb: 1.5 }}>
            {fault}.
          </Box>
        )}
        <Button type="submit" variant="contained" fullWidth disabled={busy}>
          Sign in
        </Button>
      </Box>
      <Pick onFault={setFault} />
    </DoorPage>
  )
}
