import type { Plan } from '../../api/plan.generated'
import { Label } from '../figures/figures'
import { changed } from '../scale/changes'
import { At } from '../scale/scale'

// What a hand changed since it took hold: was, and is.
export function ChangedValues({
  before,
  plan,
  hook,
  cg,
  points,
}: {
  before: Plan | null
  plan: Plan
  hook: At
  cg: At
  points: At[]
}) {
  return (
    <>
      {before &&
        changed(before, plan).map(({ was, is, thing }) => {
          const place =
            thing === 'hook'
              ? { x: hook.x + 52, y: hook.y - 8 }
              : thing === 'cg'
                ? { x: cg.x + 18, y: cg.y + 44 }
                : { x: points[thing]!.x + 28, y: points[thing]!.y - 12 }
          return (
            <Label
              key={`${was} ${is}`}
              x={place.x}
              y={place.y}
              size={17}
              fill="var(--mark)"
              halo
            >{`${was} → ${is}`}</Label>
          )
        })}
    </>
  )
}
