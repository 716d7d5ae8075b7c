import { useId } from 'react'
import { Hatch } from './Hatch'
import type { Verdict } from './verdict'

interface Props {
  verdict: Verdict
  share: number | null
  attention?: number | null
  width: number
  height: number
  stiles?: boolean
  plain?: boolean
  // Answered in words, by a named person.
  word?: boolean
}

// One rung: solid, hatched, snapped or dashed. Full width is 100 %. The snapped one hangs long from the left
// stile and short from the right; how far apart says nothing.
export function RungBar({
  verdict,
  share,
  attention,
  width: w,
  height: h,
  stiles = false,
  plain = false,
  word = false,
}: Props) {
  const hatch = useId()
  const filled = Math.max(0, Math.min(1, share ?? 1)) * w
  const tick = attention && verdict !== 'not_known' && verdict !== 'stop' ? attention * w : null
  const bar = h * 0.72
  const drop = w > 120 ? 9 : h * 0.42
  const jag = Math.min(8, w * 0.06)
  const left = w * 0.53
  const right = w * 0.6
  return (
    <svg
      width={w}
      height={h * 1.7}
      viewBox={`0 ${-h * 0.35} ${w} ${h * 1.7}`}
      aria-hidden
      style={{ display: 'block', overflow: 'visible' }}
    >
      {verdict === 'tight' && <Hatch id={hatch} />}
      {verdict === 'not_known' && (
        <rect
          x={0.75}
          y={0.75}
          width={w - 1.5}
          height={h - 1.5}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.5}
          strokeDasharray="6 4"
        />
      )}
      {verdict === 'holds' && share === null && (
        <rect x={0} y={h / 2 - 2} width={w} height={4} fill="var(--mark)" />
      )}
      {(verdict === 'tight' || (verdict === 'holds' && share !== null)) && (
        <>
          <rect
            x={0.75}
            y={0.75}
            width={w - 1.5}
            height={h - 1.5}
            fill="var(--chalk)"
            stroke="var(--ink)"
            strokeWidth={1.5}
          />
          <rect
            x={0.75}
            y={0.75}
            width={Math.max(0, filled - 1.5)}
            height={h - 1.5}
            fill={verdict === 'holds' ? 'var(--mark)' : `url(#${hatch})`}
            stroke="var(--ink)"
            strokeWidth={plain ? 0.75 : 1.5}
          />
        </>
      )}
      {verdict === 'stop' && (
        <g fill="var(--stop)">
          <path
            d={
              `M0 ${h * 0.05} L${left} ${drop} l${-jag} ${bar * 0.3} l${jag * 1.2}` +
              ` ${bar * 0.35} l${-jag} ${bar * 0.42} L0 ${h * 0.05 + bar} Z`
            }
          />
          <path
            d={
              `M${w} ${-h * 0.04} L${right} ${h * 0.1} l${jag} ${bar * 0.3} l${-jag * 1.3}` +
              ` ${bar * 0.34} l${jag * 0.9} ${bar * 0.36} L${w} ${-h * 0.04 + bar} Z`
            }
          />
        </g>
      )}
      {word && <ByWord middle={h / 2} />}
      {tick !== null && <path d={`M${tick} -3 V${h + 4}`} stroke="var(--ink)" strokeWidth={1.5} />}
      {stiles && (
        <path
          d={`M0 ${-h * 0.35} V${h * 1.35} M${w} ${-h * 0.35} V${h * 1.35}`}
          stroke="var(--ink)"
          strokeWidth={3}
        />
      )}
    </svg>
  )
}

// The mark of an answer by word, on its bar.
const ByWord = ({ middle }: { middle: number }) => (
  <g className="by-word">
    <rect
      x={8}
      y={middle - 7}
      width={17}
      height={14}
      fill="var(--chalk)"
      stroke="var(--mark)"
      strokeWidth={1.5}
    />
    <text x={16.5} y={middle + 4.4} textAnchor="middle" fontSize={12} fontWeight={600} fill="var(--mark)">
      W
    </text>
  </g>
)
