import Button from '@mui/material/Button'
import type { Plan } from '../api/plan.generated'
import { ChoiceField, Heading, QuantityField, Row, WordsField, type PanelProps } from './parts'
import { fieldId } from './places'

const BASES: [string, string][] = [['weighed', 'weighed'], ['certified', 'certified or marked'], ['calculated', 'calculated'], ['estimated', 'estimated'], ['unknown', 'not known']]
const CG_BASES: [string, string][] = [['take_off', 'from a take-off'], ['drawing', 'from a drawing'], ['by_eye', 'judged by eye'], ['contents_unknown', 'contents not known']]

export function LoadPanel({ editor, ladder }: PanelProps) {
  const { load, rigging } = editor.document
  const field = { editor, ladder }
  const second = () => {
    const points: Plan['load']['points'] = [...load.points, { name: load.points[0]?.name === 'East' ? 'West' : 'East', x: null, y: null, z: null }]
    editor.change({ '/load/points': points, '/rigging/legs': [...rigging.legs, { ...rigging.legs[0]!, length: null }] }, 'second point added')
  }
  const one = () => editor.change({ '/load/points': load.points.slice(0, 1), '/rigging/legs': rigging.legs.slice(0, 1) }, 'second point taken away')
  return (
    <>
      <Row columns="1fr 1fr">
        <QuantityField {...field} kind="mass" pointer="/load/weight/bare" label="Weight" note="weight" />
        <ChoiceField id={fieldId('/load/weight/basis')} label="How it is known" value={load.weight.basis} choices={BASES} onChoose={(basis) => editor.change({ '/load/weight/basis': basis }, 'how the weight is known')} />
      </Row>
      <Row columns="1fr 1fr">
        <WordsField editor={editor} pointer="/load/name" label="Load" />
        <WordsField editor={editor} pointer="/load/weight/source" label="Who says so" />
      </Row>
      <Heading>Size</Heading>
      <Row columns="1fr 1fr 1fr">
        {(['length', 'width', 'height'] as const).map((side) => <QuantityField key={side} {...field} kind="length" pointer={`/load/size/${side}`} label={`${side[0]!.toUpperCase()}${side.slice(1)}`} note={`load ${side}`} />)}
      </Row>
      <Heading aside="from a corner of the base">Centre of gravity</Heading>
      <Row columns="1fr 1fr 1fr">
        {(['x', 'y', 'z'] as const).map((axis) => <QuantityField key={axis} {...field} kind="length" pointer={`/load/cg/${axis}`} label={{ x: 'x along', y: 'y across', z: 'z up' }[axis]} note={`centre of gravity ${axis}`} />)}
      </Row>
      <ChoiceField id={fieldId('/load/cg/basis')} label="How the centre of gravity is known" value={load.cg.basis} choices={CG_BASES} onChoose={(basis) => editor.change({ '/load/cg/basis': basis }, 'how the centre of gravity is known')} />
      <Heading aside="x along, y across, z up">Points</Heading>
      {load.points.map((point, index) => (
        <Row key={index} columns="74px 1fr 1fr 1fr">
          <WordsField editor={editor} pointer={`/load/points/${index}/name`} label="Name" note={`name of point ${index + 1}`} />
          {(['x', 'y', 'z'] as const).map((axis) => <QuantityField key={axis} {...field} kind="length" pointer={`/load/points/${index}/${axis}`} label={axis} note={`${point.name} point ${axis}`} />)}
        </Row>
      ))}
      {load.points.length === 1 ? <Button variant="outlined" onClick={second}>Add a second point</Button> : <Button variant="outlined" onClick={one}>Use one point only</Button>}
    </>
  )
}
