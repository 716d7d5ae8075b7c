import type { Site } from '../../api/plan.generated'
import { Heading, Row } from '../../ui/Row'
import { NumberField } from './NumberField'
import { PlainField } from './PlainField'
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
  const look = (kind: keyof Site['looked'], said: object) =>
    change(
      (before) => ({
        ...before,
        looked: { ...before.looked, [kind]: { by: '', on: null, ...before.looked[kind], ...said } },
      }),
      false,
      `looked-${kind}`,
    )
  return (
    <>
      <PlainField
        label="Site"
        value={data.title}
        onTake={(title) => change((before) => ({ ...before, title }), false, 'title')}
      />
      <PlainField
        label="Where the peg is"
        value={data.peg}
        onTake={(peg) => change((before) => ({ ...before, peg }), false, 'peg')}
      />
      {LOOKED.map(([kind, what]) => {
        const said = data.looked[kind]
        return (
          <section key={kind} aria-label={`looked for ${what}`}>
            <Heading>{`All ${what} are drawn`}</Heading>
            <Row columns="1fr 1fr">
              <PlainField
                label="Who looked"
                note={`who looked for ${what}`}
                value={said?.by ?? ''}
                onTake={(by) => look(kind, { by })}
              />
              <PlainField
                label="On"
                note={`looked for ${what} on`}
                type="date"
                value={said?.on ?? ''}
                onTake={(on) => look(kind, { on: on || null })}
              />
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
