import { Anemometer } from './Anemometer'
import { useCranePlace } from '../../plan/craneAt'
import { QuantityField } from './fields'
import type { PanelProps } from './panel'
import { HeightPanel } from '../height/HeightPanel'

// What the chart assumes of how its line hangs, and of the wind.
export const SidePullPanel = ({ editor, ladder }: PanelProps) => (
  <QuantityField
    editor={editor}
    ladder={ladder}
    pointer={`${useCranePlace()}/side_pull`}
    label="Planned pull, from plumb"
    note="planned side pull"
  />
)
export function WindPanel({ editor, ladder, rung }: PanelProps) {
  const crane = useCranePlace()
  return (
  <>
    <QuantityField
      editor={editor}
      ladder={ladder}
      pointer={`${crane}/wind`}
      label="Gust at the load or the tip"
      note="wind"
    />
    <QuantityField
      editor={editor}
      ladder={ladder}
      pointer={`${crane}/wind_at`}
      label="Measured how high up"
      note="height of the measured wind"
      empty="at the tip"
    />
    <Anemometer editor={editor} rung={rung} />
  </>
  )
}
export const ClearancePanel = HeightPanel
