import { useMemo, useState } from 'react'
import type { Plan } from '../../api/plan.generated'
import { sheetLayout, type Frozen } from './sheetLayout'

type Asked = Omit<Parameters<typeof sheetLayout>[0], 'frozen'> & { dragging: Plan | null }

const LOOSE: Frozen = {
  of: null,
  scale: null,
  drawing: null,
  strip: null,
  plan: null,
  crane: null,
  site: null,
}

// The layout of the sheet. While a hand drags, scales stay as they were when it took hold.
export function useSheetLayout({ dragging, ladder, selected, width, height, view, zoom, exaggerate }: Asked) {
  const [frozen, setFrozen] = useState(LOOSE)
  const held = dragging !== null && frozen.of === dragging ? frozen : null
  const layout = useMemo(
    () => sheetLayout({ ladder, selected, width, height, view, zoom, exaggerate, frozen: held }),
    [ladder, selected, width, height, view, zoom, exaggerate, held],
  )
  if (frozen.of !== dragging) {
    const { scale, drawing, strip, plan, crane, site } = layout
    setFrozen({ of: dragging, scale, drawing, strip, plan, crane, site })
  }
  return layout
}
