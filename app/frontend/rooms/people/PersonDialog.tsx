import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import FormControlLabel from '@mui/material/FormControlLabel'
import TextField from '@mui/material/TextField'
import { type PersonLine } from '../../api/client'
import { Heading } from '../../ui/Row'
import { MAY, ROLES } from '../../ui/who'
import { Access } from './Access'
import { Competences } from './Competences'
import { usePerson } from './usePerson'

interface Props {
  person: PersonLine | null
  onClose: () => void
  // next: who is shown after it, or nobody.
  onDone: (next: PersonLine | null) => void
}

// Somebody as their admin writes them.
export function PersonDialog({ person, onClose, onDone }: Props) {
  const { login, setLogin, written, set, faults, faultAt, busy, save, asked } = usePerson(person, onDone)
  const placed = /^\/(login|name|competences\/)/
  const rest = faults.filter(({ pointer }) => !placed.test(pointer))
  const role = (one: (typeof ROLES)[number], on: boolean) =>
    set({ roles: on ? [...written.roles, one] : written.roles.filter((old) => old !== one) })
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="person-title">
      <DialogTitle id="person-title" sx={{ overflowWrap: 'anywhere' }}>
        {person ? person.name : 'Somebody new'}
      </DialogTitle>
      <DialogContent>
        {rest.length > 0 && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {rest.map(({ words }) => words).join('; ')}
          </Box>
        )}
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 1.5 }}>
          <TextField
            variant="filled"
            label="Name to sign in with"
            value={login}
            disabled={!!person}
            error={!!faultAt('/login')}
            helperText={faultAt('/login') ?? (person ? 'stays: plans name them by it' : 'without spaces')}
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 80 } }}
            onChange={(event) => setLogin(event.target.value)}
          />
          <TextField
            variant="filled"
            label="Full name"
            value={written.name}
            error={!!faultAt('/name')}
            helperText={faultAt('/name') ?? ' '}
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 200 } }}
            onChange={(event) => set({ name: event.target.value })}
          />
        </Box>
        <Heading aside="one person may have several">May, by role</Heading>
        {ROLES.map((one) => (
          <FormControlLabel
            key={one}
            sx={{ display: 'flex', minHeight: 44 }}
            control={
              <Checkbox
                checked={written.roles.includes(one)}
                onChange={(event) => role(one, event.target.checked)}
              />
            }
            label={`${one}: ${MAY[one]}`}
          />
        ))}
        <Heading aside="judged on the day of a lift">Found able to be</Heading>
        <Competences
          competences={written.competences}
          put={(competences) => set({ competences })}
          faultAt={faultAt}
        />
        {person && (
          <Access
            person={person}
            active={written.active}
            setActive={(active) => set({ active })}
            asked={asked}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={busy} onClick={() => void save()}>
          {person ? 'Keep the change' : 'Add them'}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
