import type { Drawing } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import { CgLens, CgMark, Label } from '../figures/figures'
import type { Place } from '../scale/scale'

const MARGIN = 14
const HEAD = 26
const MAGNIFIED_UNDER = 24
const LENS = 76

// From above, y up the sheet: points, centre of gravity and its box, magnified where it is small.
export function PlanView({
  drawing,
  width,
  height,
  leg,
  working,
}: {
  drawing: Drawing
  width: number
  height: number
  leg: number
  working: boolean
}) {
  const shown = useShown()
  const [length, breadth] = drawing.size as Place
  const whole = { width: width - 2 * MARGIN, height: height - HEAD - MARGIN }
  const [ex, ey] = drawing.cg_half_width as Place
  const small =
    2 * Math.min(ex, ey) * Math.min(whole.width / length, whole.height / breadth) < MAGNIFIED_UNDER
  const frame = { width: whole.width - (small ? LENS : 0), height: whole.height }
  const perMetre = Math.min(frame.width / length, frame.height / breadth)
  const left = MARGIN + (frame.width - length * perMetre) / 2
  const bottom = HEAD + (frame.height + breadth * perMetre) / 2
  const at = ([x, y]: Place) => ({ x: left + x * perMetre, y: bottom - y * perMetre })
  const cg = at(drawing.cg as Place)
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label="Plan of the load"
      style={{
        display: 'block',
        background: 'var(--chalk)',
        border: '1.5px solid var(--ink)',
        boxSizing: 'border-box',
      }}
    >
      <Label x={8} y={18} size={16}>
        Plan
      </Label>
      <Label
        x={width - 10}
        y={18}
        anchor="end"
        size={14}
        weight={500}
        fill="var(--ink2)"
      >{`points from above, ${working ? 'working' : shown(drawing.legs[leg]?.run)} to plumb`}</Label>
      <rect
        x={left}
        y={bottom - breadth * perMetre}
        width={length * perMetre}
        height={breadth * perMetre}
        fill="var(--bone)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {drawing.points.map((point, index) => {
        const place = at(point.at as Place)
        const stop = !working && drawing.legs[index]?.verdict === 'stop'
        return (
          <g key={index}>
            {drawing.hook && (
              <path
                d={`M${cg.x} ${cg.y}L${place.x} ${place.y}`}
                stroke={stop ? COLOUR.stop : 'var(--ink)'}
                strokeWidth={stop ? 4 : 2.4}
              />
            )}
            <rect
              x={place.x - 6}
              y={place.y - 6}
              width={12}
              height={12}
              fill={index === leg ? 'var(--mark)' : 'var(--chalk)'}
              stroke="var(--mark)"
              strokeWidth={2}
            />
          </g>
        )
      })}
      <rect
        x={cg.x - ex * perMetre}
        y={cg.y - ey * perMetre}
        width={2 * ex * perMetre}
        height={2 * ey * perMetre}
        fill="none"
        stroke="var(--mark)"
        strokeDasharray="3 3"
      />
      <CgMark x={cg.x} y={cg.y} r={6} />
      {small && (
        <CgLens
          x={width - MARGIN - 30}
          y={HEAD + frame.height / 2}
          of={cg}
          box={{ w: ex * perMetre, h: ey * perMetre }}
        />
      )}
    </svg>
  )
}
