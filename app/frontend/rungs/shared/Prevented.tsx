import type { Prevented } from '../../api/plan.generated'
import { at as placeOf } from '../../plan/pointers'
import { ChoiceField } from '../../ui/ChoiceField'
import { Row } from '../../ui/Row'
import { WordsField } from './fields'
import type { PanelProps } from './panel'
import { fieldId } from './places'

const MEANS: [string, string][] = [
  ['', 'nothing'],
  ['stop', 'a stop'],
  ['lug', 'a lug'],
  ['collar', 'a collar'],
  ['lashing', 'a lashing'],
  ['choke_double_wrapped', 'a double-wrapped choke'],
  ['other', 'something else'],
]
const WAYS = [
  ['along', 'Along the load, held by'],
  ['round', 'Round the load, held by'],
] as const

// What keeps a basket or choke from sliding, lengthwise and round: a means and a name for each by itself.
export function PreventedFields({
  editor,
  at,
  name,
  hitch,
}: Pick<PanelProps, 'editor'> & { at: string; name: string; hitch: string }) {
  return WAYS.map(([way, label]) => {
    const pointer = `${at}/prevents/${way}`
    const given = placeOf(editor.document, pointer) as Prevented | undefined
    if (way === 'round' && hitch !== 'basket') return null
    return (
      <div key={way}>
        <Row columns="1fr 1fr">
          <ChoiceField
            id={fieldId(pointer)}
            label={label}
            note={`what holds the ${name} leg ${way} the load`}
            value={given?.means ?? ''}
            choices={hitch === 'choker' ? MEANS : MEANS.filter(([means]) => means !== 'choke_double_wrapped')}
            onChoose={(means) =>
              editor.change(
                { [pointer]: means ? { means, words: given?.words ?? '', by: given?.by ?? '' } : null },
                `what holds the ${name} leg`,
              )
            }
          />
          {given ? (
            <WordsField
              editor={editor}
              pointer={`${pointer}/by`}
              label="Who says so"
              note={`who says that the ${name} leg is held ${way} the load`}
            />
          ) : (
            <span />
          )}
        </Row>
        {given?.means === 'other' && (
          <WordsField
            editor={editor}
            pointer={`${pointer}/words`}
            label="What"
            note={`what else holds the ${name} leg ${way} the load`}
          />
        )}
      </div>
    )
  })
}
