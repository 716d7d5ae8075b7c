import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal, type ScriptName } from '../../api/client'
import { AskFirst } from '../../ui/AskFirst'
import { Reading } from '../../ui/Reading'
import { Heading } from '../../ui/Row'
import { when } from '../../ui/when'
import '../../ui/tables.css'

// The names by which one's own scripts ask; the text of one is shown once.
export function Scripts() {
  const scripts = useQuery({ queryKey: ['scripts'], queryFn: api.scripts, refetchOnMount: 'always' })
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  const [made, setMade] = useState<ScriptName | null>(null)
  const [fault, setFault] = useState('')
  const then = (asked: Promise<ScriptName | null>) =>
    asked
      .then((one) => {
        setFault('')
        setMade(one)
        setName('')
        setPassword('')
        return scripts.refetch()
      })
      .catch((error: unknown) => setFault(refusal(error, 'no answer from the server')))
  return (
    <Box component="section">
      <Heading aside="each may do what you may, but sign nothing">Scripts that ask in your name</Heading>
      <Reading query={scripts} what="scripts" pad={{ py: 1 }} />
      {scripts.data?.length === 0 && <p>None.</p>}
      {(scripts.data?.length ?? 0) > 0 && (
        <table className="grid">
          <tbody>
            {scripts.data!.map((one) => (
              <tr key={one.id}>
                <td>
                  <strong>{one.name}</strong>
                </td>
                <td>since {when(one.created_at)}</td>
                <td>{one.used_at ? `asked last ${when(one.used_at)}` : 'has not asked yet'}</td>
                <td>
                  <AskFirst
                    words="Take away"
                    label={`Take ${one.name} away`}
                    sure="Take it away"
                    act={() => void then(api.removeScript(one.id))}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {made?.text && (
        <TextField
          variant="filled"
          fullWidth
          label={`What ${made.name} sends, shown this once`}
          value={made.text}
          helperText="as the header “Authorization: Bearer …”; whoever has it asks in your name"
          slotProps={{ htmlInput: { readOnly: true } }}
          sx={{ mt: 1 }}
        />
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 2, alignItems: 'start' }}>
        <TextField
          variant="filled"
          label="What it is for"
          value={name}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          onChange={(event) => setName(event.target.value)}
        />
        <TextField
          variant="filled"
          type="password"
          label="Your password"
          value={password}
          autoComplete="current-password"
          onChange={(event) => setPassword(event.target.value)}
        />
        <Button
          variant="outlined"
          disabled={name.trim() === ''}
          onClick={() => void then(api.addScript(name, password))}
        >
          Name a script
        </Button>
      </Box>
      {fault && <Box role="alert">{fault}.</Box>}
    </Box>
  )
}
