import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useEffect, useState } from 'react'
import { WORD } from '../../ladder/verdict'

const SETTLED_MS = 250
const VERDICTS: [string, string][] = [
  ['', 'any'],
  ...(['stop', 'not_known', 'tight', 'holds'] as const).map((verdict): [string, string] => [
    verdict,
    WORD[verdict],
  ]),
]

interface Props {
  asked: URLSearchParams
  ask: (changes: Record<string, string>) => void
  cranes: string[]
}

// What of the board is looked for: words, verdict, crane, day.
export function BoardFind({ asked, ask, cranes }: Props) {
  const kept = asked.get('words') ?? ''
  const [words, setWords] = useState(kept)
  useEffect(() => {
    if (words === kept) return
    const settled = setTimeout(() => ask({ words }), SETTLED_MS)
    return () => clearTimeout(settled)
  }, [words, kept, ask])
  const crane = asked.get('crane') ?? ''
  const choice = (name: string, label: string, choices: [string, string][]) => (
    <TextField
      variant="filled"
      select
      label={label}
      value={asked.get(name) ?? ''}
      onChange={(event) => ask({ [name]: event.target.value })}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': label } }}
    >
      {choices.map(([value, text]) => (
        <option key={value} value={value}>
          {text}
        </option>
      ))}
    </TextField>
  )
  const none = ['words', 'verdict', 'crane', 'day', 'archived'].every((name) => !asked.get(name))
  return (
    <Box
      role="search"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: '2fr 1fr 2fr 1fr 1fr auto' },
        gap: 1,
        p: '10px 12px',
        borderBottom: '1.5px solid var(--ink)',
      }}
    >
      <TextField
        variant="filled"
        type="search"
        label="Find: title, load, gear, name, lesson"
        value={words}
        onChange={(event) => setWords(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 200 } }}
      />
      {choice('verdict', 'Verdict', VERDICTS)}
      {choice('crane', 'Crane', [
        ['', 'any'],
        ...[...new Set([...cranes, ...(crane ? [crane] : [])])].map((title): [string, string] => [
          title,
          title,
        ]),
      ])}
      <TextField
        variant="filled"
        type="date"
        label="Day of the lift"
        value={asked.get('day') ?? ''}
        onChange={(event) => ask({ day: event.target.value })}
      />
      {choice('archived', 'Put away', [
        ['', 'not those'],
        ['yes', 'only those'],
        ['any', 'those too'],
      ])}
      <Button
        variant="outlined"
        disabled={none}
        onClick={() => {
          setWords('')
          ask({ words: '', verdict: '', crane: '', day: '', archived: '' })
        }}
      >
        Show all
      </Button>
    </Box>
  )
}
