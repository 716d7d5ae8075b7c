import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { api, type PersonLine } from '../../api/client'
import { AskFirst } from '../../ui/AskFirst'
import { Heading } from '../../ui/Row'
import { when } from '../../ui/when'

interface Props {
  person: PersonLine
  active: boolean
  setActive: (active: boolean) => void
  asked: (act: () => Promise<void>) => Promise<void>
}

// How somebody comes in: by a link to a password of their own, once; and how they are put out.
export function Access({ person, active, setActive, asked }: Props) {
  const [link, setLink] = useState<{ address: string; until: string } | null>(null)
  const [ended, setEnded] = useState(false)
  const give = () =>
    asked(async () => {
      const { path, until } = await api.giveLink(person.id)
      setLink({ address: window.location.origin + path, until })
    })
  const end = () =>
    asked(async () => {
      await api.endSessions(person.id)
      setEnded(true)
    })
  return (
    <>
      <Heading aside="there is no mail: you hand it over yourself">How they come in</Heading>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Button variant="outlined" onClick={() => void give()}>
          Give a link to a password
        </Button>
        <AskFirst
          words="Sign them out everywhere"
          label={`Sign ${person.name} out everywhere`}
          sure="Sign out, scripts too"
          act={() => void end()}
        />
        {ended && <span role="status">Signed out everywhere; their scripts are nobody now.</span>}
      </Box>
      {link && (
        <TextField
          variant="filled"
          fullWidth
          label="The link, once, for them alone"
          value={link.address}
          helperText={`until ${when(link.until)}, or until they have set a password; not shown again`}
          slotProps={{ htmlInput: { readOnly: true } }}
          onFocus={(event) => (event.target as HTMLInputElement).select()}
          sx={{ mt: 1 }}
        />
      )}
      <FormControlLabel
        sx={{ display: 'flex', minHeight: 44, mt: 1 }}
        control={<Checkbox checked={!active} onChange={(event) => setActive(!event.target.checked)} />}
        label="Closed: signs in no more, and is in no crew. What they did keeps their name."
      />
    </>
  )
}
