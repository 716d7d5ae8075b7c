import Button from '@mui/material/Button'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { useCrane, useCranePlace } from '../../plan/craneAt'

const CLOSED_TO: [string, string][] = [
  ['load', 'any part of the load'],
  ['tip', 'the trolley or boom tip'],
]

// Where the load, or the tip that it hangs from, must not go: sectors of slew and bands of radius.
export function ZoneFields({ editor, ladder }: PanelProps) {
  const crane = useCranePlace()
  const zones = useCrane(editor.document).zones ?? []
  const field = { editor, ladder }
  return (
    <>
      <Heading aside="road, neighbour, power line">Closed zones</Heading>
      {zones.map((zone, index) => (
        <section key={index} aria-label={zone.name}>
          <Row columns="1fr auto">
            <WordsField
              editor={editor}
              pointer={`${crane}/zones/${index}/name`}
              label="Zone"
              note={`name of zone ${index + 1}`}
            />
            <Button
              variant="outlined"
              aria-label={`take away zone ${zone.name}`}
              onClick={() =>
                editor.change(
                  { [`${crane}/zones`]: zones.filter((_, place) => place !== index) },
                  'zone taken away',
                )
              }
            >
              −
            </Button>
          </Row>
          <ChoiceField
            id={fieldId(`${crane}/zones/${index}/closed_to`)}
            label="Closed to"
            value={zone.closed_to ?? 'load'}
            choices={CLOSED_TO}
            onChoose={(to) =>
              editor.change({ [`${crane}/zones/${index}/closed_to`]: to }, `who ${zone.name} is closed to`)
            }
          />
          <Row columns="1fr 1fr">
            <QuantityField
              {...field}
              pointer={`${crane}/zones/${index}/slew_from`}
              label="Slew from, clockwise"
              note={`slew from of ${zone.name}`}
            />
            <QuantityField
              {...field}
              pointer={`${crane}/zones/${index}/slew_to`}
              label="Slew to"
              note={`slew to of ${zone.name}`}
            />
          </Row>
          <Row columns="1fr 1fr">
            <QuantityField
              {...field}
              pointer={`${crane}/zones/${index}/radius_from`}
              label="Radius from"
              note={`radius from of ${zone.name}`}
            />
            <QuantityField
              {...field}
              pointer={`${crane}/zones/${index}/radius_to`}
              label="Radius to"
              note={`radius to of ${zone.name}`}
              empty="without end"
            />
          </Row>
        </section>
      ))}
      <Button
        variant="outlined"
        onClick={() =>
          editor.change(
            {
              [`${crane}/zones`]: [
                ...zones,
                {
                  name: `zone ${zones.length + 1}`,
                  slew_from: null,
                  slew_to: null,
                  radius_from: null,
                  radius_to: null,
                },
              ],
            },
            'zone added',
          )
        }
      >
        Add a zone
      </Button>
    </>
  )
}
