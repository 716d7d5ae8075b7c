import { Anemometer } from './Anemometer'
import { QuantityField } from './fields'
import type { PanelProps } from './panel'
import { HeightPanel } from '../height/HeightPanel'

// What the chart assumes of how its line hangs, and of the wind.
export const SidePullPanel = ({ editor, ladder }: PanelProps) => (
  <QuantityField
    editor={editor}
    ladder={ladder}
    pointer="/cranes/0/side_pull"
    label="Planned pull, from plumb"
    note="planned side pull"
  />
)
export const WindPanel = ({ editor, ladder, rung }: PanelProps) => (
  <>
    <QuantityField
      editor={editor}
      ladder={ladder}
      pointer="/cranes/0/wind"
      label="Gust at the load or the tip"
      note="wind"
    />
    <QuantityField
      editor={editor}
      ladder={ladder}
      pointer="/cranes/0/wind_at"
      label="Measured how high up"
      note="height of the measured wind"
      empty="at the tip"
    />
    <Anemometer editor={editor} rung={rung} />
  </>
)
export const ClearancePanel = HeightPanel
