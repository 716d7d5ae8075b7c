import Button from '@mui/material/Button'
import { useRef } from 'react'

// A button that asks for one file.
export function ReadFile({
  words,
  accept,
  onFile,
}: {
  words: string
  accept: string
  onFile: (file: File) => void
}) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button variant="outlined" onClick={() => input.current?.click()}>
        {words}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={words}
        onChange={(event) => {
          const file = event.target.files?.[0]
          // The same file may be read again once it was mended.
          event.target.value = ''
          if (file) onFile(file)
        }}
      />
    </>
  )
}
