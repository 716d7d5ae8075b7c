import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import { ZoneFields } from '../zones/ZonesPanel'
import { ChoiceField } from '../../ui/ChoiceField'
import { Row } from '../../ui/Row'
import { QuantityField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { DryRunFields } from '../platform/PlatformPanel'
import { craneOf, machineOf } from '../../plan/crane'

import { takingTwo } from '../../plan/tandem'
import { StationFields, type Station } from './StationFields'

const MOST = 12

// Where the load goes, station by station, and with how much boom.
export function CranePanel(props: PanelProps) {
  const { editor, ladder, open } = props
  const crane = craneOf(editor.document)
  const field = { editor, ladder }
  const machine = machineOf(ladder)
  if (machine.reads === 'angles') return <DryRunFields {...props} />
  const last = crane.stations.length - 1
  const put = (stations: Station[], note: string) => editor.change({ '/cranes/0/stations': stations }, note)
  const between: Station = {
    name: `past ${crane.stations.length - 1}`,
    radius: null,
    slew: null,
    support_height: null,
  }
  return (
    <>
      <Row columns="1fr 1fr">
        {machine.booms && (
          <QuantityField {...field} pointer="/cranes/0/boom_length" label="Boom length" note="boom length" />
        )}
        {machine.second_trolley && (
          <ChoiceField
            id={fieldId('/cranes/0/second_trolley')}
            label="Second trolley"
            value={crane.second_trolley ?? ''}
            choices={[
              ['', 'not given'],
              ['fitted', 'fitted'],
              ['not fitted', 'not fitted'],
            ]}
            onChoose={(value) =>
              editor.change({ '/cranes/0/second_trolley': value || null }, 'second trolley')
            }
          />
        )}
        <ChoiceField
          id={fieldId('/cranes/0/radius_measured_loaded')}
          label="Radius measured"
          value={String(crane.radius_measured_loaded)}
          choices={[
            ['false', 'unloaded'],
            ['true', 'under load'],
          ]}
          onChoose={(value) =>
            editor.change(
              { '/cranes/0/radius_measured_loaded': value === 'true' },
              'how the radius was measured',
            )
          }
        />
      </Row>
      <StationFields
        crane={crane}
        last={last}
        put={put}
        editor={editor}
        machine={machine}
        field={field}
        ladder={ladder}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px', mt: '6px' }}>
        {crane.stations.length < MOST && (
          <Button
            variant="outlined"
            onClick={() =>
              put([...crane.stations.slice(0, last), between, crane.stations[last]!], 'station added')
            }
          >
            Add a place between
          </Button>
        )}
        <Button variant="outlined" onClick={() => open('cranes')}>
          Cranes side by side
        </Button>
        {editor.document.load.points.length === 2 && (
          <Button variant="outlined" onClick={() => editor.change(takingTwo(editor.document), 'two cranes')}>
            Two cranes share it
          </Button>
        )}
      </Box>
      <ZoneFields {...props} />
    </>
  )
}
