import { ChoiceField } from '../../ui/ChoiceField'
import { Row } from '../../ui/Row'
import { QuantityField } from '../shared/fields'

import { fieldId } from '../shared/places'

import { PreventedFields } from '../shared/Prevented'
import { Fitting, Prevented, Prevented1 } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'
import type { Ladder } from '../../api/ladder.generated'

// How the legs hold the load: arrangement, slings, hitches, and where they work.
const WRAPS: [string, string][] = [
  ['', 'not given'],
  ['1', 'once'],
  ['2', 'twice'],
  ['3', 'three times'],
]

const BEATEN: [string, string][] = [
  ['', 'not said'],
  ['no', 'left as it closed'],
  ['yes', 'beaten down'],
]

// What a basket or a choke asks beside its sling.
export function HitchFields({
  leg,
  field,
  at,
  name,
  editor,
}: {
  leg: {
    sling: string | null
    hitch: 'vertical' | 'choker' | 'basket'
    length: string | null
    choke_angle: string | null
    basket_width: string | null
    held_by: string
    bend?: string | null
    fittings?: Fitting[]
    loop_angle?: string | null
    hole?: number | null
    round?: string | null
    prevents?: { along?: Prevented; round?: Prevented1 }
    wraps?: number | null
    angle?: string | null
    beaten_down?: boolean | null
    load_end?: 'own' | null
  }
  field: { editor: Editor; ladder: Ladder | null }
  at: string
  name: string
  editor: Editor
}) {
  return (
    <>
      {leg.hitch !== 'vertical' && (
        <>
          <Row columns="1fr 1fr">
            {leg.hitch === 'choker' ? (
              <QuantityField
                {...field}
                pointer={`${at}/choke_angle`}
                label="Angle of choke"
                note={`angle of choke of the ${name} leg`}
              />
            ) : (
              <QuantityField
                {...field}
                pointer={`${at}/basket_width`}
                label="Width between its sides"
                note={`basket width of the ${name} leg`}
              />
            )}
            <QuantityField
              {...field}
              pointer={`${at}/round`}
              label="Goes round the load"
              note={`what of the ${name} sling goes round the load`}
              empty="not measured"
            />
          </Row>
          <Row columns={leg.hitch === 'choker' ? '1fr 1fr' : '1fr'}>
            <ChoiceField
              id={fieldId(`${at}/wraps`)}
              label="Wraps round the load"
              note={`wraps of the ${name} leg`}
              value={String(leg.wraps ?? '')}
              choices={WRAPS}
              onChoose={(wraps) =>
                editor.change({ [`${at}/wraps`]: wraps ? Number(wraps) : null }, `wraps of the ${name} leg`)
              }
            />
            {leg.hitch === 'choker' && (
              <ChoiceField
                id={fieldId(`${at}/beaten_down`)}
                label="The choke was"
                note={`how the ${name} choke was set`}
                value={leg.beaten_down ? 'yes' : leg.beaten_down === false ? 'no' : ''}
                choices={BEATEN}
                onChoose={(beaten) =>
                  editor.change(
                    { [`${at}/beaten_down`]: beaten ? beaten === 'yes' : null },
                    `how the ${name} choke was set`,
                  )
                }
              />
            )}
          </Row>
          <PreventedFields editor={editor} at={at} name={name} hitch={leg.hitch} />
          {leg.hitch === 'choker' && (
            <QuantityField
              {...field}
              pointer={`${at}/loop_angle`}
              label="Inner angle of the loop"
              note={`inner angle of the ${name} choke`}
              empty="not measured"
            />
          )}
        </>
      )}
    </>
  )
}
