import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState, type ReactNode } from 'react'
import type { DayAnswer } from '../../api/answers.generated'
import type { KeptEvent } from '../../plan/keptDays'
import { clock } from '../../ui/clock'

// What was said to one thing that is asked, and the buttons to say it: yes at once, no with a word. kept:
// said on this device, and not with the server yet.
export function Answer({
  ask,
  aside,
  said,
  kept,
  barred,
  yesBarred = false,
  yes = 'Yes',
  name,
  onSay,
}: {
  ask: ReactNode
  aside?: string
  said: DayAnswer | null
  kept: KeptEvent | undefined
  barred: boolean
  // May it not be answered with yes, though with no?
  yesBarred?: boolean
  yes?: string
  name: string
  onSay: (answer: 'yes' | 'no', word: string) => void
}) {
  const [no, setNo] = useState(false)
  const [word, setWord] = useState('')
  const [anew, setAnew] = useState(false)
  const answer = kept ? String(kept.event.about['answer'] ?? 'yes') : said?.answer
  const who = kept ? kept.event.name : said?.name
  const at = kept ? kept.event.at : said?.at
  const open = !answer || anew || (answer === 'no' && !kept)
  const told = answer && (
    <span style={{ color: answer === 'yes' ? 'var(--mark)' : 'var(--stop)', fontWeight: 600 }}>
      {answer}
      {said?.word && !kept ? `: ${said.word}` : ''}
      <span className="small">
        {[who, at && clock(at), kept && 'kept'].filter(Boolean).join(', ')}
        {!open && (
          <Button size="small" disabled={barred} onClick={() => setAnew(true)} sx={{ ml: 1 }}>
            Say it anew
          </Button>
        )}
      </span>
    </span>
  )
  const say = (what: 'yes' | 'no') => {
    onSay(what, word)
    setNo(false)
    setAnew(false)
    setWord('')
  }
  return (
    <div className="day-answer" data-answer={answer ?? ''}>
      <div className="day-asked">
        <span>{ask}</span>
        {aside && <span className="small">{aside}</span>}
        {open && told}
        {said?.against.map((other) => (
          <span key={other.number} className="small" role="alert" style={{ color: 'var(--stop)' }}>
            {other.name} said {other.answer} at {clock(other.at)}, neither had seen the other: say it anew
            once you have both looked.
          </span>
        ))}
        {kept?.refused && (
          <span role="alert" style={{ color: 'var(--stop)' }}>
            Not taken: {kept.refused}
          </span>
        )}
      </div>
      {!open && <div className="day-said">{told}</div>}
      {open && !no && (
        <div className="day-buttons">
          <Button
            variant="contained"
            disabled={barred || yesBarred}
            onClick={() => say('yes')}
            aria-label={`${yes}: ${name}`}
          >
            {yes}
          </Button>
          <Button variant="outlined" disabled={barred} onClick={() => setNo(true)} aria-label={`No: ${name}`}>
            No
          </Button>
        </div>
      )}
      {no && (
        <Box className="day-no">
          <TextField
            variant="filled"
            fullWidth
            autoFocus
            label="What is wrong"
            value={word}
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 400 } }}
            onChange={(event) => setWord(event.target.value)}
          />
          <Button
            variant="contained"
            color="error"
            disabled={barred || word.trim() === ''}
            onClick={() => say('no')}
          >
            Say no
          </Button>
          <Button variant="outlined" onClick={() => setNo(false)}>
            Leave
          </Button>
        </Box>
      )}
    </div>
  )
}
