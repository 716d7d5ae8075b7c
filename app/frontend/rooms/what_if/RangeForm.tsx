import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { Fault } from '../../api/client'

// From where to where, as one types it; taken with Enter or the button, so that nothing is asked of half a
// number.
export function RangeForm({
  label,
  range,
  onRange,
  faults,
  ends,
}: {
  label: string
  range: [string, string]
  onRange: (range: [string, string]) => void
  faults: Fault[]
  ends: [string, string]
}) {
  const [typed, setTyped] = useState(range)
  const fault = (name: string) => faults.find((one) => one.pointer === `/${name}`)
  return (
    <form
      className="range"
      aria-label={`Range of ${label}`}
      onSubmit={(event) => {
        event.preventDefault()
        onRange([...typed])
      }}
    >
      {(['from', 'to'] as const).map((word, index) => {
        const wrong = fault(ends[index]!)
        return (
          <TextField
            key={word}
            size="small"
            label={`${label}, ${word}`}
            value={typed[index]}
            onChange={(event) =>
              setTyped(([one, other]) => (index ? [one, event.target.value] : [event.target.value, other]))
            }
            error={!!wrong}
            helperText={wrong ? `${wrong.message}; expected ${wrong.expected}` : ' '}
          />
        )
      })}
      <Button type="submit" variant="outlined">
        Look
      </Button>
    </form>
  )
}
