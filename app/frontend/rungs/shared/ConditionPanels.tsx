import { Anemometer } from './Anemometer'
import { QuantityField } from './fields'
import type { PanelProps } from './panel'
import { HeightPanel } from '../height/HeightPanel'

// One figure each: what the chart assumes of how the crane stands, how its line hangs, and the wind.
export const StandPanel = ({ editor, ladder }: PanelProps) => (
  <QuantityField
    editor={editor}
    ladder={ladder}
    pointer="/cranes/0/level"
    label="Out of level, measured on the machine"
    note="how far out of level"
  />
)
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
