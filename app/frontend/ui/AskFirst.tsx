import Button from '@mui/material/Button'
import { useState } from 'react'

// What cannot be taken back is asked once more, in its place.
export function AskFirst({
  words,
  label,
  sure,
  act,
}: {
  words: string
  // What a screen reader says of it.
  label: string
  sure: string
  act: () => void
}) {
  const [asked, setAsked] = useState(false)
  if (!asked)
    return (
      <Button aria-label={label} onClick={() => setAsked(true)}>
        {words}
      </Button>
    )
  return (
    <>
      <Button
        autoFocus
        variant="contained"
        onClick={() => {
          setAsked(false)
          act()
        }}
      >
        {sure}
      </Button>
      <Button onClick={() => setAsked(false)}>Leave</Button>
    </>
  )
}
