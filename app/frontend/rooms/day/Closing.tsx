import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { LiftDay } from '../../api/answers.generated'
import { useKeptText } from '../../ui/useKeptText'
import { usePreferences, useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { ChoiceField } from '../../ui/ChoiceField'
import { SayField } from './SayField'
import type { Day } from './useDay'
import { named } from './here'

// Something said in words, kept here while it is typed.
function Words({
  plan,
  kind,
  label,
  button,
  say,
}: {
  plan: number
  kind: string
  label: string
  button: string
  say: Day['say']
}) {
  const [word, setWord] = useKeptText(`day-${plan}-${kind}`)
  return (
    <SayField
      label={label}
      button={button}
      value={word}
      put={setWord}
      onSay={(said) => say(kind, { word: said })}
    />
  )
}

function Wind({ say }: { say: Day['say'] }) {
  const [gust, setGust] = useState('')
  const us = usePreferences().preferences.system === 'us'
  return (
    <SayField
      label="Gust at the tip"
      button="Write the wind"
      value={gust}
      put={setGust}
      example={us ? '9 mph' : '4.2 m/s'}
      most={20}
      onSay={(said) => say('wind', { gust: said })}
    />
  )
}

function Finding({ day, say }: { day: LiftDay; say: Day['say'] }) {
  const [piece, setPiece] = useState('')
  const [word, setWord] = useState('')
  const [out, setOut] = useState('')
  return (
    <>
      <div className="day-pair">
        <TextField
          variant="filled"
          fullWidth
          label="Number of the piece"
          value={piece}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: 60, list: 'day-gear' } }}
          onChange={(event) => setPiece(event.target.value)}
        />
        <datalist id="day-gear">
          {day.gear.map((number) => (
            <option key={number} value={number} />
          ))}
        </datalist>
        <ChoiceField
          id="finding-out"
          label="It is"
          value={out}
          choices={[
            ['', 'say which'],
            ['no', 'fit to be used'],
            ['yes', 'out until looked at'],
          ]}
          onChoose={setOut}
        />
      </div>
      <SayField
        label="What was found"
        button="Write the finding"
        value={word}
        put={setWord}
        barred={piece.trim() === '' || out === ''}
        onSay={async (said) => {
          const kept = await say('finding', { piece: piece.trim(), word: said, out })
          if (kept) {
            setPiece('')
            setOut('')
          }
          return kept
        }}
      />
    </>
  )
}

function Close({ day, say }: { day: LiftDay; say: Day['say'] }) {
  const [why, setWhy] = useState('')
  const name = named(day, 'supervisor')
  const done = day.open === null
  return (
    <>
      <Heading>Close the day</Heading>
      {!done && (
        <TextField
          variant="filled"
          fullWidth
          label="Why it is not lifted"
          value={why}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: 400 } }}
          onChange={(event) => setWhy(event.target.value)}
          sx={{ mb: 1 }}
        />
      )}
      <Button
        variant={done ? 'contained' : 'outlined'}
        fullWidth
        disabled={name === '' || (!done && why.trim() === '')}
        onClick={() => void say('closed', done ? { lifted: 'yes' } : { lifted: 'no', why: why.trim() }, name)}
      >
        {done ? 'Lifted: close the day' : 'Not lifted: close the day'}
      </Button>
      {name === '' && <span className="small">A supervisor is to be named first, in the briefing.</span>}
    </>
  )
}

// What is written beside the phases, and the end of the day.
export function Closing({ plan, day, say }: { plan: number; day: LiftDay; say: Day['say'] }) {
  const limit = useShown()(day.wind.limit)
  return (
    <section aria-label="Beside the phases" className="day-beside">
      {!day.closed && (
        <>
          <Heading aside={limit ? `at most ${limit}` : 'no limit is known'}>Wind</Heading>
          {day.wind.said && (
            <div data-wind style={{ color: day.wind.said.over ? 'var(--stop)' : undefined, fontWeight: 600 }}>
              {day.wind.said.gust}
              {day.wind.said.over ? ': over the limit, nothing is lifted' : ''}
              {day.wind.said.over === null ? ': it cannot be told whether that is too much' : ''}
            </div>
          )}
          <Wind say={say} />
        </>
      )}
      <Heading>Notes</Heading>
      <Words plan={plan} kind="note" label="A note" button="Add a note" say={say} />
      <Heading>Gear back</Heading>
      <Finding day={day} say={say} />
      <Heading>What was learnt for the next time</Heading>
      <Words plan={plan} kind="lesson" label="For loads like this" button="Keep it" say={say} />
      {!day.closed && day.why === null && <Close day={day} say={say} />}
    </section>
  )
}
