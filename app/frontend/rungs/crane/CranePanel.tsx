import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { Crane } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'
import { capital } from '../../drawing/views/craneParts'
import { ZoneFields } from '../zones/ZonesPanel'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { DryRunFields } from '../platform/PlatformPanel'
import { craneOf, machineOf } from '../../plan/crane'

// What follows from radius and boom: the angle that a gauge would show, and how far out the load is once it hangs.
function Placed({ ladder, index, name }: { ladder: PanelProps['ladder']; index: number; name: string }) {
  const shown = useShown()
  const reach = ladder?.reach?.stations.find((station) => station.name === name)
  const angle = ladder?.crane?.stations.find((station) => station.index === index)?.boom_angle
  const words = [angle && `boom at ${shown(angle)}`, reach && `${shown(reach.loaded_radius)} out under load`]
    .filter(Boolean)
    .join(', ')
  return words ? (
    <span className="small" style={{ marginTop: -4, marginBottom: 4 }}>
      {words}
    </span>
  ) : null
}

type Station = Crane['stations'][number]
const TURNS: [string, string][] = [
  ['clockwise', 'clockwise'],
  ['anticlockwise', 'anticlockwise'],
  ['none', 'not at all'],
]
const MOST = 12

// Where the load goes, station by station, and with how much boom.
export function CranePanel(props: PanelProps) {
  const { editor, ladder, open } = props
  const crane = craneOf(editor.document)
  const field = { editor, ladder }
  const machine = machineOf(ladder)
  if (machine.reads === 'angles') return <DryRunFields {...props} />
  const last = crane.stations.length - 1
  const put = (stations: Station[], note: string) => editor.change({ '/cranes/0/stations': stations }, note)
  const between: Station = {
    name: `past ${crane.stations.length - 1}`,
    radius: null,
    slew: null,
    support_height: null,
  }
  return (
    <>
      <Row columns="1fr 1fr">
        {machine.booms && (
          <QuantityField {...field} pointer="/cranes/0/boom_length" label="Boom length" note="boom length" />
        )}
        {machine.second_trolley && (
          <ChoiceField
            id={fieldId('/cranes/0/second_trolley')}
            label="Second trolley"
            value={crane.second_trolley ?? ''}
            choices={[
              ['', 'not given'],
              ['fitted', 'fitted'],
              ['not fitted', 'not fitted'],
            ]}
            onChoose={(value) =>
              editor.change({ '/cranes/0/second_trolley': value || null }, 'second trolley')
            }
          />
        )}
        <ChoiceField
          id={fieldId('/cranes/0/radius_measured_loaded')}
          label="Radius measured"
          value={String(crane.radius_measured_loaded)}
          choices={[
            ['false', 'unloaded'],
            ['true', 'under load'],
          ]}
          onChoose={(value) =>
            editor.change(
              { '/cranes/0/radius_measured_loaded': value === 'true' },
              'how the radius was measured',
            )
          }
        />
      </Row>
      {crane.stations.map((station, index) => (
        <section key={index} aria-label={capital(station.name)}>
          <Heading
            aside={
              index > 0 && index < last ? (
                <Button
                  size="small"
                  variant="outlined"
                  sx={{ minHeight: 34, py: 0 }}
                  onClick={() =>
                    put(
                      crane.stations.filter((_, place) => place !== index),
                      `${station.name} taken out`,
                    )
                  }
                >
                  Take out
                </Button>
              ) : index === 0 ? (
                'where it hangs first'
              ) : index === last ? (
                'where it is landed'
              ) : undefined
            }
          >
            {capital(station.name)}
          </Heading>
          {index > 0 && index < last && (
            <WordsField
              editor={editor}
              pointer={`/cranes/0/stations/${index}/name`}
              label="Name"
              note={`name of station ${index + 1}`}
            />
          )}
          <Row columns={machine.booms ? '1fr 1fr 1fr' : '1fr 1fr'}>
            <QuantityField
              {...field}
              pointer={`/cranes/0/stations/${index}/radius`}
              label="Radius"
              note={`radius at ${station.name}`}
            />
            <QuantityField
              {...field}
              pointer={`/cranes/0/stations/${index}/slew`}
              label="Slew"
              note={`slew at ${station.name}`}
            />
            {machine.booms && (
              <QuantityField
                {...field}
                pointer={`/cranes/0/stations/${index}/boom_length`}
                label="Boom"
                note={`boom length at ${station.name}`}
                empty="the same"
              />
            )}
          </Row>
          <Placed ladder={ladder} index={index} name={station.name} />
          <Row columns="1fr 1fr">
            <QuantityField
              {...field}
              pointer={`/cranes/0/stations/${index}/support_height`}
              label="Load’s base, height"
              note={`height of the load’s base at ${station.name}`}
            />
            {index > 0 && (
              <ChoiceField
                id={fieldId(last === 1 ? '/cranes/0/turn' : `/cranes/0/stations/${index}/turn`)}
                label="It turns, from above"
                note={last === 1 ? undefined : `turn to ${station.name}`}
                value={(last === 1 ? crane.turn : (station.turn ?? '')) ?? ''}
                choices={[
                  ['', last === 1 ? 'not given' : crane.turn ? `as stated: ${crane.turn}` : 'not given'],
                  ...TURNS,
                ]}
                onChoose={(turn) =>
                  last === 1
                    ? editor.change({ '/cranes/0/turn': turn || null }, 'which way it turns')
                    : editor.change(
                        { [`/cranes/0/stations/${index}/turn`]: turn || null },
                        `turn to ${station.name}`,
                      )
                }
              />
            )}
          </Row>
        </section>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px', mt: '6px' }}>
        {crane.stations.length < MOST && (
          <Button
            variant="outlined"
            onClick={() =>
              put([...crane.stations.slice(0, last), between, crane.stations[last]!], 'station added')
            }
          >
            Add a place between
          </Button>
        )}
        <Button variant="outlined" onClick={() => open('cranes')}>
          Cranes side by side
        </Button>
      </Box>
      <ZoneFields {...props} />
    </>
  )
}
