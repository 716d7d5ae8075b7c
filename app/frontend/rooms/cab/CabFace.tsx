import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import { Link } from 'react-router'
import { type Indication, type Reading } from '../../api/client'

import { Heading } from '../../ui/Row'

import { CraneView, Figure, Sentence } from '../../api/ladder.generated'
import type { Editor } from '../../plan/usePlanEditor'
import { Face } from './Face'

const RATES: [number, string][] = [
  [1, 'as fast as a crane'],
  [5, '5 times as fast'],
  [20, '20 times as fast'],
]

const TROUBLES: [string, string][] = [
  ['', 'it works'],
  ['silent', 'it is silent'],
  ['mad', 'it sends nonsense'],
]

const OFFSETS: [number, string][] = [
  [0, 'it reads true'],
  [-0.1, 'it reads 10 % too little'],
  [-0.2, 'it reads 20 % too little'],
  [0.1, 'it reads 10 % too much'],
]

const Choice = ({
  label,
  value,
  choices,
  onChoose,
}: {
  label: string
  value: string | number
  choices: [string | number, string][]
  onChoose: (value: string) => void
}) => (
  <label className="cab-choice">
    {label}
    <select
      className="pick"
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value)}
    >
      {choices.map(([one, words]) => (
        <option key={one} value={one}>
          {words}
        </option>
      ))}
    </select>
  </label>
)

// The face of the indicator, and what plays it.
export function CabFace({
  said,
  mine,
  reading,
  play,
  tell,
  follow,
  error,
  view,
  shown,
  rate,
  setRate,
  trouble,
  setTrouble,
  offset,
  setOffset,
  editor,
}: {
  said: Indication
  mine: boolean | undefined
  reading: Reading | undefined
  play: () => Promise<boolean>
  tell: (words: Record<string, unknown>) => Promise<boolean>
  follow: () => Promise<boolean>
  error: string | null
  view: CraneView | null
  shown: (figure: Figure | Sentence | null | undefined) => string
  rate: number
  setRate: (rate: number) => void
  trouble: string
  setTrouble: (trouble: string) => void
  offset: number
  setOffset: (offset: number) => void
  editor: Editor
}) {
  return (
    <>
      <section className="cab-face" aria-label="Load indicator">
        <Heading aside="a stand-in: no device">Load indicator</Heading>
        <Face said={said} mine={!!mine} />
        <Box sx={{ display: 'flex', gap: '8px', flexWrap: 'wrap' }}>
          <Button
            variant="contained"
            sx={{ minHeight: 56, typography: 'heading', flex: 1 }}
            disabled={reading?.playing}
            onClick={() => void play()}
          >
            Play the plan
          </Button>
          <Button
            variant="outlined"
            sx={{ minHeight: 56, typography: 'lead' }}
            disabled={!reading?.playing}
            onClick={() => void tell({ do: 'pause' })}
          >
            Pause
          </Button>
          <Button variant="outlined" sx={{ minHeight: 56, typography: 'lead' }} onClick={() => void follow()}>
            From the start
          </Button>
        </Box>
        {error && (
          <Box role="alert" sx={{ color: 'var(--stop)', fontWeight: 600 }}>
            {error}
          </Box>
        )}
        <Box data-core-says sx={{ typography: 'lead', lineHeight: 1.25 }}>
          {editor.document.tandem
            ? 'Two limiters, each of its own chart: neither knows that the other has a share.'
            : !view
              ? 'Not known: the ladder has no way to follow.'
              : view.trip
                ? `By the plan’s own figures the limiter stops it at ${shown(view.trip.radius)}` +
                  `${view.trip.slew ? ` and ${shown(view.trip.slew)} of slew` : ''}: ${view.trip.why}.`
                : 'By the plan’s own figures the limiter does not stop it anywhere on the way.'}
        </Box>
        <Heading aside="what a real one may do">The device</Heading>
        <Box sx={{ display: 'grid', gap: '6px' }}>
          <Choice
            label="Speed"
            value={rate}
            choices={RATES}
            onChoose={(value) => {
              setRate(Number(value))
              void tell({ do: 'set', rate: Number(value) })
            }}
          />
          <Choice
            label="Its state"
            value={trouble}
            choices={TROUBLES}
            onChoose={(value) => {
              setTrouble(value)
              void tell({ do: 'set', trouble: value || null })
            }}
          />
          <Choice
            label="Its load cell"
            value={offset}
            choices={OFFSETS}
            onChoose={(value) => {
              setOffset(Number(value))
              void tell({ do: 'set', offset: Number(value) })
            }}
          />
        </Box>
        <Box sx={{ color: 'var(--ink2)', lineHeight: 1.3 }}>
          A limiter is a last help. Its limit is no reserve to plan with, and it knows nothing of slings,
          ground or wind.{' '}
          <Link to={`/plans/${editor.id}`} style={{ color: 'var(--mark)' }}>
            Back to the ladder
          </Link>
        </Box>
      </section>
    </>
  )
}
