import Button from '@mui/material/Button'
import type { Feature } from '../../api/plan.generated'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { BOUNDARY, cornersOf, mayLose, withCorners } from './SiteMap'
import { KINDS } from './features'
import { NumberField } from './NumberField'
import { PlainField } from './PlainField'
import type { Drawn } from './useSite'

const NUMBERS: Record<string, string> = {
  allowable_kpa: 'Bears, kPa',
  depth_m: 'Deep, m',
  kilovolts: 'Voltage, kV',
  blow_out_m: 'Blown out by the wind, m',
  bottom_m: 'Bottom above the peg, m',
  top_m: 'Top above the peg, m',
}
const WORDS: Record<string, string> = {
  confirmed_by: 'Confirmed on site by',
  agreed_by: "Operator's name who agreed to work near it",
  dead_by: 'Proved dead by',
  closed_by: 'Closed by',
}
const MOMENTS: Record<string, [string, 'date' | 'datetime-local']> = {
  dead_on: ['Proved dead on', 'date'],
  closed_from: ['Closed from', 'datetime-local'],
  closed_to: ['Closed to', 'datetime-local'],
}
const CHOICES: Record<string, { label: string; choices: [string, string][] }> = {
  soil: {
    label: 'Kind of ground, where nothing was measured',
    choices: [
      ['', 'not given'],
      ['dense_gravel', 'dense gravel'],
      ['medium_sand', 'medium sand'],
      ['stiff_clay', 'stiff clay'],
      ['soft_clay', 'soft clay'],
      ['made_ground', 'made ground'],
      ['unknown', 'nobody knows'],
    ],
  },
  found: {
    label: 'How it was found',
    choices: [
      ['', 'not given'],
      ['plate_test', 'plate test'],
      ['probe', 'probe'],
      ['by_eye', 'by eye'],
      ['table', 'table'],
    ],
  },
  on_towers: {
    label: 'It hangs on',
    choices: [
      ['', 'not given: as on towers'],
      ['true', 'towers'],
      ['false', 'poles'],
    ],
  },
  closed: {
    label: 'Its edge',
    choices: [
      ['', 'is a line'],
      ['true', 'comes back to its beginning'],
    ],
  },
}
const asked = (value: unknown) =>
  value === true ? 'true' : value === false ? 'false' : ((value as string) ?? '')
const answered = (name: string, text: string) =>
  name === 'on_towers' || name === 'closed' ? (text === '' ? undefined : text === 'true') : text || null

// Each corner in figures.
function Corners({ drawn, chosen }: { drawn: Drawn; chosen: number }) {
  const places = cornersOf(drawn.data, chosen)
  const high = chosen !== BOUNDARY && drawn.data.features[chosen]?.kind === 'line'
  const put = (next: number[][]) => drawn.change((before) => withCorners(before, chosen, next))
  return (
    <>
      <Heading aside={high ? 'east, north, height' : 'east, north'}>Places, m</Heading>
      {places.map((place, index) => (
        <Row key={index} columns={`${'1fr '.repeat(high ? 3 : 2)}auto`}>
          {['east', 'north', 'height'].slice(0, high ? 3 : 2).map((axis, at) => (
            <NumberField
              key={axis}
              label={`${index + 1} ${axis}`}
              note={`${axis} of corner ${index + 1}`}
              value={place[at]}
              onTake={(figure) =>
                figure !== null &&
                put(
                  places.map((one, of) =>
                    of === index ? one.map((old, on) => (on === at ? figure : old)) : one,
                  ),
                )
              }
            />
          ))}
          <Button
            variant="outlined"
            aria-label={`take away corner ${index + 1}`}
            disabled={!mayLose(drawn.data, chosen)}
            onClick={() => put(places.filter((_, of) => of !== index))}
          >
            −
          </Button>
        </Row>
      ))}
    </>
  )
}

// What is said of the feature that is chosen.
export function FeatureFields({
  drawn,
  chosen,
  onGone,
}: {
  drawn: Drawn
  chosen: number
  onGone: () => void
}) {
  const feature = drawn.data.features[chosen]
  if (chosen === BOUNDARY || !feature) return <Corners drawn={drawn} chosen={BOUNDARY} />
  const set = (name: keyof Feature, value: unknown) =>
    drawn.change(
      (before) => ({
        ...before,
        features: before.features.map((one, at) => (at === chosen ? { ...one, [name]: value } : one)),
      }),
      false,
      `${chosen}-${name}`,
    )
  const say = feature as unknown as Record<string, unknown>
  return (
    <>
      <PlainField label="Name" value={feature.name} onTake={(text) => set('name', text)} />
      <Row columns="1fr 1fr">
        <PlainField label="Says who" value={feature.by ?? ''} onTake={(text) => set('by', text)} />
        <PlainField
          label="Said on"
          type="date"
          value={feature.on ?? ''}
          onTake={(text) => set('on', text || null)}
        />
      </Row>
      {KINDS[feature.kind].fields.map((name) => {
        const key = name as keyof Feature
        if (NUMBERS[name])
          return (
            <NumberField
              key={`${chosen}-${name}`}
              label={NUMBERS[name]}
              value={say[name] as number | null | undefined}
              onTake={(figure) =>
                set(key, figure ?? (name === 'allowable_kpa' || name === 'kilovolts' ? null : undefined))
              }
            />
          )
        if (WORDS[name])
          return (
            <PlainField
              key={name}
              label={WORDS[name]}
              value={(say[name] as string) ?? ''}
              onTake={(text) => set(key, text)}
            />
          )
        if (MOMENTS[name]) {
          const [label, type] = MOMENTS[name]
          return (
            <PlainField
              key={name}
              label={label}
              type={type}
              value={(say[name] as string) ?? ''}
              onTake={(text) => set(key, text || null)}
            />
          )
        }
        const { label, choices } = CHOICES[name]!
        return (
          <ChoiceField
            key={name}
            id={`feature-${name}`}
            label={label}
            value={asked(say[name])}
            choices={choices}
            onChoose={(text) => set(key, answered(name, text))}
          />
        )
      })}
      <PlainField label="Note" value={feature.note ?? ''} onTake={(text) => set('note', text)} />
      <Corners drawn={drawn} chosen={chosen} />
      <Button
        variant="outlined"
        onClick={() => {
          onGone()
          drawn.change((before) => ({
            ...before,
            features: before.features.filter((_, at) => at !== chosen),
          }))
        }}
      >
        {`Take away ${feature.name}`}
      </Button>
    </>
  )
}
