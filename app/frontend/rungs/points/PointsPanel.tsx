import Button from '@mui/material/Button'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'

// The load's lifting points as its maker rated them.
export function PointsPanel({ editor, ladder }: Pick<PanelProps, 'editor' | 'ladder'>) {
  const { points, rated_points: rated = [] } = editor.document.load
  const add = () =>
    editor.change(
      {
        '/load/rated_points': [
          ...rated,
          { name: `lug ${rated.length + 1}`, x: null, y: null, z: null, wll: null },
        ],
      },
      'a rated point added',
    )
  const remove = (index: number) =>
    editor.change(
      { '/load/rated_points': rated.length > 1 ? rated.filter((_, other) => other !== index) : undefined },
      'a rated point taken away',
    )
  return (
    <>
      {rated.length === 0 && (
        <>
          <Heading aside="each, as marked, in the direction of its pull">What the points carry</Heading>
          <Row columns="1fr 1fr">
            {points.map((point, index) => (
              <QuantityField
                key={index}
                editor={editor}
                ladder={ladder}
                pointer={`/load/points/${index}/wll`}
                label={`${point.name} point`}
                note={`what the ${point.name} point carries`}
              />
            ))}
          </Row>
        </>
      )}
      <Heading aside="as the load's maker marked them">Rated lifting points</Heading>
      {rated.map((point, index) => (
        <div key={index} style={{ borderBottom: '1px solid var(--line)', marginBottom: 6 }}>
          <Row columns="1fr 96px 44px">
            <WordsField
              editor={editor}
              pointer={`/load/rated_points/${index}/name`}
              label="Name"
              note={`name of rated point ${index + 1}`}
            />
            <QuantityField
              editor={editor}
              ladder={ladder}
              pointer={`/load/rated_points/${index}/wll`}
              label="Rating"
              note={`rating of ${point.name}`}
            />
            <Button
              variant="outlined"
              sx={{ minWidth: 44, minHeight: 48 }}
              aria-label={`take away ${point.name}`}
              onClick={() => remove(index)}
            >
              −
            </Button>
          </Row>
          <Row columns="1fr 1fr 1fr">
            {(['x', 'y', 'z'] as const).map((axis) => (
              <QuantityField
                key={axis}
                editor={editor}
                ladder={ladder}
                pointer={`/load/rated_points/${index}/${axis}`}
                label={axis}
                note={`${point.name} ${axis}`}
              />
            ))}
          </Row>
        </div>
      ))}
      <Button variant="outlined" onClick={add}>
        Add a rated point
      </Button>
    </>
  )
}
