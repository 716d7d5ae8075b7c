import Button from '@mui/material/Button'
import { useState } from 'react'
import type { LiftDay, TrialInstruments } from '../../api/answers.generated'
import { dayApi } from '../../api/day'
import { refusal } from '../../api/wire'
import { usePreferences } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { useDevice } from '../../ui/useDevice'
import { useMay } from '../../ui/who'
import type { Typed } from './TrialFields'

type Said = TrialInstruments | { no_reading: string }

const silence = (one: { no_reading: string } | { reading: unknown }) =>
  'no_reading' in one ? one.no_reading : ''

// A tilt as it is typed, with which end is low.
const tilt = (degrees: number) => ({
  text: Math.abs(degrees).toFixed(1),
  low: degrees < 0 ? 'minus' : 'plus',
})

// What is read of the instruments that answer, as it goes into the fields of a try; what is silent stays
// empty.
function readings(said: TrialInstruments, system: 'metric' | 'us', legs: number): Partial<Typed> {
  const { cells, level, indicator } = said
  const along = 'reading' in level ? tilt(level.reading.along_deg) : null
  const across = 'reading' in level ? tilt(level.reading.across_deg) : null
  return {
    ...('reading' in cells &&
      cells.reading.cells.length === legs && { cells: cells.reading.cells.map((one) => one[system]) }),
    ...(along && { along: along.text, alongLow: along.low }),
    ...(across && { across: across.text, acrossLow: across.low }),
    ...('reading' in indicator &&
      indicator.reading.plan !== null && {
        indicator: `${Math.round(indicator.reading.load_kg)} kg`,
        shows: 'with_block',
      }),
  }
}

// Instruments beside the load: live or silent, read into the try by a press; the demo's stand-ins are
// told to lift.
export function Instruments({
  plan,
  day,
  lengths,
  put,
}: {
  plan: number
  day: LiftDay
  lengths: (string | null)[] | undefined
  put: (read: Partial<Typed>) => void
}) {
  const said: Said = useDevice('instruments', dayApi.instruments)
  const { system } = usePreferences().preferences
  const may = useMay()('planner', 'rigger', 'appointed')
  const [error, setError] = useState('')
  const tell = async (words: Record<string, unknown>) => {
    try {
      await dayApi.tellInstruments(words)
      setError('')
    } catch (fault) {
      setError(refusal(fault, 'the instruments were not told'))
    }
  }
  const metres = lengths?.map((text) => (text === null ? null : Number.parseFloat(text)))
  const all = 'no_reading' in said ? null : said
  const lines = all
    ? [
        ['cells', silence(all.cells)],
        ['level', silence(all.level)],
        ['indicator', silence(all.indicator)],
      ]
    : []
  const live = lines.some(([, why]) => why === '')
  return (
    <section aria-label="Instruments">
      <Heading aside={live ? 'live' : 'silent'}>Instruments</Heading>
      {'no_reading' in said && <span className="small">{said.no_reading}</span>}
      {lines.map(([name, why]) => (
        <span key={name} className="small" data-instrument={name} data-live={why === ''}>
          {why === '' ? `${name}: live` : why}
        </span>
      ))}
      {error && (
        <div role="alert" style={{ color: 'var(--stop)' }}>
          {error}
        </div>
      )}
      <div className="day-buttons" style={{ flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          disabled={!live}
          onClick={() => all && put(readings(all, system, day.names.length))}
        >
          Read them into the try
        </Button>
        {may && (
          <>
            <Button
              variant="outlined"
              onClick={() => void tell({ do: 'hang', plan, lengths: metres ?? null })}
            >
              Stand-ins: lift it
            </Button>
            <Button variant="outlined" onClick={() => void tell({ do: 'down' })}>
              Stand-ins: set it down
            </Button>
          </>
        )}
      </div>
    </section>
  )
}
