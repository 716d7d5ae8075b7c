import type { ReactNode } from 'react'

// Small drawings of where to look and measure, each in a frame of 120 by 76. What is measured is drawn in the
// mark's colour; what is out, in the stop's.
const rope = (y: number, h: number) => (
  <>
    <rect x={6} y={y} width={108} height={h} fill="var(--chalk)" stroke="var(--ink)" strokeWidth={2} />
    {Array.from({ length: 9 }, (_, index) => (
      <path key={index} d={`M${8 + index * 12} ${y + h} l9 ${-h}`} stroke="var(--ink)" strokeWidth={1.6} />
    ))}
  </>
)
const span = (x: number, to: number, y: number) => (
  <path
    d={
      `M${x} ${y - 5} v10 M${to} ${y - 5} v10 M${x} ${y} H${to} m-5 -4 l5 4 l-5 4` +
      ` M${x + 5} ${y - 4} l-5 4 l5 4`
    }
    fill="none"
    stroke="var(--mark)"
    strokeWidth={2}
  />
)
const tall = (x: number, y: number, to: number) => (
  <path
    d={
      `M${x - 5} ${y} h10 M${x - 5} ${to} h10 M${x} ${y} V${to} m-4 -5 l4 5 l4 -5` +
      ` M${x - 4} ${y + 5} l4 -5 l4 5`
    }
    fill="none"
    stroke="var(--mark)"
    strokeWidth={2}
  />
)
const wires = (places: [number, number][]) => (
  <g stroke="var(--stop)" strokeWidth={2}>
    {places.map(([x, y]) => (
      <path key={`${x} ${y}`} d={`M${x} ${y} l6 -10`} />
    ))}
  </g>
)
const body = { fill: 'var(--chalk)', stroke: 'var(--ink)', strokeWidth: 2.5 }
const hook = (
  <path
    d="M52 6 h14 v16 q22 8 20 26 q-4 22 -28 20 q-22 -2 -20 -20 h10 q0 10 12 10 q14 0 14 -14 q0 -10 -22 -16 z"
    {...body}
  />
)
const bow = <path d="M34 66 V36 q0 -28 26 -28 t26 28 V66 h-12 V38 q0 -18 -14 -18 t-14 18 V66 z" {...body} />
const link = (x: number) => (
  <rect key={x} x={x} y={26} width={40} height={24} rx={12} fill="none" stroke="var(--ink)" strokeWidth={6} />
)

