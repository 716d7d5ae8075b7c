import TextField from '@mui/material/TextField'
import { usePreferences } from '../../ui/preferences'

// Who enters charts, and why some of them take others' places.
export function EnteredBy({
  replacing,
  why,
  setWhy,
}: {
  replacing: boolean
  why: string
  setWhy: (why: string) => void
}) {
  const { preferences, prefer } = usePreferences()
  return (
    <>
      <TextField
        variant="filled"
        label="Entered by"
        value={preferences.name}
        onChange={(event) => prefer({ name: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 120 } }}
        helperText="another person checks it against the paper"
      />
      {replacing && (
        <TextField
          variant="filled"
          label="Why it takes another's place"
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 400 } }}
          helperText="such as: one cell mended after the page"
          sx={{ minWidth: 280 }}
        />
      )}
    </>
  )
}
