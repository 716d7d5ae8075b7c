import { ChoiceField } from '../../ui/ChoiceField'
import { Heading } from '../../ui/Row'
import { WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

// Which points share a reeved sling, and whose choice that is.
export function SharingPanel({ editor }: PanelProps) {
  const { rigging, load } = editor.document
  const reeved = rigging.reeved
  if (!reeved) return null
  const pairs = load.points.flatMap((_, one) =>
    load.points
      .slice(one + 1)
      .map((_, step): [string, string] => [
        `${one},${one + 1 + step}`,
        `${load.points[one]!.name} and ${load.points[one + 1 + step]!.name}`,
      ]),
  )
  return (
    <>
      <Heading>Reeved over a sheave at the hook</Heading>
      {reeved.pairs.map((pair, index) => (
        <ChoiceField
          key={index}
          id={fieldId(`/rigging/reeved/pairs/${index}`)}
          label="One sling holds"
          value={pair.join(',')}
          choices={pairs}
          onChoose={(both) =>
            editor.change({ [`/rigging/reeved/pairs/${index}`]: both.split(',').map(Number) }, 'reeved pair')
          }
        />
      ))}
      <div style={{ height: 8 }} />
      <WordsField
        editor={editor}
        pointer="/rigging/reeved/decided_by"
        label="Decided by, a competent person"
        note="who decided on the reeved sling"
      />
      <div className="small">Both its points need the same sling chosen.</div>
    </>
  )
}
