import { useQuery } from '@tanstack/react-query'
import { useCallback, useMemo, useState, type ReactNode } from 'react'
import { api } from '../../api/client'
import { withValues } from '../../plan/pointers'
import { PointAt, Previewed, type WayOut } from '../../plan/preview'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences } from '../../ui/preferences'

// The way out that a pointer or the keyboard rests on, and the ladder that the plan would have with it. It is
// of one document alone: with the next it is gone.
export function Previewing({ editor, children }: { editor: Editor; children: ReactNode }) {
  const { system } = usePreferences().preferences
  const [pointed, setPointed] = useState<{ way: WayOut; of: Editor['document'] } | null>(null)
  const way = pointed && pointed.of === editor.document ? pointed.way : null
  const asked = useQuery({
    queryKey: ['preview', editor.id, editor.checked.answers, way?.id, system],
    queryFn: () =>
      api.check({
        document: withValues(editor.document, way!.changes),
        take_off: null,
        hasty: true,
        open: [],
        units: system,
        plan: editor.id,
      }),
    enabled: !!way,
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const ladder = asked.data ?? null
  const point = useCallback(
    (next: WayOut | null) => setPointed(next && { way: next, of: editor.document }),
    [editor.document],
  )
  const preview = useMemo(() => (way ? { way, ladder } : null), [way, ladder])
  return (
    <PointAt.Provider value={point}>
      <Previewed.Provider value={preview}>{children}</Previewed.Provider>
    </PointAt.Provider>
  )
}
