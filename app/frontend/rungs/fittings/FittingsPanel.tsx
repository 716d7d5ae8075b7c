import Button from '@mui/material/Button'
import type { Fitting } from '../../api/plan.generated'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

const KINDS: [Fitting['kind'], string][] = [
  ['shackle', 'shackle'],
  ['hoist_ring', 'hoist ring'],
  ['eyebolt_shouldered', 'eyebolt with shoulder'],
  ['eyebolt_plain', 'eyebolt without shoulder'],
  ['hook', 'hook'],
]
const AXES: [string, string][] = [
  ['', 'not given'],
  ['x', 'along the load'],
  ['y', 'across the load'],
  ['z', 'upright'],
]
const OF_AN_EYE = ['eyebolt_shouldered', 'eyebolt_plain']
export const FIRST: Fitting = {
  end: 'load',
  kind: 'shackle',
  wll: null,
  mass: null,
  axis: null,
  across: null,
  plane: null,
}
const PLANES: [string, string][] = [
  ['', 'not given'],
  ['in', 'in the plane of its bow'],
  ['across', 'across its bow'],
]

// What joins each leg to the load and to what it hangs from.
export function FittingsPanel({ editor, ladder }: PanelProps) {
  const { rigging, load } = editor.document
  const set = (leg: number, fittings: Fitting[] | undefined, note: string) =>
    editor.change({ [`/rigging/legs/${leg}/fittings`]: fittings }, note)
  const swapAll = (kind: Fitting['kind']) =>
    editor.change(
      Object.fromEntries(
        rigging.legs.map((leg, index) => [
          `/rigging/legs/${index}/fittings`,
          (leg.fittings ?? []).map((one) =>
            OF_AN_EYE.includes(one.kind) ? { ...one, kind, across: null } : one,
          ),
        ]),
      ),
      'hoist rings in place of the eyebolts',
    )
  const eyes = rigging.legs.some((leg) => leg.fittings?.some((one) => OF_AN_EYE.includes(one.kind)))
  return (
    <>
      {eyes && (
        <Button
          variant="outlined"
          fullWidth
          sx={{ mb: 1, minHeight: 44 }}
          onClick={() => swapAll('hoist_ring')}
        >
          Hoist rings of the same rating in their place
        </Button>
      )}
      {rigging.legs.map((leg, index) => {
        const name = load.points[index]?.name ?? ''
        const fittings = leg.fittings ?? []
        return (
          <div key={index}>
            <Heading>{name} leg</Heading>
            {leg.hitch === 'vertical' && (
              <label style={{ display: 'flex', alignItems: 'center', gap: 8, minHeight: 44 }}>
                <input
                  type="checkbox"
                  id={fieldId(`/rigging/legs/${index}/load_end`)}
                  style={{ width: 22, height: 22 }}
                  checked={leg.load_end === 'own'}
                  onChange={(event) =>
                    editor.change(
                      { [`/rigging/legs/${index}/load_end`]: event.target.checked ? 'own' : null },
                      `end of the ${name} sling`,
                    )
                  }
                />
                the sling’s own end holds the load, with nothing between
              </label>
            )}
            {fittings.map((one, place) => {
              const at = `/rigging/legs/${index}/fittings/${place}`
              const note = `fitting ${place + 1} of the ${name} leg`
              return (
                <div key={place} style={{ marginBottom: 8 }}>
                  <Row columns="1fr 84px 44px">
                    <ChoiceField
                      id={fieldId(`${at}/kind`)}
                      label="Kind"
                      note={`kind of ${note}`}
                      value={one.kind}
                      choices={KINDS}
                      onChoose={(kind) =>
                        editor.change(
                          { [`${at}/kind`]: kind, ...(kind === 'hook' && { [`${at}/off_centre`]: null }) },
                          note,
                        )
                      }
                    />
                    <QuantityField
                      editor={editor}
                      ladder={ladder}
                      pointer={`${at}/wll`}
                      label="Rating"
                      note={`rating of ${note}`}
                    />
                    <Button
                      variant="outlined"
                      sx={{ minWidth: 44, minHeight: 48 }}
                      aria-label={`take away ${note}`}
                      onClick={() =>
                        set(
                          index,
                          fittings.length > 1 ? fittings.filter((_, other) => other !== place) : undefined,
                          `${note} taken away`,
                        )
                      }
                    >
                      −
                    </Button>
                  </Row>
                  <Row columns={OF_AN_EYE.includes(one.kind) ? '76px 1fr 1fr' : '76px 1fr'}>
                    <ChoiceField
                      id={fieldId(`${at}/end`)}
                      label="At the"
                      note={`end of ${note}`}
                      value={one.end}
                      choices={[
                        ['load', 'load'],
                        ['hook', 'top'],
                      ]}
                      onChoose={(end) => editor.change({ [`${at}/end`]: end }, note)}
                    />
                    {one.kind === 'hook' ? (
                      <QuantityField
                        editor={editor}
                        ladder={ladder}
                        pointer={`${at}/off_centre`}
                        label="Off its bowl, of the way to the tip"
                        note={`how far off its bowl, ${note}`}
                        empty="0, or a share"
                      />
                    ) : (
                      <ChoiceField
                        id={fieldId(`${at}/axis`)}
                        label={one.kind === 'shackle' ? 'Its centre line' : 'Its shank'}
                        note={`axis of ${note}`}
                        value={one.axis ?? ''}
                        choices={
                          one.kind === 'shackle' ? [['', 'turns into the pull'], ...AXES.slice(1)] : AXES
                        }
                        onChoose={(axis) => editor.change({ [`${at}/axis`]: axis || null }, note)}
                      />
                    )}
                    {OF_AN_EYE.includes(one.kind) && (
                      <ChoiceField
                        id={fieldId(`${at}/across`)}
                        label="Square to its eye"
                        note={`normal of ${note}`}
                        value={one.across ?? ''}
                        choices={AXES}
                        onChoose={(across) => editor.change({ [`${at}/across`]: across || null }, note)}
                      />
                    )}
                  </Row>
                  <Row columns="1fr 1fr">
                    <QuantityField
                      editor={editor}
                      ladder={ladder}
                      pointer={`${at}/mass`}
                      label="Its mass"
                      note={`mass of ${note}`}
                    />
                    {one.kind === 'shackle' ? (
                      <ChoiceField
                        id={fieldId(`${at}/plane`)}
                        label="Pulled"
                        note={`plane of ${note}`}
                        value={one.plane ?? ''}
                        choices={PLANES}
                        onChoose={(plane) => editor.change({ [`${at}/plane`]: plane || null }, note)}
                      />
                    ) : (
                      <span />
                    )}
                  </Row>
                  {OF_AN_EYE.includes(one.kind) && (
                    <EyeboltFields
                      editor={editor}
                      ladder={ladder}
                      at={at}
                      note={note}
                      through={!!one.through}
                    />
                  )}
                </div>
              )
            })}
            {fittings.length < 6 && (
              <Button
                variant="outlined"
                onClick={() =>
                  set(
                    index,
                    [
                      ...fittings,
                      { ...FIRST, end: fittings.some((one) => one.end === 'load') ? 'hook' : 'load' },
                    ],
                    `a fitting of the ${name} leg`,
                  )
                }
              >
                Add a fitting
              </Button>
            )}
          </div>
        )
      })}
    </>
  )
}

