import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { Heading, Row } from '../../ui/Row'
import { useCrane, useCranePlace } from '../../plan/craneAt'
import { QuantityField, WordsField } from './fields'
import type { PanelProps } from './panel'
import { fieldId } from './places'

// How level the crane stands, and once it stands: who measured it, and when. It counts for that day.
export function StandPanel({ editor, ladder }: PanelProps) {
  const crane = useCranePlace()
  const place = `${crane}/level_seen`
  const seen = useCrane(editor.document).level_seen
  const begin = () =>
    editor.change(
      { [place]: { by: '', at: null } },
      'who measured the level',
    )
  return (
    <>
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer={`${crane}/level`}
        label="Out of level, measured on the machine"
        note="how far out of level"
      />
      {seen ? (
        <>
          <Heading aside="a night, rain, thaw and the first lift change it">Looked at</Heading>
          <Row columns="1fr">
            <WordsField
              editor={editor}
              pointer={`${place}/by`}
              label="Measured by"
              note="who measured the level"
            />
          </Row>
          <Row columns="1fr auto">
            <TextField
              variant="filled"
              type="datetime-local"
              id={fieldId(`${place}/at`)}
              label="Measured on"
              value={seen.at?.slice(0, 16) ?? ''}
              slotProps={{
                inputLabel: { shrink: true },
                htmlInput: { 'aria-label': 'when the level was measured' },
              }}
              onChange={(event) =>
                editor.change({ [`${place}/at`]: event.target.value || null }, 'when the level was measured')
              }
            />
            <Button
              variant="outlined"
              aria-label="take away who measured the level"
              onClick={() => editor.change({ [place]: undefined }, 'who measured the level taken away')}
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
