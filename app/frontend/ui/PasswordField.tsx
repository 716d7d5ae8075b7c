import TextField from '@mui/material/TextField'
import type { ReactNode } from 'react'

interface Props {
  label: string
  value: string
  put: (value: string) => void
  // A password to be set, not the one that is.
  fresh?: boolean
  error?: boolean
  words?: ReactNode
}

// A password as it is typed: one way everywhere.
export const PasswordField = ({ label, value, put, fresh = false, error = false, words }: Props) => (
  <TextField
    fullWidth
    variant="filled"
    type="password"
    label={label}
    value={value}
    autoComplete={fresh ? 'new-password' : 'current-password'}
    error={error}
    helperText={words}
    onChange={(event) => put(event.target.value)}
    sx={{ mb: 1 }}
  />
)
