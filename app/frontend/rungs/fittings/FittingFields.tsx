import Button from '@mui/material/Button'
import type { Fitting } from '../../api/plan.generated'
import { ChoiceField } from '../../ui/ChoiceField'
import { Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'

import { FittingPick } from './FittingPick'
import { fieldId } from '../shared/places'
import { Ladder } from '../../api/ladder.generated'
import type { PanelProps } from '../shared/panel'
import type { Editor } from '../../plan/usePlanEditor'

const SEATING = [
  ['thread', 'Thread'],
  ['shank', 'Shank'],
  ['hole', 'Hole, deep'],
] as const

export const OF_AN_EYE = ['eyebolt_shouldered', 'eyebolt_plain']

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

const PLANES: [string, string][] = [
  ['', 'not given'],
  ['in', 'in the plane of its bow'],
  ['across', 'across its bow'],
]

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

// One fitting: what it is, its rating and mass, and which way it is pulled.
export function FittingFields({
  at,
  note,
  one,
  editor,
  ladder,
  set,
  index,
  fittings,
  place,
}: {
  at: string
  note: string
  one: Fitting
  editor: Editor
  ladder: Ladder | null
  set: (leg: number, fittings: Fitting[] | undefined, note: string) => void
  index: number
  fittings: Fitting[]
  place: number
}) {
  return (
    <>
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
            choices={one.kind === 'shackle' ? [['', 'turns into the pull'], ...AXES.slice(1)] : AXES}
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
      <FittingPick editor={editor} leg={index} place={place} one={one} note={note} />
      {OF_AN_EYE.includes(one.kind) && (
        <EyeboltFields editor={editor} ladder={ladder} at={at} note={note} through={!!one.through} />
      )}
    </>
  )
}
