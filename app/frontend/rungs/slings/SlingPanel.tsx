import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useShown } from '../../ui/preferences'
import { Arrangement } from '../shared/Arrangement'
import { FIRST } from '../fittings/FittingsPanel'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { keptSlings, slingChoices, usedSlings, useStore } from '../shared/slings'
import { PreventedFields } from '../shared/Prevented'

const HITCHES: [string, string][] = [
  ['vertical', 'straight'],
  ['choker', 'choker'],
  ['basket', 'basket'],
]

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

export function SlingPanel({ editor, ladder, open, go }: PanelProps) {
  const { document } = editor
  const { rigging, load, snapshots } = document
  const { slings, failed } = useStore()
  const shown = useShown()
  const field = { editor, ladder }
  const take = (index: number, number: string) => {
    const used = usedSlings(document)
    used[index] = number || null
    editor.change(
      {
        [`/rigging/legs/${index}/sling`]: number || null,
        '/snapshots/slings': keptSlings(document, used, number || null, slings),
      },
      `sling of the ${load.points[index]?.name} leg`,
    )
  }
  const fittings = rigging.legs.some((leg) => leg.fittings?.length)
  const give = () => {
    editor.change(
      Object.fromEntries(rigging.legs.map((_, index) => [`/rigging/legs/${index}/fittings`, [FIRST]])),
      'fittings of the legs',
    )
    go('/rigging/legs/0/fittings/0/wll')
  }
  return (
    <>
      {failed && (
        <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
          The store could not be read: only the plan's own slings are listed.
        </Box>
      )}
      <Arrangement editor={editor} ladder={ladder} open={open} go={go} />
      {rigging.legs.map((leg, index) => {
        const name = load.points[index]?.name ?? ''
        const at = `/rigging/legs/${index}`
        return (
          <Box key={index}>
            <Heading aside={snapshots.slings[leg.sling ?? '']?.data.kind.replaceAll('_', ' ')}>
              {name} leg
            </Heading>
            <Row columns="1fr 112px">
              <ChoiceField
                id={fieldId(`${at}/sling`)}
                label="Sling"
                note={`sling of the ${name} leg`}
                value={leg.sling ?? ''}
                choices={slingChoices(document, slings, shown)}
                onChoose={(number) => take(index, number)}
              />
              <ChoiceField
                id={fieldId(`${at}/hitch`)}
                label="Hitch"
                note={`hitch of the ${name} leg`}
                value={leg.hitch}
                choices={HITCHES}
                onChoose={(hitch) => editor.change({ [`${at}/hitch`]: hitch }, `hitch of the ${name} leg`)}
              />
            </Row>
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
                      editor.change(
                        { [`${at}/wraps`]: wraps ? Number(wraps) : null },
                        `wraps of the ${name} leg`,
                      )
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
            {(leg.hitch !== 'vertical' || leg.bend) && (
              <QuantityField
                {...field}
                pointer={`${at}/bend`}
                label="Bent round a diameter of"
                note={`what the ${name} leg is bent round`}
                empty="not given"
              />
            )}
          </Box>
        )
      })}
      {rigging.legs.length > 1 && (
        <WordsField
          editor={editor}
          pointer="/rigging/unlike_decided_by"
          label="Legs not alike: decided on by, a competent person"
          note="who decided on legs that are not alike"
        />
      )}
      {!fittings && (
        <Button variant="outlined" fullWidth sx={{ mt: 2, minHeight: 44 }} onClick={give}>
          Give the fittings
        </Button>
      )}
    </>
  )
}
