import Button from '@mui/material/Button'
import type { Crane } from '../../api/plan.generated'

import { capital } from '../../drawing/views/craneParts'

import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'

import { fieldId } from '../shared/places'

import { Machine, Ladder } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import type { PanelProps } from '../shared/panel'
import { PlaceOrRadius } from './PlaceOrRadius'
import type { Editor } from '../../plan/usePlanEditor'

export type Station = Crane['stations'][number]

// What follows from radius and boom: the angle that a gauge would show, and how far out the load is once it
// hangs.
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

const TURNS: [string, string][] = [
  ['clockwise', 'clockwise'],
  ['anticlockwise', 'anticlockwise'],
  ['none', 'not at all'],
]

// Each station of the way.
export function StationFields({
  crane,
  last,
  put,
  editor,
  machine,
  field,
  ladder,
}: {
  crane: Crane
  last: number
  put: (stations: Station[], note: string) => void
  editor: Editor
  machine: Machine
  field: { editor: Editor; ladder: Ladder | null }
  ladder: Ladder | null
}) {
  return (
    <>
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
          <PlaceOrRadius station={station} index={index} editor={editor} ladder={ladder} />
          <Row columns={machine.booms ? '1fr 1fr 1fr' : '1fr 1fr'}>
            {(['radius', 'slew'] as const).map((name, at) => {
              const axis = (['east', 'north'] as const)[at]!
              return station.place ? (
                <QuantityField
                  key={axis}
                  {...field}
                  pointer={`/cranes/0/stations/${index}/place/${axis}`}
                  label={capital(axis)}
                  note={`${axis} of ${station.name}`}
                />
              ) : (
                <QuantityField
                  key={name}
                  {...field}
                  pointer={`/cranes/0/stations/${index}/${name}`}
                  label={capital(name)}
                  note={`${name} at ${station.name}`}
                />
              )
            })}
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
    </>
  )
}
