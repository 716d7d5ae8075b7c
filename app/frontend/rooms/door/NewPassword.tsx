import TextField from '@mui/material/TextField'

interface Props {
  password: string
  again: string
  put: (password: string) => void
  putAgain: (again: string) => void
}

// A password typed twice; the two are held together once the second is begun.
export function NewPassword({ password, again, put, putAgain }: Props) {
  const differ = again !== '' && !password.startsWith(again) && again !== password
  return (
    <>
      <TextField
        fullWidth
        variant="filled"
        type="password"
        label="New password"
        value={password}
        autoComplete="new-password"
        helperText="at least 12 signs, without your name"
        onChange={(event) => put(event.target.value)}
        sx={{ mb: 1 }}
      />
      <TextField
        fullWidth
        variant="filled"
        type="password"
        label="The same again"
        value={again}
        autoComplete="new-password"
        error={differ}
        helperText={differ ? 'the two differ' : ' '}
        onChange={(event) => putAgain(event.target.value)}
        sx={{ mb: 1 }}
      />
    </>
  )
}
