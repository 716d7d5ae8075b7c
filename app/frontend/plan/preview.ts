import { createContext, useContext } from 'react'
import type { WayPart } from '../api/client'
import type { Ladder, RungId } from '../api/ladder.generated'

export type WayOut = NonNullable<WayPart['way']>

// A way out that is pointed at and not taken: what the ladder would be with it, once that is known.
export interface Preview {
  way: WayOut
  ladder: Ladder | null
}
export const Previewed = createContext<Preview | null>(null)
export const usePreview = () => useContext(Previewed)

// What a rung would say with it; null where it would say the same, or nothing is pointed at.
export const useGhost = (id: RungId) => usePreview()?.way.rungs.find((rung) => rung.id === id) ?? null

// Points at a way, or at none.
export const PointAt = createContext<(way: WayOut | null) => void>(() => undefined)
export const usePointAt = () => useContext(PointAt)
