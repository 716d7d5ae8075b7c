import { ChoiceField, QuantityField, Row, type PanelProps } from './parts'
import { fieldId } from './places'

export function CranePanel({ editor, ladder }: PanelProps) {
  const { crane } = editor.document
  const field = { editor, ladder }
  return (
    <>
      <QuantityField {...field} kind="length" pointer="/crane/boom_length" label="Boom length" note="boom length" />
      {crane.stations.map((station, index) => (
        <Row key={station.name} columns="1fr 1fr">
          <QuantityField {...field} kind="length" pointer={`/crane/stations/${index}/radius`} label={`Radius at ${station.name}`} note={`radius at ${station.name}`} />
          <QuantityField {...field} kind="angle" pointer={`/crane/stations/${index}/slew`} label={`Slew at ${station.name}`} note={`slew at ${station.name}`} />
        </Row>
      ))}
      <Row columns="1fr 1fr">
        <ChoiceField id={fieldId('/crane/turn')} label="It turns, from above" value={crane.turn ?? ''} choices={[['', 'not given'], ['clockwise', 'clockwise'], ['anticlockwise', 'anticlockwise'], ['none', 'not at all']]} onChoose={(turn) => editor.change({ '/crane/turn': turn || null }, 'which way it turns')} />
        <ChoiceField id={fieldId('/crane/radius_measured_loaded')} label="Radius measured" value={String(crane.radius_measured_loaded)} choices={[['false', 'unloaded'], ['true', 'under load']]} onChoose={(value) => editor.change({ '/crane/radius_measured_loaded': value === 'true' }, 'how the radius was measured')} />
      </Row>
    </>
  )
}
