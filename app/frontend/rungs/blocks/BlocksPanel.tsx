import Button from '@mui/material/Button'
import { Heading, Row } from '../../ui/Row'
import { QuantityField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'

const PARTS = [
  ['wll', 'Block'],
  ['eye_wll', 'Its eye'],
  ['anchor_wll', 'Anchor'],
] as const

// What the blocks that turn a line, their eyes and what they hang from are rated at.
export function BlocksPanel({ editor, ladder }: PanelProps) {
  const { rigging, load } = editor.document
  return (rigging.reeved?.pairs ?? []).map((pair, index) => {
    const name = pair.map((leg) => load.points[leg]?.name).join(' to ')
    const blocks = rigging.reeved?.blocks ?? []
    return (
      <div key={index}>
        <Heading>{name}</Heading>
        {blocks[index] ? (
          <Row columns="1fr 1fr 1fr">
            {PARTS.map(([key, label]) => (
              <QuantityField
                key={key}
                editor={editor}
                ladder={ladder}
                pointer={`/rigging/reeved/blocks/${index}/${key}`}
                label={label}
                note={`rating of the ${label.toLowerCase()} of ${name}`}
              />
            ))}
          </Row>
        ) : (
          <Button
            variant="outlined"
            onClick={() =>
              editor.change(
                { '/rigging/reeved/blocks': (rigging.reeved?.pairs ?? []).map((_, at) => blocks[at] ?? {}) },
                `block of ${name}`,
              )
            }
          >
            Give its ratings
          </Button>
        )}
      </div>
    )
  })
}
