import { QuantityField } from '../shared/fields'
import { Row } from '../../ui/Row'
import type { PanelProps } from '../shared/panel'
import { craneOf } from '../../plan/crane'

export function HeightPanel({ editor, ladder }: PanelProps) {
  return (
    <>
      <Row columns="1fr 1fr">
        {craneOf(editor.document).stations.map((station, index) => (
          <QuantityField
            key={station.name}
            editor={editor}
            ladder={ladder}
            pointer={`/cranes/0/stations/${index}/support_height`}
            label={`Support at ${station.name}`}
            note={`support height at ${station.name}`}
          />
        ))}
      </Row>
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer="/cranes/0/obstacle_height"
        label="Highest thing on the way, 0 m if none"
        note="highest thing on the way"
      />
    </>
  )
}
