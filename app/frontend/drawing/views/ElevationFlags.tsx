import type { Drawing, Figure, Sentence, Strand } from '../../api/ladder.generated'
import { Flag, flagWidth } from '../figures/figures'
import { At } from '../scale/scale'

// What each sling carries at worst, beside it.
export function ElevationFlags({
  drawing,
  narrow,
  at,
  hook,
  right,
  shown,
  axis,
  working,
  flags,
  points,
  stacked,
  selected,
}: {
  drawing: Drawing
  narrow: boolean
  at: (place: number[]) => { x: number; y: number }
  hook: At
  right: number
  shown: (figure: Figure | Sentence | null | undefined) => string
  axis: number
  working: boolean
  flags: { one: Strand; x: number; y: number; left: boolean }[]
  points: At[]
  stacked: (index: number) => number
  selected: number
}) {
  return (
    <>
      {drawing.uppers.map(
        (one, index) =>
          !narrow && (
            <Flag
              key={index}
              x={
                at(one.bottom).x < hook.x
                  ? (at(one.top).x + at(one.bottom).x) / 2 - 13
                  : Math.min(
                      (at(one.top).x + at(one.bottom).x) / 2 + 13,
                      right -
                        16 -
                        flagWidth(one.name.replace('upper sling', 'upper'), shown(one.worst) || 'not known'),
                    )
              }
              y={(at(one.top).y + at(one.bottom).y) / 2 - (axis === 1 ? 28 * index : 0)}
              left={at(one.bottom).x < hook.x}
              name={one.name.replace('upper sling', 'upper')}
              value={working ? 'working' : shown(one.worst) || 'not known'}
              verdict={working ? 'not_known' : one.verdict}
              selected={false}
            />
          ),
      )}
      {drawing.hook &&
        flags.map(({ one, x, y, left }, index) => (
          <Flag
            key={index}
            x={points.length > 1 ? x + (left ? -1 : 1) * 13 : x + 13}
            y={
              y -
              (one.from_horizontal.value < 40 ? 34 : 8) -
              (points.length > 2 || axis === 1 ? stacked(index) * 28 : 0)
            }
            left={left}
            name={one.name}
            value={working ? 'working' : one.slack ? 'slack' : shown(one.worst) || 'not known'}
            verdict={working ? 'not_known' : one.verdict}
            selected={index === selected}
          />
        ))}
    </>
  )
}
