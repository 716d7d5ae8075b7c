import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { api, refusal, Refused } from '../../api/client'

// A piece by the short code on its label, or by its number, as it is typed.
export function FindByCode({ open }: { open: (id: number) => void }) {
  const [code, setCode] = useState('')
  const [fault, setFault] = useState('')
  const find = () =>
    api.pieceOfCode(code.trim()).then(
      ({ id }) => open(id),
      (error: unknown) =>
        setFault(
          error instanceof Refused && error.status === 404
            ? `No piece has the code or number “${code.trim()}”`
            : refusal(error, 'no answer'),
        ),
    )
  return (
    <Box
      component="form"
      className="store-find"
      onSubmit={(event) => {
        event.preventDefault()
        if (code.trim()) void find()
      }}
    >
      <input
        aria-label="Code or number"
        placeholder="code on the label, or number"
        value={code}
        maxLength={80}
        autoComplete="off"
        onChange={(event) => {
          setCode(event.target.value)
          setFault('')
        }}
      />
      <Button type="submit" variant="outlined" sx={{ minHeight: 44 }}>
        Open it
      </Button>
      {fault && (
        <Box role="alert" sx={{ color: 'var(--stop)', alignSelf: 'center' }}>
          {fault}
        </Box>
      )}
    </Box>
  )
}
