import type { Editor } from '../../plan/usePlanEditor'

// What each of the dialogs is given: the plan, and how its offer is taken.
export interface RiggingProps {
  editor: Editor
  take: (changes: Record<string, unknown>, note: string) => void
}
