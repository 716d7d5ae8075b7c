import type { Plan } from '../../api/plan.generated'

// What a drag has changed so far, as it was and is written, and the thing it is about.
export const changed = (before: Plan, now: Plan) => {
  const pairs: {
    was: string | null | undefined
    is: string | null | undefined
    thing: 'hook' | 'cg' | number
  }[] = [
    { was: before.rigging.hook_height, is: now.rigging.hook_height, thing: 'hook' },
    { was: before.rigging.beam?.span, is: now.rigging.beam?.span, thing: 'hook' },
    { was: before.rigging.beam?.headroom, is: now.rigging.beam?.headroom, thing: 'hook' },
    ...(['x', 'y', 'z'] as const).map((axis) => ({
      was: before.load.cg[axis],
      is: now.load.cg[axis],
      thing: 'cg' as const,
    })),
    ...now.load.points.flatMap((point, thing) =>
      (['x', 'y', 'z'] as const).map((axis) => ({
        was: before.load.points[thing]?.[axis] ?? null,
        is: point[axis],
        thing,
      })),
    ),
    ...now.rigging.legs.map((leg, thing) => ({
      was: before.rigging.legs[thing]?.length,
      is: leg.length,
      thing,
    })),
  ]
  return pairs
    .filter(({ was, is }) => was !== is && is)
    .map((pair) => ({ ...pair, was: pair.was ?? 'not set' }))
}
