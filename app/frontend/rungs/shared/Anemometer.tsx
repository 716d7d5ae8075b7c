import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { api } from '../../api/client'
import type { Rung } from '../../api/ladder.generated'
import { useCranePlace } from '../../plan/craneAt'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'
import { useDevice } from '../../ui/useDevice'

const lasting = (seconds: number) =>
  seconds < 60 ? `${seconds} s` : `${Math.floor(seconds / 60)} min ${seconds % 60} s`

interface Props {
  editor: Editor
  rung: Rung | null
}

// What the anemometer says now, its gust, and taking that as the plan's; or that there is no reading.
export function Anemometer({ editor, rung }: Props) {
  const crane = useCranePlace()
  const { system } = usePreferences().preferences
  const said = useDevice('anemometer', api.anemometer)
  if ('no_reading' in said)
    return (
      <Box className="device" role="group" aria-label="Anemometer" data-anemometer="none">
        <Box component="h4">No reading</Box>
        <Box>{said.no_reading}</Box>
      </Box>
    )
  const { reading } = said
  const taken = reading.take?.[system]
  const allowed = rung?.capacity
  const over = allowed != null && reading.gust_m_s > allowed.value
  return (
    <Box className="device" role="group" aria-label="Anemometer" data-anemometer={over ? 'over' : 'live'}>
      <Box component="h4">Anemometer, {reading.height[system]} up</Box>
      <Box component="dl">
        <dt>now</dt>
        <dd data-wind="now">{reading.now[system]}</dd>
        <dt>gust</dt>
        <dd data-wind="gust">{reading.gust[system]}</dd>
        <dt>heard for</dt>
        <dd>{lasting(reading.heard_s)}</dd>
      </Box>
      <Button
        size="small"
        variant="outlined"
        disabled={!taken}
        onClick={() =>
          editor.change(
            { [`${crane}/wind`]: taken, [`${crane}/wind_at`]: reading.height[system] },
            'wind taken from the anemometer',
          )
        }
      >
        {taken ? `Take ${taken} as the gust` : 'Take the gust'}
      </Button>
      <Box className="device-note">{reading.wait ?? 'The greatest of the last ten minutes.'}</Box>
      {over && <Box className="device-over">More than the {allowed[system]} that are allowed here.</Box>}
    </Box>
  )
}
