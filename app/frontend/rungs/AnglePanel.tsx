import type { PanelProps } from './parts'
import { GeometryFields } from './LevelPanel'

export const AnglePanel = ({ editor, ladder }: PanelProps) => (
  <GeometryFields editor={editor} ladder={ladder} />
)
