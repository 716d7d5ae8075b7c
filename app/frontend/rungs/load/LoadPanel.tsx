import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { useShown } from '../../ui/preferences'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading, Row } from '../../ui/Row'
import { QuantityField, WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { LiftDayField } from '../gear/GearPanel'
import { PointsPanel } from '../points/PointsPanel'
import { ThrustFields } from '../thrust/ThrustPanel'

import { PointFields } from './PointFields'

const BASES: [string, string][] = [
  ['weighed', 'weighed'],
  ['certified', 'certified or marked'],
  ['calculated', 'calculated'],
  ['estimated', 'estimated'],
  ['unknown', 'not known'],
]
const CG_BASES: [string, string][] = [
  ['take_off', 'from a take-off'],
  ['drawing', 'from a drawing'],
  ['by_eye', 'judged by eye'],
  ['contents_unknown', 'contents not known'],
]

const MADE_OF: [string, string][] = [
  ['', 'not said'],
  ['one_piece', 'one piece'],
  ['bundle', 'loose pieces, a stack or bundle'],
]
const NAMES = ['West', 'East', 'North', 'South']

export function LoadPanel({ editor, ladder, rung }: PanelProps) {
  const shown = useShown()
  const { load, rigging } = editor.document
  const field = { editor, ladder }
  const more = () => {
    const name =
      NAMES.find((one) => !load.points.some((point) => point.name === one)) ??
      `Point ${load.points.length + 1}`
    editor.change(
      {
        '/load/points': [...load.points, { name, x: null, y: null, z: null }],
        '/rigging/legs': [...rigging.legs, { ...rigging.legs[0]!, length: null }],
      },
      `${name} point added`,
    )
  }
  const fewer = () =>
    editor.change(
      { '/load/points': load.points.slice(0, -1), '/rigging/legs': rigging.legs.slice(0, -1) },
      `${load.points.at(-1)?.name ?? 'last'} point taken away`,
    )
  return (
    <>
      <Button component={Link} to={`/plans/${editor.id}/load`} variant="outlined" fullWidth sx={{ mb: 1 }}>
        {load.take_off?.parts.length
          ? `The take-off, ${load.take_off.parts.length} rows`
          : 'Take off its parts'}
      </Button>
      <Row columns="1fr 1fr">
        {load.weight.by === 'take_off' ? (
          <FromTakeOff label="Weight, by take-off" value={shown(ladder?.taken_off.bare)} />
        ) : (
          <QuantityField {...field} pointer="/load/weight/bare" label="Weight" note="weight" />
        )}
        {load.weight.by === 'take_off' ? (
          <FromTakeOff label="How it is known" value="row by row" />
        ) : (
          <ChoiceField
            id={fieldId('/load/weight/basis')}
            label="How it is known"
            value={load.weight.basis}
            choices={BASES}
            onChoose={(basis) => editor.change({ '/load/weight/basis': basis }, 'how the weight is known')}
          />
        )}
      </Row>
      <Row columns="1fr 1fr">
        <WordsField editor={editor} pointer="/load/name" label="Load" />
        <WordsField editor={editor} pointer="/load/weight/source" label="Who says so" />
      </Row>
      <LiftDayField editor={editor} />
      <ChoiceField
        id={fieldId('/load/made_of')}
        label="It is"
        note="what the load is made of"
        value={load.made_of ?? ''}
        choices={MADE_OF}
        onChoose={(made) => editor.change({ '/load/made_of': made || null }, 'what the load is made of')}
      />
      <Heading aside={load.size.by === 'take_off' ? 'from the take-off' : undefined}>Size</Heading>
      {load.size.by !== 'take_off' && (
        <Row columns="1fr 1fr 1fr">
          {(['length', 'width', 'height'] as const).map((side) => (
            <QuantityField
              key={side}
              {...field}
              pointer={`/load/size/${side}`}
              label={`${side[0]!.toUpperCase()}${side.slice(1)}`}
              note={`load ${side}`}
            />
          ))}
        </Row>
      )}
      <Heading aside={load.cg.by === 'take_off' ? 'from the take-off' : 'from a corner of the base'}>
        Centre of gravity
      </Heading>
      {load.cg.by === 'take_off' && (
        <Row columns="1fr 1fr 1fr">
          {(['x', 'y', 'z'] as const).map((axis, index) => (
            <FromTakeOff
              key={axis}
              label={{ x: 'x along', y: 'y across', z: 'z up' }[axis]}
              value={shown(ladder?.taken_off.cg?.[index])}
            />
          ))}
        </Row>
      )}
      {load.cg.by !== 'take_off' && (
        <Row columns="1fr 1fr 1fr">
          {(['x', 'y', 'z'] as const).map((axis) => (
            <QuantityField
              key={axis}
              {...field}
              pointer={`/load/cg/${axis}`}
              label={{ x: 'x along', y: 'y across', z: 'z up' }[axis]}
              note={`centre of gravity ${axis}`}
            />
          ))}
        </Row>
      )}
      {load.cg.by !== 'take_off' && (
        <Row columns="1fr">
          <ChoiceField
            id={fieldId('/load/cg/basis')}
            label="How the centre of gravity is known"
            value={load.cg.basis}
            choices={CG_BASES}
            onChoose={(basis) =>
              editor.change({ '/load/cg/basis': basis }, 'how the centre of gravity is known')
            }
          />
        </Row>
      )}
      <Row columns="1fr 1fr 1fr">
        {(['x', 'y', 'z'] as const).map((axis) => (
          <QuantityField
            key={axis}
            {...field}
            pointer={`/load/cg/half_width/${axis}`}
            label={`± ${axis}`}
            note={`half-width of the CG box in ${axis}`}
            empty="by rule set"
          />
        ))}
      </Row>
      <PointFields load={load} editor={editor} field={field} more={more} fewer={fewer} rung={rung} />
      <PointsPanel editor={editor} ladder={ladder} />
      <Heading aside="where what legs press can harm it">Thin, long or flexible</Heading>
      <ThrustFields editor={editor} ladder={ladder} />
    </>
  )
}

// A figure that the take-off gives, in the place of the field where it would be typed.
const FromTakeOff = ({ label, value }: { label: string; value: string }) => (
  <div className="from-take-off">
    <span className="small">{label}</span>
    <strong>{value || 'not known'}</strong>
  </div>
)
