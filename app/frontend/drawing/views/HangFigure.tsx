import type { Drawing } from '../../api/ladder.generated'
import { CgMark, Label } from '../figures/figures'

const xz = (at: number[]) => [at[0]!, at[2]!] as const

// How a load hangs, from the side: load, legs, beam, fitted round a middle. deg: turned about its middle, the
// second end down where it is more than nothing.
export function HangFigure({
  drawing,
  x,
  y,
  wide,
  high,
  deg = 0,
  names = false,
}: {
  drawing: Drawing
  x: number
  y: number
  wide: number
  high: number
  deg?: number
  names?: boolean
}) {
  const [length, height] = xz(drawing.size)
  const strands = [...drawing.legs, ...drawing.uppers]
  const top = Math.max(height, ...strands.map((strand) => xz(strand.top)[1]))
  const scale = Math.min(wide / length, high / top)
  const px = (m: number) => x + (m - length / 2) * scale
  const py = (m: number) => y + (top * scale) / 2 - m * scale
  const { beam } = drawing
  const ends = beam ? [...beam.holes, ...beam.eyes] : []
  const along = ends.map((end) => px(end[0]!))
  const turn = (deg * Math.PI) / 180
  const [midX, midY] = [px(length / 2), py(height / 2)]
  // Where a place on the load is once it has turned.
  const turned = ([across, up]: readonly [number, number]) => {
    const [dx, dy] = [px(across) - midX, py(up) - midY]
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
    return `${midX + dx * cos - dy * sin} ${midY + dx * sin + dy * cos}`
  }
  const still = ([across, up]: readonly [number, number]) => `${px(across)} ${py(up)}`
  const corners = [
    [0, 0],
    [length, 0],
    [length, height],
    [0, height],
  ] as const
  return (
    <g data-hang>
      <path
        d={`M${corners.map(turned).join('L')}z`}
        fill="var(--chalk)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {strands.map((strand) => {
        const low = beam ? still(xz(strand.bottom)) : turned(xz(strand.bottom))
        const line = `M${low}L${still(xz(strand.top))}`
        return <path key={strand.name} d={line} stroke="var(--mark)" strokeWidth={2.2} />
      })}
      {along.length > 1 && (
        <path
          d={`M${Math.min(...along)} ${py(xz(ends[0]!)[1])}H${Math.max(...along)}`}
          stroke="var(--ink)"
          strokeWidth={3.4}
        />
      )}
      {names && deg === 0 && <CgMark x={px(drawing.cg[0]!)} y={py(drawing.cg[2]!)} />}
      {names &&
        drawing.points.map((point, index) => (
          <Label
            key={point.name}
            x={px(point.at[0]!) + (index % 2 ? 14 : -14)}
            y={py(height) - 6}
            anchor={index % 2 ? 'start' : 'end'}
            size={15}
            halo
          >
            {point.name}
          </Label>
        ))}
    </g>
  )
}
