import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { Heading, Row } from '../../ui/Row'
import { craneOf } from '../../plan/crane'
import { QuantityField, WordsField } from './fields'
import type { PanelProps } from './panel'
import { fieldId } from './places'

const SEEN = '/cranes/0/level_seen'

// How level the crane stands, and once it stands: who measured it, and when. It counts for that day.
export function StandPanel({ editor, ladder }: PanelProps) {
  const seen = craneOf(editor.document).level_seen
  const begin = () =>
    editor.change(
      { [SEEN]: { by: '', at: null } },
      'who measured the level',
    )
  return (
    <>
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer="/cranes/0/level"
        label="Out of level, measured on the machine"
        note="how far out of level"
      />
      {seen ? (
        <>
          <Heading aside="a night, rain, thaw and the first lift change it">Looked at</Heading>
          <Row columns="1fr">
            <WordsField
              editor={editor}
              pointer={`${SEEN}/by`}
              label="Measured by"
              note="who measured the level"
            />
          </Row>
          <Row columns="1fr auto">
            <TextField
              variant="filled"
              type="datetime-local"
              id={fieldId(`${SEEN}/at`)}
              label="Measured on"
              value={seen.at?.slice(0, 16) ?? ''}
              slotProps={{
                inputLabel: { shrink: true },
                htmlInput: { 'aria-label': 'when the level was measured' },
              }}
              onChange={(event) =>
                editor.change({ [`${SEEN}/at`]: event.target.value || null }, 'when the level was measured')
              }
            />
            <Button
              variant="outlined"
              aria-label="take away who measured the level"
              onClick={() => editor.change({ [SEEN]: undefined }, 'who measured the level taken away')}
            >
              −
            </Button>
          </Row>
        </>
      ) : (
        <Button variant="outlined" onClick={begin}>
          Say who measured it, and when
        </Button>
      )}
    </>
  )
}
