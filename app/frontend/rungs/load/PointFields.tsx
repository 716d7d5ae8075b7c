import Button from '@mui/material/Button'

import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'

import { type Ladder, Rung } from '../../api/ladder.generated'
import { Load } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'

const MOST_POINTS = 4

// The lifting points, and what they carry.
export function PointFields({
  load,
  editor,
  field,
  more,
  fewer,
  rung,
}: {
  load: Load
  editor: Editor
  field: { editor: Editor; ladder: Ladder | null }
  more: () => void
  fewer: () => void
  rung: Rung | null
}) {
  return (
    <>
      <Heading aside="x along, y across, z up">Points</Heading>
      {load.points.map((point, index) => (
        <Row key={index} columns="74px 1fr 1fr 1fr">
          <WordsField
            editor={editor}
            pointer={`/load/points/${index}/name`}
            label="Name"
            note={`name of point ${index + 1}`}
          />
          {(['x', 'y', 'z'] as const).map((axis) => (
            <QuantityField
              key={axis}
              {...field}
              pointer={`/load/points/${index}/${axis}`}
              label={axis}
              note={`${point.name} point ${axis}`}
            />
          ))}
        </Row>
      ))}
      <Row columns="1fr 1fr">
        {load.points.length < MOST_POINTS ? (
          <Button variant="outlined" onClick={more}>
            Add a point
          </Button>
        ) : (
          <span />
        )}
        {load.points.length > 1 ? (
          <Button variant="outlined" onClick={fewer}>
            One point fewer
          </Button>
        ) : (
          <span />
        )}
      </Row>
      {load.points.map(
        (point, index) =>
          (point.on || rung?.missing.some((one) => one.pointer === `/load/points/${index}/on`)) && (
            <WordsField
              key={index}
              editor={editor}
              pointer={`/load/points/${index}/on`}
              label={`${point.name} point, off the load, is on`}
              note={`what the ${point.name} point is on`}
            />
          ),
      )}
    </>
  )
}
