import Button from '@mui/material/Button'
import { usePreferences, useShown } from '../../ui/preferences'
import { ChoiceField } from '../../ui/ChoiceField'
import { QuantityField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

// Hook height or leg lengths: the one sets the other.
export function GeometryFields({ editor, ladder }: Pick<PanelProps, 'editor' | 'ladder'>) {
  const { rigging, load } = editor.document
  const shown = useShown()
  const { system } = usePreferences().preferences
  const choose = (by: string) => {
    const asRigged = (figure: { value: number } | null | undefined) =>
      figure ? `${figure.value.toFixed(3)} m` : null
    const legs = Object.fromEntries([
      ...rigging.legs.map((leg, index) => [
        `/rigging/legs/${index}/length`,
        asRigged(ladder?.drawing?.legs[index]?.rest) ?? leg.length,
      ]),
      ...(rigging.beam?.legs ?? []).map((leg, index) => [
        `/rigging/beam/legs/${index}/length`,
        asRigged(ladder?.drawing?.uppers[index]?.rest) ?? leg.length,
      ]),
    ])
    const angles = Object.fromEntries(
      rigging.legs.map((leg, index) => {
        const read = ladder?.drawing?.legs[index]?.from_horizontal[system]
        return [
          `/rigging/legs/${index}/angle`,
          leg.angle ?? (index === 0 && read ? `${read} from horizontal` : null),
        ]
      }),
    )
    editor.change(
      by === 'leg_lengths'
        ? { '/rigging/set_by': by, ...legs }
        : by === 'leg_angles'
          ? { '/rigging/set_by': by, ...angles }
          : {
              '/rigging/set_by': by,
              '/rigging/hook_height': rigging.hook_height ?? asRigged(ladder?.drawing?.hook_height),
            },
      'what sets the geometry',
    )
  }
  return (
    <>
      <ChoiceField
        id={fieldId('/rigging/set_by')}
        label="Geometry is set by"
        value={rigging.set_by}
        choices={[
          ['hook_height', 'hook height; legs made up to hang level'],
          ['leg_lengths', 'leg lengths; hook comes where they put it'],
          ['leg_angles', 'leg angles; lengths follow from them'],
        ]}
        onChoose={choose}
      />
      <div style={{ height: 8 }} />
      {rigging.set_by === 'hook_height' ? (
        <QuantityField
          editor={editor}
          ladder={ladder}
          pointer="/rigging/hook_height"
          label="Hook bearing above the load's base"
          note="hook height"
        />
      ) : rigging.set_by === 'leg_angles' ? (
        rigging.legs.map((_, index) => (
          <QuantityField
            key={index}
            editor={editor}
            ladder={ladder}
            pointer={`/rigging/legs/${index}/angle`}
            label={`${load.points[index]?.name ?? ''} leg’s angle, from where`}
            note={`${load.points[index]?.name ?? ''} leg angle`}
            empty={index === 0 ? 'such as 45° from horizontal' : 'follows from the other'}
          />
        ))
      ) : (
        rigging.legs.map((_, index) => (
          <QuantityField
            key={index}
            editor={editor}
            ladder={ladder}
            pointer={`/rigging/legs/${index}/length`}
            label={`${load.points[index]?.name ?? ''} leg, bearing to bearing`}
            note={`${load.points[index]?.name ?? ''} leg length`}
          />
        ))
      )}
      {ladder?.drawing?.legs.map((leg, index) => (
        <div key={index}>
          {leg.name} leg {shown(leg.length)} long
        </div>
      ))}
      {rigging.beam &&
        rigging.set_by === 'leg_lengths' &&
        rigging.beam.legs.map((_, index) => (
          <QuantityField
            key={index}
            editor={editor}
            ladder={ladder}
            pointer={`/rigging/beam/legs/${index}/length`}
            label={`Upper sling ${index + 1}, bearing to bearing`}
            note={`length of upper sling ${index + 1}`}
          />
        ))}
    </>
  )
}

export const LevelPanel = ({ editor, ladder, open }: PanelProps) => (
  <>
    <Button variant="outlined" fullWidth sx={{ mb: 1, minHeight: 44 }} onClick={() => open('level')}>
      Make it hang level
    </Button>
    <GeometryFields editor={editor} ladder={ladder} />
  </>
)
