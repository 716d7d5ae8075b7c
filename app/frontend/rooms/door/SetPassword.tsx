import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState, type SubmitEvent } from 'react'
import { useParams } from 'react-router'
import { api, refusal } from '../../api/client'
import { useTitle } from '../../ui/useTitle'
import { DoorPage } from './DoorPage'
import { NewPassword } from './NewPassword'

// By a link that an admin gave: a password of one's own, once.
export function SetPassword() {
  const { link = '' } = useParams()
  const [password, setPassword] = useState('')
  const [again, setAgain] = useState('')
  const [fault, setFault] = useState('')
  const [login, setLogin] = useState('')
  const [busy, setBusy] = useState(false)
  useTitle('A password of your own')
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    if (busy) return
    setBusy(true)
    setFault('')
    api
      .useLink(link, password)
      .then(
        (done) => setLogin(done.login),
        (error: unknown) => setFault(refusal(error, 'no answer from the server')),
      )
      .finally(() => setBusy(false))
  }
  return (
    <DoorPage>
      {login ? (
        <Box>
          <Box component="h1" sx={{ typography: 'verdict', m: 0, mb: 1 }}>
            It is kept
          </Box>
          <p>
            You sign in as <strong>{login}</strong>.
          </p>
          <Button variant="contained" href="/">
            To the door
          </Button>
        </Box>
      ) : (
        <Box component="form" onSubmit={submit} sx={{ flex: '1 1 320px', maxWidth: 400 }}>
          <Box component="h1" sx={{ typography: 'verdict', m: 0, mb: 1 }}>
            A password of your own
          </Box>
          <NewPassword password={password} again={again} put={setPassword} putAgain={setAgain} />
          {fault && (
            <Box role="alert" sx={{ mb: 1.5 }}>
              {fault}.
            </Box>
          )}
          <Button
            type="submit"
            variant="contained"
            fullWidth
            disabled={busy || password === '' || password !== again}
          >
            Keep it
          </Button>
        </Box>
      )}
    </DoorPage>
  )
}
