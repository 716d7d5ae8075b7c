import { useEffect } from 'react'
import type { RungId } from '../../api/ladder.generated'
import type { Editor } from '../../plan/usePlanEditor'

// Only the working of the rung that is looked at is asked for; other rooms want all of it.
export function useOpenRung({ setOpen }: Editor, selected: RungId) {
  useEffect(() => {
    setOpen(selected)
    return () => setOpen(null)
  }, [setOpen, selected])
}
