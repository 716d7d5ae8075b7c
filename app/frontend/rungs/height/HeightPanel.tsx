import { QuantityField } from '../shared/fields'
import { Row } from '../../ui/Row'
import type { PanelProps } from '../shared/panel'
import { useCrane, useCranePlace } from '../../plan/craneAt'

export function HeightPanel({ editor, ladder }: PanelProps) {
  const crane = useCranePlace()
  const { stations } = useCrane(editor.document)
  const two = !!editor.document.tandem
  return (
    <>
      {two ? (
        <QuantityField
          editor={editor}
          ladder={ladder}
          pointer="/tandem/under"
          label="Lowest corner of the load, above the peg"
          note="how high the load's lowest corner is kept"
        />
      ) : (
        <Row columns="1fr 1fr">
          {stations.map((station, index) => (
            <QuantityField
              key={station.name}
              editor={editor}
              ladder={ladder}
              pointer={`${crane}/stations/${index}/support_height`}
              label={`Support at ${station.name}`}
              note={`support height at ${station.name}`}
            />
          ))}
        </Row>
      )}
      <QuantityField
        editor={editor}
        ladder={ladder}
        pointer={`${crane}/obstacle_height`}
        label="Highest thing on the way, 0 m if none"
        note="highest thing on the way"
      />
    </>
  )
}
