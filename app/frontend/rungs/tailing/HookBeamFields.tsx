import Button from '@mui/material/Button'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

const BLANK = {
  name: '',
  mass: null,
  rated: null,
  span: null,
  off: null,
  high: null,
  long: null,
  width: null,
}
const AT = '/tandem/beam'
const PAIRS = [
  [
    ['mass', 'Mass'],
    ['rated', 'Rated, hooked so'],
  ],
  [
    ['span', 'Hook to hook'],
    ['off', 'Off middle, to head'],
  ],
  [
    ['high', 'Slings up to hooks'],
    ['long', 'Length, end to end'],
  ],
] as const

// One beam in both hooks, the load below it on a plumb sling at each point: only of a load that is carried.
export function HookBeamFields({ editor, ladder }: Pick<PanelProps, 'editor' | 'ladder'>) {
  const { tandem } = editor.document
  if (!tandem || (tandem.does !== 'carry' && !tandem.beam)) return null
  if (!tandem.beam)
    return (
      <Button
        id={fieldId(AT)}
        variant="outlined"
        fullWidth
        onClick={() => editor.change({ [AT]: BLANK }, 'one beam in both hooks')}
      >
        One beam in both hooks
      </Button>
    )
  const line = (name: string, label: string) => (
    <QuantityField
      key={name}
      editor={editor}
      ladder={ladder}
      pointer={`${AT}/${name}`}
      label={label}
      note={`beam in both hooks, ${label.toLowerCase()}`}
    />
  )
  return (
    <>
      <Heading aside="the load below it on plumb slings">Beam in both hooks</Heading>
      <Row columns="1fr auto">
        <WordsField
          editor={editor}
          pointer={`${AT}/name`}
          label="Beam"
          note="name of the beam in both hooks"
        />
        <Button
          variant="outlined"
          aria-label="take away the beam in both hooks"
          onClick={() => editor.change({ [AT]: null }, 'beam in both hooks taken away')}
        >
          −
        </Button>
      </Row>
      {PAIRS.map((pair) => (
        <Row key={pair[0][0]} columns="1fr 1fr">
          {pair.map(([name, label]) => line(name, label))}
        </Row>
      ))}
      {line('width', 'Width')}
    </>
  )
}
