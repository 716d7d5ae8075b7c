import { useMemo, useState } from 'react'
import type { Plan } from '../../api/plan.generated'
import { sheetLayout, type Frozen } from './sheetLayout'

type Asked = Omit<Parameters<typeof sheetLayout>[0], 'frozen'> & { dragging: Plan | null }

// The layout of the sheet. While a hand drags, scales stay as they were when it took hold.
export function useSheetLayout({ dragging, ladder, selected, width, height, view, zoom, exaggerate }: Asked) {
  const asked = useMemo(
    () => ({ ladder, selected, width, height, view, zoom, exaggerate }),
    [ladder, selected, width, height, view, zoom, exaggerate],
  )
  const fresh = useMemo(() => sheetLayout({ ...asked, frozen: null }), [asked])
  const [frozen, setFrozen] = useState<Frozen>({
    of: null,
    scale: null,
    drawing: null,
    strip: null,
    plan: null,
    crane: null,
    site: null,
  })
  if (frozen.of !== dragging)
    setFrozen({
      of: dragging,
      scale: fresh.scale,
      drawing: fresh.drawing,
      strip: fresh.strip,
      plan: fresh.plan,
      crane: fresh.crane,
      site: fresh.site,
    })
  const held = dragging !== null && frozen.of === dragging
  return useMemo(() => (held ? sheetLayout({ ...asked, frozen }) : fresh), [held, asked, frozen, fresh])
}