const SEATING = [
  ['thread', 'Thread'],
  ['shank', 'Shank'],
  ['hole', 'Hole, deep'],
] as const

// What an eyebolt is screwed into, and how deep.
function EyeboltFields({
  editor,
  ladder,
  at,
  note,
  through,
}: Pick<PanelProps, 'editor' | 'ladder'> & { at: string; note: string; through: boolean }) {
  return (
    <>
      <WordsField
        editor={editor}
        pointer={`${at}/into`}
        label="Screwed into, and who says that it holds"
        note={`what ${note} is screwed into`}
      />
      <label style={{ display: 'flex', alignItems: 'center', gap: 8, minHeight: 44 }}>
        <input
          type="checkbox"
          style={{ width: 22, height: 22 }}
          checked={through}
          onChange={(event) => editor.change({ [`${at}/through`]: event.target.checked }, note)}
        />
        bolted through, thread out past the nut
      </label>
      {!through && (
        <Row columns="1fr 1fr 1fr">
          {SEATING.map(([key, label]) => (
            <QuantityField
              key={key}
              editor={editor}
              ladder={ladder}
              pointer={`${at}/${key}`}
              label={label}
              note={`${label.toLowerCase()} of ${note}`}
            />
          ))}
        </Row>
      )}
    </>
  )
}
