import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { Edges, Name, NAME_X, line, type ChartProps } from './chartParts'

const MOST_SHARE = 1
const END_WORDS = 96
const LINE_HEIGHT = 17

// How much of either crane's chart is used; past the part that it may use, hatched.
export function UseChart({ view, step, x, frame }: ChartProps) {
  const shown = useShown()
  const y = (share: number) => frame.bottom - Math.min(share / MOST_SHARE, 1) * (frame.bottom - frame.top)
  const limit = y(view.limit.value)
  const words = { head: step.head.use, tail: step.tail.use }
  const last = view.steps.at(-1)!
  const [first, other] = [view.worst.tail, view.worst.head]
  const headGoverns = (other?.use?.value ?? -1) > (first?.use?.value ?? -1)
  const worst = headGoverns ? other : first
  const colour = !worst?.use
    ? 'var(--ink)'
    : worst.use.value > view.limit.value
      ? 'var(--stop)'
      : worst.use.value > view.limit.value * view.attention
        ? 'var(--tight)'
        : 'var(--mark)'
  // What stands at the right end of each line, clear of one another.
  const ends = {
    head: y(last.head.use?.value ?? 0),
    tail: last.tail.use ? y(last.tail.use.value) : frame.bottom - 4,
  }
  const apart = Math.abs(ends.head - ends.tail) < LINE_HEIGHT
  const tailEnd = apart ? ends.head + (ends.tail >= ends.head ? LINE_HEIGHT : -LINE_HEIGHT) : ends.tail
  return (
    <g>
      <rect
        x={frame.left}
        y={frame.top}
        width={frame.right - frame.left}
        height={limit - frame.top}
        fill="url(#past-limit)"
      />
      <path d={`M${frame.left} ${limit}H${frame.right}`} stroke="var(--stop)" strokeWidth={2} />
      <Edges frame={frame} />
      {[
        [1, '100', 'var(--ink)'],
        [view.limit.value, String(Math.round(view.limit.value * 100)), 'var(--stop)'],
        [0, '0', 'var(--ink)'],
      ].map(([share, name, colour]) => (
        <Label
          key={name}
          x={frame.left - 8}
          y={y(share as number) + 5}
          anchor="end"
          size={15}
          fill={colour as string}
        >
          {name}
        </Label>
      ))}
      <Name x={frame.left - NAME_X} y={(frame.top + frame.bottom) / 2 + 8}>
        {['use of', 'chart, %']}
      </Name>
      <path
        d={line(view.curves.head, x, y)}
        fill="none"
        stroke="var(--mark)"
        strokeWidth={2}
        strokeDasharray="7 4"
      />
      <path d={line(view.curves.tail, x, y)} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
      {worst?.use && (
        <>
          <circle
            cx={x(worst.at)}
            cy={y(worst.use.value)}
            r={5}
            fill="var(--chalk)"
            stroke={colour}
            strokeWidth={2.4}
          />
          <Label
            x={Math.min(x(worst.at) + 10, frame.right - 150)}
            y={Math.max(y(worst.use.value), limit) + 20}
            size={15}
            fill={colour}
            halo
          >
            {`${headGoverns ? 'head' : 'tail'} at most ${shown(worst.use)} ${worst.words}`}
          </Label>
        </>
      )}
      {(['tail', 'head'] as const).map((side, index) => {
        const share = words[side]
        if (!share) return null
        return (
          <g key={side}>
            <circle
              cx={x(step.at)}
              cy={y(share.value)}
              r={4}
              fill={side === 'tail' ? 'var(--ink)' : 'var(--mark)'}
            />
            <Label
              x={x(step.at) + (x(step.at) > frame.right - END_WORDS ? -8 : 8)}
              y={y(share.value) + (index === 0 ? -7 : 19)}
              anchor={x(step.at) > frame.right - END_WORDS ? 'end' : 'start'}
              size={15}
              fill={side === 'tail' ? 'var(--ink)' : 'var(--mark)'}
              halo
            >
              {`${side} ${shown(share)}`}
            </Label>
          </g>
        )
      })}
      <Label x={frame.right + 8} y={ends.head + 5} size={15} fill="var(--mark)">
        {last.head.use ? `head ${shown(last.head.use)}` : 'head'}
      </Label>
      <Label x={frame.right + 8} y={tailEnd + 5} size={15}>
        {last.tail.use ? `tail ${shown(last.tail.use)}` : view.does === 'carry' ? 'tail' : 'tail let go'}
      </Label>
    </g>
  )
}
