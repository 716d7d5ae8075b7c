import type { PanelProps } from '../shared/panel'
import { GeometryFields } from '../level/LevelPanel'

export const AnglePanel = ({ editor, ladder }: PanelProps) => (
  <GeometryFields editor={editor} ladder={ladder} />
)
