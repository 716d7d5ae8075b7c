import type { Ladder, Rung } from '../../api/ladder.generated'
import type { RiggingDialog } from '../../plan/dialogs'
import type { Editor } from '../../plan/usePlanEditor'

// What every rung's panel is given.
export interface PanelProps {
  editor: Editor
  ladder: Ladder | null
  rung: Rung | null
  go: (pointer: string) => void
  light: (about: string | null) => void
  open: (dialog: RiggingDialog) => void
}
