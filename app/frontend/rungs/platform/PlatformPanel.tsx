import Button from '@mui/material/Button'
import type { Crane } from '../../api/plan.generated'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { craneOf } from '../../plan/crane'

type Platform = NonNullable<Crane['platform']>
const BLANK: Platform = {
  lower_boom_from: null,
  lower_boom_to: null,
  upper_boom_from: null,
  upper_boom_to: null,
  load_radius: null,
  aboard: [],
}

// What the dry run showed of the booms, and the jib's load radius.
export function DryRunFields({ editor, ladder }: PanelProps) {
  const field = { editor, ladder }
  const at = (name: string) => `/cranes/0/platform/${name}`
  if (!craneOf(editor.document).platform)
    return (
      <Button variant="outlined" onClick={() => editor.change({ '/cranes/0/platform': BLANK }, 'dry run')}>
        Write down the dry run
      </Button>
    )
  return (
    <>
      <Heading aside="the whole move, without load">Dry run</Heading>
      <Row columns="1fr 1fr">
        <QuantityField
          {...field}
          pointer={at('lower_boom_from')}
          label="Lower boom, least"
          note="lower boom angle, least"
        />
        <QuantityField
          {...field}
          pointer={at('lower_boom_to')}
          label="Lower boom, most"
          note="lower boom angle, most"
        />
      </Row>
      <Row columns="1fr 1fr">
        <QuantityField
          {...field}
          pointer={at('upper_boom_from')}
          label="Upper boom, least"
          note="upper boom angle, least"
        />
        <QuantityField
          {...field}
          pointer={at('upper_boom_to')}
          label="Upper boom, most"
          note="upper boom angle, most"
        />
      </Row>
      <QuantityField
        {...field}
        pointer={at('load_radius')}
        label="Load radius of the jib"
        note="load radius of the jib"
      />
    </>
  )
}

// Everyone and everything in the platform.
export function PlatformPanel(props: PanelProps) {
  const { editor, ladder } = props
  const { platform } = craneOf(editor.document)
  if (!platform) return <DryRunFields {...props} />
  return (
    <>
      <Heading aside="everyone and everything">In the platform</Heading>
      {platform.aboard.map((item, index) => (
        <Row key={index} columns="1fr 1fr auto">
          <WordsField
            editor={editor}
            pointer={`/cranes/0/platform/aboard/${index}/what`}
            label="What"
            note={`what is aboard, ${index + 1}`}
          />
          <QuantityField
            editor={editor}
            ladder={ladder}
            pointer={`/cranes/0/platform/aboard/${index}/mass`}
            label="Mass"
            note={`mass aboard, ${index + 1}`}
          />
          <Button
            variant="outlined"
            aria-label={`take away ${item.what || `item ${index + 1}`}`}
            onClick={() =>
              editor.change(
                { '/cranes/0/platform/aboard': platform.aboard.filter((_, place) => place !== index) },
                'taken out of the platform',
              )
            }
          >
            −
          </Button>
        </Row>
      ))}
      <Button
        variant="outlined"
        onClick={() =>
          editor.change(
            { '/cranes/0/platform/aboard': [...platform.aboard, { what: '', mass: null }] },
            'put into the platform',
          )
        }
      >
        Add someone or something
      </Button>
    </>
  )
}
