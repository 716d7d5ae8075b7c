import Button from '@mui/material/Button'
import { ChoiceField } from '../../ui/ChoiceField'
import { QuantityField, WordsField } from './fields'
import { Row } from '../../ui/Row'
import type { PanelProps } from './panel'
import { fieldId } from './places'

const BARE = {
  temperature: null,
  near: [],
  edges: null,
  no_sparks: false,
  no_current: false,
  site_factor: null,
  site_reason: '',
  surface: null,
}
const NEAR = ['acid', 'alkali', 'bleach'] as const
const EDGES: [string, string][] = [
  ['', 'not given'],
  ['none', 'no edges'],
  ['padded', 'edges, all padded'],
  ['sharp', 'sharp, not padded'],
]

const SURFACES: [string, string][] = [
  ['', 'not given'],
  ['plain', 'plain'],
  ['polished', 'polished'],
  ['coated', 'coated'],
  ['soft', 'soft'],
  ['thin', 'thin'],
]

// Where the slings work: heat, chemicals, edges, sparks, lines near by.
export function SurroundingsPanel({ editor, ladder }: PanelProps) {
  const place = editor.document.rigging.surroundings
  if (!place)
    return (
      <Button
        variant="outlined"
        fullWidth
        sx={{ minHeight: 44 }}
        onClick={() => editor.change({ '/rigging/surroundings': BARE }, 'surroundings of the slings')}
      >
        Give heat, chemicals and edges
      </Button>
    )
  const tick = (pointer: string, words: string, value: boolean) => (
    <label style={{ display: 'flex', alignItems: 'center', gap: 8, minHeight: 44 }}>
      <input
        type="checkbox"
        style={{ width: 22, height: 22 }}
        checked={value}
        onChange={(event) => editor.change({ [pointer]: event.target.checked }, words)}
      />
      {words}
    </label>
  )
  return (
    <>
      <Row columns="1fr 1fr">
        <QuantityField
          editor={editor}
          ladder={ladder}
          pointer="/rigging/surroundings/temperature"
          label="Temperature of the slings"
          note="temperature of the slings"
        />
        <ChoiceField
          id={fieldId('/rigging/surroundings/edges')}
          label="Edges they bear on"
          value={place.edges ?? ''}
          choices={EDGES}
          onChoose={(edges) => editor.change({ '/rigging/surroundings/edges': edges || null }, 'edges')}
        />
      </Row>
      {place.edges === 'sharp' && (
        <QuantityField
          editor={editor}
          ladder={ladder}
          pointer="/rigging/surroundings/edge_radius"
          label="Radius of the sharp edge"
          note="radius of the sharp edge"
          empty="not known: pad it"
        />
      )}
      <Row columns="1fr 1fr">
        <ChoiceField
          id={fieldId('/rigging/surroundings/surface')}
          label="Surface they bear on"
          value={place.surface ?? ''}
          choices={SURFACES}
          onChoose={(surface) =>
            editor.change({ '/rigging/surroundings/surface': surface || null }, 'surface')
          }
        />
        <WordsField
          editor={editor}
          pointer="/rigging/surroundings/packing"
          label="Packing between"
          note="packing between slings and surface"
        />
      </Row>
      {NEAR.map((what) => (
        <label
          key={what}
          style={{ display: 'inline-flex', alignItems: 'center', gap: 8, minHeight: 44, marginRight: 18 }}
        >
          <input
            type="checkbox"
            style={{ width: 22, height: 22 }}
            checked={place.near.includes(what)}
            onChange={(event) =>
              editor.change(
                {
                  '/rigging/surroundings/near': event.target.checked
                    ? [...place.near, what]
                    : place.near.filter((one) => one !== what),
                },
                `${what} near by`,
              )
            }
          />
          {what}
        </label>
      ))}
      {tick('/rigging/surroundings/no_sparks', 'no sparks allowed', place.no_sparks)}
      {tick(
        '/rigging/surroundings/no_current',
        'power lines near by: nothing that conducts',
        place.no_current,
      )}
      <Row columns="110px 1fr">
        <QuantityField
          editor={editor}
          ladder={ladder}
          pointer="/rigging/surroundings/site_factor"
          label="Site leaves"
          note="what the site leaves of every rating"
          empty="all of it"
        />
        <WordsField
          editor={editor}
          pointer="/rigging/surroundings/site_reason"
          label="Why"
          note="why the site lowers every rating"
        />
      </Row>
      <Button
        size="small"
        variant="outlined"
        onClick={() => editor.change({ '/rigging/surroundings': undefined }, 'surroundings taken away')}
      >
        Take the surroundings away
      </Button>
    </>
  )
}
