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

import { EndFields } from '../tailing/EndFields'
import { HookBeamFields } from '../tailing/HookBeamFields'
import { HitchFields } from './HitchFields'

const HITCHES: [string, string][] = [
  ['vertical', 'straight'],
  ['choker', 'choker'],
  ['basket', 'basket'],
]

export function SlingPanel({ editor, ladder, open, go }: PanelProps) {
  const { document } = editor
  const { rigging, load, snapshots } = document
  const { slings, failed } = useStore(document)
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
      {!document.tandem && <Arrangement editor={editor} ladder={ladder} open={open} go={go} />}
      {rigging.legs.map((leg, index) => {
        const name = load.points[index]?.name ?? ''
        const at = `/rigging/legs/${index}`
        return (
          <Box key={index}>
            <Heading aside={snapshots.slings[leg.sling ?? '']?.data.kind.replaceAll('_', ' ')}>
              {document.tandem ? `${index === 0 ? 'Head' : 'Tail'}: ${name}` : `${name} leg`}
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
            {document.tandem && <EndFields {...field} index={index} />}
            <HitchFields leg={leg} field={field} at={at} name={name} editor={editor} />
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
      <HookBeamFields {...field} />
      {rigging.legs.length > 1 && !document.tandem && (
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
