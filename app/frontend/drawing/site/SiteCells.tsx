import { useState } from 'react'
import type { PlacePart } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import type { SiteScale } from '../scale/siteScale'

type Found = NonNullable<PlacePart['places']>[number]
type Offered = NonNullable<PlacePart['best']>[number]
type Sentence = Offered['headline']
interface Search {
  share: number
  cell_m: number
  found: Found[]
  best: Offered[] | null
  refused: PlacePart['refused']
  fault: string | null
}
// The more is left, the closer the hatch: uses at most 80, 90 or all of what there is.
const HATCHES: [number, string, number][] = [
  [0.2, 'close', 4.2],
  [0.1, 'middle', 8],
  [0, 'wide', 14],
]
const hatchOf = (margin: number | null) =>
  margin === null ? null : (HATCHES.find(([least]) => margin >= least - 1e-9)?.[1] ?? null)
const percent = (margin: number) => `${Math.ceil((1 - margin) * 100 - 1e-9)} %`

const why = (place: Found) =>
  place.margin === null || place.margin < 0
    ? `no: ${place.governs}${place.margin === null ? '' : ` at ${percent(place.margin)}`}`
    : `${place.governs} at ${percent(place.margin)}`

const outcome = (search: Search, shown: (words: Sentence) => string) => {
  if (search.best?.length) return 'hatch: uses at most 80, 90, 100 %. Press a number to stand there.'
  const { refused } = search
  if (refused)
    return `${refused.tried} looked well, none holds rung by rung. The best: ${shown(refused.headline)}`
  return 'No place found where nothing stops.'
}

// Where the crane could stand, by hatch; what rules a cell out is told when it is pointed at. The best have
// numbers: one of them pressed stands the crane there, in one step of undo.
export function SiteCells({
  search,
  scale,
  onApply,
}: {
  search: Search
  scale: SiteScale
  onApply: (place: Offered, words: string) => void
}) {
  const shown = useShown()
  const [at, setAt] = useState<string | null>(null)
  const side = search.cell_m * scale.perMetre
  const words =
    search.fault ??
    at ??
    (search.share < 1 ? `looking: ${Math.round(search.share * 100)} %` : outcome(search, shown))
  return (
    <g data-best-places={search.share < 1 ? 'looking' : 'done'}>
      <defs>
        {HATCHES.map(([, name, apart]) => (
          <pattern
            key={name}
            id={`cell-${name}`}
            width={apart}
            height={apart}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={1.4} height={apart} fill="var(--mark)" />
          </pattern>
        ))}
      </defs>
      {search.found.map((place) => {
        const hatch = hatchOf(place.margin)
        return (
          <rect
            key={place.at.join()}
            x={scale.x(place.at[0]!) - side / 2}
            y={scale.y(place.at[1]!) - side / 2}
            width={side}
            height={side}
            fill={hatch ? `url(#cell-${hatch})` : 'transparent'}
            stroke={hatch ? 'var(--mark)' : 'none'}
            strokeWidth={0.8}
            data-cell={hatch ?? 'no'}
            onPointerEnter={() => setAt(`E ${place.at[0]}, N ${place.at[1]}: ${why(place)}`)}
            onPointerLeave={() => setAt(null)}
          />
        )
      })}
      {search.best?.map((place, index) => {
        const said = `${shown(place.words)}: ${shown(place.headline)}`
        const apply = () => onApply(place, shown(place.words))
        return (
          <g
            key={place.at.join()}
            transform={`translate(${scale.x(place.at[0]!)} ${scale.y(place.at[1]!)})`}
            role="button"
            tabIndex={0}
            aria-label={`${index + 1}, apply: ${said}`}
            data-place={index + 1}
            style={{ cursor: 'pointer' }}
            onClick={apply}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ' ') return
              event.preventDefault()
              event.stopPropagation()
              apply()
            }}
            onPointerEnter={() => setAt(`${index + 1}: ${said}`)}
            onPointerLeave={() => setAt(null)}
            onFocus={() => setAt(`${index + 1}: ${said}`)}
            onBlur={() => setAt(null)}
          >
            <circle r={22} fill="transparent" />
            <circle r={13} fill="var(--bone)" stroke="var(--mark)" strokeWidth={2.4} />
            <Label x={0} y={5.5} anchor="middle" size={16} fill="var(--mark)">
              {index + 1}
            </Label>
          </g>
        )
      })}
      <rect
        x={scale.left}
        y={scale.bottom - 44}
        width={scale.right - scale.left}
        height={24}
        fill="var(--bone)"
      />
      <Label x={scale.left + 10} y={scale.bottom - 27} size={14.5} weight={600}>
        {words}
      </Label>
    </g>
  )
}
