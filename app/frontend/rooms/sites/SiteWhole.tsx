import TextField from '@mui/material/TextField'
import type { Site } from '../../api/plan.generated'
import { Heading, Row } from '../../ui/Row'
import { NumberField } from './NumberField'
import type { Drawn } from './useSite'

const LOOKED: [keyof Site['looked'], string][] = [
  ['lines', 'power lines'],
  ['cuts', 'trenches, pits and backfill'],
  ['obstacles', 'obstacles'],
  ['people', 'walkways'],
]

// The site itself: where it is measured from, and who looked over it for what. Without that word a plan
// knows nothing of what is not drawn.
export function SiteWhole({ drawn: { data, change } }: { drawn: Drawn }) {
  const words = (label: string, value: string, take: (text: string) => void, type?: string, note = label) => (
    <TextField
      variant="filled"
      fullWidth
      label={label}
      type={type}
      value={value}
      autoComplete="off"
      slotProps={{
        inputLabel: type ? { shrink: true } : {},
        htmlInput: { 'aria-label': note, maxLength: 200 },
      }}
      onChange={(event) => take(event.target.value)}
    />
  )
  const look = (kind: keyof Site['looked'], said: object) =>
    change((before) => ({
      ...before,
      looked: { ...before.looked, [kind]: { by: '', on: null, ...before.looked[kind], ...said } },
    }))
  return (
    <>
      {words('Site', data.title, (title) => change((before) => ({ ...before, title })))}
      {words('Where the peg is', data.peg, (peg) => change((before) => ({ ...before, peg })))}
      {LOOKED.map(([kind, what]) => {
        const said = data.looked[kind]
        return (
          <section key={kind} aria-label={`looked for ${what}`}>
            <Heading>{`All ${what} are drawn`}</Heading>
            <Row columns="1fr 1fr">
              {words(
                'Who looked',
                said?.by ?? '',
                (by) => look(kind, { by }),
                undefined,
                `who looked for ${what}`,
              )}
              {words(
                'On',
                said?.on ?? '',
                (on) => look(kind, { on: on || null }),
                'date',
                `looked for ${what} on`,
              )}
            </Row>
            {kind === 'lines' && (
              <NumberField
                label="And so far beyond the boundary, m"
                value={said?.beyond_m}
                empty="no farther than the boundary"
                onTake={(figure) => look(kind, { beyond_m: figure ?? 0 })}
              />
            )}
          </section>
        )
      })}
    </>
  )
}
