import { useCallback, useMemo, useState } from 'react'
import { FIT } from '../../drawing/scale/scale'
import { seenOf, type Looking } from './sheetLayout'

// How the drawing is looked at: a load that two cranes carry is first seen between them.
export function useLooking(two: boolean) {
  const [asSet, setLooking] = useState<Looking>(() => ({
    view: two ? 'tailing' : 'side',
    zoom: FIT,
    exaggerate: 1,
  }))
  const looking = useMemo(() => ({ ...asSet, view: seenOf(two, asSet.view) }), [asSet, two])
  const look = useCallback((change: Partial<Looking>) => setLooking((now) => ({ ...now, ...change })), [])
  return { looking, look }
}
