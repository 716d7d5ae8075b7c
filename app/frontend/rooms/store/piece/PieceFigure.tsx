import type { ReactNode } from 'react'
import type { InspectionLook } from '../../../api/client'

const WIDTH = 640
const MIDDLE = 78

// Where along a sling each look has its place, as a share of its length.
const PLACES: Record<string, Record<string, number>> = {
  rope: {
    tag: 0.72,
    eye_a: 0.05,
    sleeve_a: 0.18,
    crown: 0.48,
    lay_wires: 0.36,
    strand_wires: 0.41,
    shape: 0.56,
    heat_rust: 0.66,
    sleeve_b: 0.82,
    eye_b: 0.95,
  },
  chain: {
    ring: 0.04,
    tag: 0.13,
    links: 0.3,
    bearing: 0.4,
    stiff: 0.5,
    heat: 0.6,
    grown: 0.72,
    latch: 0.88,
    hook_throat: 0.95,
  },
  strap: {
    tag: 0.28,
    cuts: 0.42,
    stitching: 0.18,
    marks: 0.54,
    knots: 0.66,
    core_yarn: 0.78,
    dry_rot: 0.6,
    edge: 0.42,
    mesh_wire: 0.54,
    stiffness: 0.66,
    heat_rust: 0.78,
  },
}
const FORM: Record<string, string> = {
  wire_rope: 'rope',
  alloy_chain: 'chain',
  polyester_round: 'strap',
  polyester_web: 'strap',
  nylon_web: 'strap',
  high_modulus_round: 'strap',
  fibre_rope: 'strap',
  mesh: 'strap',
}

const eye = (x: number, way: 1 | -1) => (
  <path
    d={
      `M${x} ${MIDDLE} q${-40 * way} -34 ${-78 * way} -22` +
      ` q${-26 * way} 22 0 44 q${38 * way} 12 ${78 * way} -22 z`
    }
    fill="none"
    stroke="var(--ink)"
    strokeWidth={7}
  />
)

const DRAWN: Record<string, ReactNode> = {
  rope: (
    <g>
      {eye(98, 1)}
      {eye(WIDTH - 98, -1)}
      <rect
        x={140}
        y={MIDDLE - 6}
        width={WIDTH - 280}
        height={12}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {Array.from({ length: 30 }, (_, index) => (
        <path
          key={index}
          d={`M${142 + index * 12} ${MIDDLE + 6} l9 -12`}
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
      ))}
      <rect
        x={96}
        y={MIDDLE - 11}
        width={48}
        height={22}
        fill="var(--ink2)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <rect
        x={WIDTH - 144}
        y={MIDDLE - 11}
        width={48}
        height={22}
        fill="var(--ink2)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
    </g>
  ),
  chain: (
    <g fill="none" stroke="var(--ink)">
      <ellipse cx={30} cy={MIDDLE} rx={24} ry={16} strokeWidth={8} />
      {Array.from({ length: 17 }, (_, index) => (
        <rect
          key={index}
          x={52 + index * 29}
          y={MIDDLE - 8}
          width={34}
          height={16}
          rx={8}
          strokeWidth={4.5}
        />
      ))}
      <path d={`M548 ${MIDDLE} h26 q34 -22 38 8 q-4 26 -34 16`} strokeWidth={9} />
    </g>
  ),
  strap: (
    <g>
      {eye(98, 1)}
      {eye(WIDTH - 98, -1)}
      <rect
        x={94}
        y={MIDDLE - 11}
        width={WIDTH - 188}
        height={22}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <path
        d={`M94 ${MIDDLE - 5} H${WIDTH - 94} M94 ${MIDDLE + 5} H${WIDTH - 94}`}
        stroke="var(--ink)"
        strokeDasharray="5 4"
      />
    </g>
  ),
}

// The sling from end to end, each look with its number where it is to be made; nothing for a piece of another
// kind.
export function PieceFigure({
  kind,
  looks,
  at,
  go,
  reach,
}: {
  kind: string
  looks: InspectionLook[]
  at: string
  go: (look: string) => void
  reach: string
}) {
  const form = FORM[kind]
  if (!form) return null
  const places = PLACES[form]!
  return (
    <svg className="piece-figure" viewBox={`0 0 ${WIDTH} 132`} role="group" aria-label="Where to look">
      {DRAWN[form]}
      {looks.map((look, index) => {
        const place = places[look.id]
        if (place === undefined) return null
        const x = 14 + place * (WIDTH - 28)
        const off = look.verdict === 'out' || look.verdict === 'doubt'
        const open = look.verdict === 'not_looked' || look.verdict === 'not_known'
        const fill = off ? 'var(--stop)' : open ? 'var(--bone)' : 'var(--mark)'
        return (
          <g key={look.id} onClick={() => go(look.id)} style={{ cursor: 'pointer' }}>
            {at === look.id && (
              <rect x={x - 17} y={4} width={34} height={96} fill="var(--wash)" opacity={0.7} />
            )}
            <path d={`M${x} 32 V${MIDDLE - 8}`} stroke="var(--ink)" strokeWidth={1.3} />
            <rect
              x={x - 12}
              y={8}
              width={24}
              height={24}
              fill={fill}
              stroke={off ? 'var(--stop)' : open ? 'var(--ink)' : 'var(--mark)'}
              strokeDasharray={open ? '4 3' : undefined}
              strokeWidth={1.6}
            />
            <text
              x={x}
              y={26}
              textAnchor="middle"
              fill={open ? 'var(--ink)' : 'var(--onMark)'}
              fontSize={16}
              fontWeight={600}
            >
              {index + 1}
            </text>
          </g>
        )
      })}
      {reach && (
        <g stroke="var(--ink)" strokeWidth={1.3}>
          <path
            d={`M20 ${MIDDLE + 32} v12 M${WIDTH - 20} ${MIDDLE + 32} v12 M20 ${MIDDLE + 38} H${WIDTH - 20}`}
            fill="none"
          />
          <rect x={WIDTH / 2 - 44} y={MIDDLE + 26} width={88} height={24} fill="var(--bone)" stroke="none" />
          <text
            x={WIDTH / 2}
            y={MIDDLE + 44}
            textAnchor="middle"
            fill="var(--ink)"
            stroke="none"
            fontSize={17}
            fontWeight={600}
          >
            {reach}
          </text>
        </g>
      )}
    </svg>
  )
}