const DRAWN: Record<string, ReactNode> = {
  tag: (
    <g>
      <path d="M20 18 h78 v40 h-78 l-8 -10 v-20 z" {...body} />
      <circle cx={22} cy={38} r={4} fill="var(--ink)" />
      <path d="M36 30 h50 M36 40 h40 M36 50 h46" stroke="var(--ink)" strokeWidth={2.5} />
    </g>
  ),
  eye: (
    <g>
      <path d="M114 44 H96 Q70 66 34 62 Q8 56 8 38 Q8 20 34 14 Q70 10 96 32 H114" {...body} />
      <path
        d="M92 38 Q64 54 36 51 Q20 47 20 38 Q20 29 36 25 Q64 22 92 38 z"
        fill="var(--bone)"
        stroke="var(--ink)"
      />
      <circle cx={34} cy={38} r={9} fill="var(--mark)" />
      {span(22, 90, 38)}
    </g>
  ),
  sleeve: (
    <g>
      {rope(30, 16)}
      <rect x={40} y={22} width={40} height={32} fill="var(--ink2)" stroke="var(--ink)" strokeWidth={2} />
    </g>
  ),
  crown: (
    <g>
      <path d="M26 4 H94" stroke="var(--mark)" strokeWidth={2} />
      {[0, 60, 120, 180, 240, 300].map((turn) => (
        <circle
          key={turn}
          cx={60 + 20 * Math.cos((turn * Math.PI) / 180)}
          cy={40 + 20 * Math.sin((turn * Math.PI) / 180)}
          r={10}
          {...body}
        />
      ))}
      <circle cx={60} cy={40} r={9} fill="var(--dust)" stroke="var(--ink)" />
      <path d="M28 4 V72 M92 4 V72" stroke="var(--mark)" strokeWidth={3} />
    </g>
  ),
  lay: (
    <g>
      {rope(36, 22)}
      {span(18, 90, 24)}
      {wires([
        [26, 40],
        [40, 40],
        [52, 40],
        [64, 40],
        [78, 40],
      ])}
    </g>
  ),
  strand: (
    <g>
      {rope(30, 28)}
      {wires([
        [52, 46],
        [58, 40],
        [64, 36],
        [48, 54],
      ])}
    </g>
  ),
  body: rope(26, 24),
  chain: <g>{[4, 30, 56, 78].map(link)}</g>,
  bearing: (
    <g>
      {[14, 48].map(link)}
      {tall(98, 23, 53)}
      <path d="M54 23 H98 M54 53 H98" stroke="var(--mark)" strokeDasharray="3 3" />
    </g>
  ),
  reach: (
    <g>
      {[10, 34, 58, 80].map((x) => (
        <rect
          key={x}
          x={x}
          y={40}
          width={28}
          height={18}
          rx={9}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={4}
        />
      ))}
      {span(10, 108, 24)}
    </g>
  ),
  ring: <ellipse cx={60} cy={38} rx={22} ry={30} fill="none" stroke="var(--ink)" strokeWidth={9} />,
  fibre: (
    <g>
      <rect x={6} y={24} width={108} height={28} {...body} />
      <path d="M6 31 H114 M6 38 H114 M6 45 H114" stroke="var(--ink)" strokeDasharray="4 3" />
    </g>
  ),
  mesh: (
    <g>
      <rect x={6} y={18} width={108} height={40} {...body} />
      {[14, 30, 46, 62, 78, 94].map((x) => (
        <path
          key={x}
          d={`M${x} 18 q8 20 0 40 M${x + 8} 18 q-8 20 0 40`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ))}
    </g>
  ),
  hook: <g>{hook}</g>,
  throat: (
    <g>
      {hook}
      {span(40, 60, 34)}
    </g>
  ),
  twist: (
    <g>
      {hook}
      <path d="M92 16 a34 34 0 0 1 12 26" fill="none" stroke="var(--mark)" strokeWidth={2.5} />
      <path d="M59 6 V72" stroke="var(--mark)" strokeDasharray="4 3" />
    </g>
  ),
  bowl: (
    <g>
      {bow}
      {tall(60, 6, 21)}
    </g>
  ),
  pin: (
    <g>
      <rect x={14} y={30} width={92} height={16} {...body} />
      <rect x={8} y={22} width={14} height={32} {...body} />
      {tall(66, 29, 47)}
    </g>
  ),
  shackle: (
    <g>
      {bow}
      <rect x={26} y={56} width={68} height={10} fill="var(--ink2)" />
    </g>
  ),
  bolt: (
    <g>
      <circle cx={60} cy={24} r={15} fill="none" stroke="var(--ink)" strokeWidth={8} />
      <path d="M40 44 h40 v6 h-40 z M52 50 h16 v22 h-16 z M52 56 h16 M52 62 h16 M52 68 h16" {...body} />
    </g>
  ),
  beam: (
    <g>
      <path d="M6 30 H114 V46 H6 z" {...body} />
      <circle cx={16} cy={38} r={4} fill="var(--ink)" />
      <circle cx={104} cy={38} r={4} fill="var(--ink)" />
      <path d="M60 30 V14 m-8 0 a8 8 0 1 1 16 0" fill="none" stroke="var(--ink)" strokeWidth={3} />
    </g>
  ),
  clamp: <path d="M38 8 h40 v22 h-8 v18 l-10 8 v-26 h-6 v26 l-16 -8 z" {...body} />,
  mat: (
    <g>
      <path d="M8 50 L34 22 H112 L86 50 z M8 50 v10 H86 V50 M86 60 L112 32 V22" {...body} />
    </g>
  ),
}

// Where to look and what to put the calliper on; nothing where no drawing says more than the words.
export function LookDrawing({ where, off }: { where: string; off: boolean }) {
  return (
    <svg
      className={`look-drawing${off ? ' off' : ''}`}
      viewBox="0 0 120 76"
      width={120}
      height={76}
      aria-hidden
    >
      {DRAWN[where] ?? null}
    </svg>
  )
}
