import Button from '@mui/material/Button'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { machineOf } from '../../plan/crane'
import { useCrane, useCranePlace } from '../../plan/craneAt'

const LATCHES: [string, string][] = [
  ['', 'not given'],
  ['closes', 'closes by itself'],
  ['missing', 'missing or broken'],
  ['made_without', 'made without one'],
]

// How the load hangs in the crane's hook, and what gathers its legs.
export function HookPanel({ editor, ladder }: PanelProps) {
  const { hook } = useCrane(editor.document)
  const crane = useCranePlace()
  const field = { editor, ladder }
  return (
    <>
      <Row columns="1fr 1fr">
        <QuantityField
          {...field}
          pointer={`${crane}/hook/off_centre`}
          label="Off its bowl, to the tip"
          note="how far off its bowl the load sits in the crane's hook"
          empty="0, or a share such as 1/4"
        />
        <ChoiceField
          id={fieldId(`${crane}/hook/latch`)}
          label="Latch"
          note="latch of the crane's hook"
          value={hook?.latch ?? ''}
          choices={LATCHES}
          onChoose={(latch) =>
            editor.change({ [`${crane}/hook/latch`]: latch || null }, "latch of the crane's hook")
          }
        />
      </Row>
      {!machineOf(ladder).hook_rated && (
        <QuantityField
          {...field}
          pointer={`${crane}/hook/wll`}
          label="Rating of the hook"
          note="rating of the crane's hook"
          empty="the chart gives none"
        />
      )}
      <Heading aside="past 90°">Ring or link that gathers the legs</Heading>
      {hook?.ring ? (
        <Row columns="1fr 1fr auto">
          <WordsField
            editor={editor}
            pointer={`${crane}/hook/ring/what`}
            label="Which"
            note="which ring gathers the legs"
          />
          <QuantityField
            {...field}
            pointer={`${crane}/hook/ring/wll`}
            label="Rating"
            note="rating of the ring"
          />
          <Button
            variant="outlined"
            aria-label="take away the ring"
            onClick={() => editor.change({ [`${crane}/hook/ring`]: null }, 'ring taken away')}
          >
            −
          </Button>
        </Row>
      ) : (
        <Button
          variant="outlined"
          onClick={() =>
            editor.change({ [`${crane}/hook/ring`]: { what: '', wll: null } }, 'ring that gathers the legs')
          }
        >
          A ring gathers them
        </Button>
      )}
    </>
  )
}
