import type { Taker, Takers } from '../../api/answers.generated'
import { useShown, usePreferences } from '../../ui/preferences'
import { FEET } from '../../units/units'
import { Label } from '../figures/figures'
import { niceStep } from '../scale/scale'

const MOST = 3
const TOP = 44
const PITCH = 40
const AXIS = 164
// Under this there is no room for two lines of words beside each other.
const NARROW = 560
const LETTER = 6.1

// Who could take the load at all, while no crane is chosen: dashed, since nothing is checked.
export function TakersStrip({ takers, width }: { takers: Takers; width: number }) {
  const shown = useShown()
  const us = usePreferences().preferences.system === 'us'
  const can = takers.cranes.filter((crane) => crane.to_m !== null)
  const rows = can.slice(0, MOST)
  const left = Math.min(190, width * 0.32)
  const right = width - 24
  const unit = us ? FEET : 1
  const far = Math.max(...rows.map((crane) => crane.to_m! / unit), 1)
  const step = niceStep(far, 6)
  const end = Math.ceil(far / step) * step
  const x = (metres: number) => left + ((right - left) * metres) / unit / end
  const ticks = Array.from({ length: Math.round(end / step) + 1 }, (_, index) => index * step)
  return (
    <g data-takers>
      <Label x={16} y={24} size={17}>
        Who could take it
      </Label>
      <Label x={150} y={24} size={15} weight={500} fill="var(--ink2)">
        {width < NARROW
          ? `${shown(takers.planned)} and its block; rigging not yet`
          : `${shown(takers.planned)} planned and what its chart says always hangs; rigging not yet`}
      </Label>
      {rows.map((crane, index) => (
        <TakerRow key={crane.id} crane={crane} y={TOP + index * PITCH} x={x} width={width} />
      ))}
      {rows.length > 0 ? (
        <>
          <path d={`M${left} ${AXIS}H${right}`} stroke="var(--ink)" strokeWidth={1.4} />
          {ticks.map((tick) => (
            <g key={tick}>
              <path d={`M${x(tick * unit)} ${AXIS}v5`} stroke="var(--ink)" />
              <Label x={x(tick * unit)} y={AXIS + 20} size={15} weight={500} anchor="middle">
                {tick}
              </Label>
            </g>
          ))}
          <Label x={left - 10} y={AXIS + 20} size={15} weight={500} anchor="end">
            {`radius, ${us ? 'ft' : 'm'}`}
          </Label>
        </>
      ) : (
        <Label x={16} y={TOP + 30} size={17}>
          {takers.cranes.length === 0
            ? 'No chart is in the library yet.'
            : 'None of the charts in the library has a row for it.'}
        </Label>
      )}
      <Rest takers={takers} shownRows={rows.length} can={can.length} width={width} />
    </g>
  )
}

const cut = (words: string, room: number) => {
  const letters = Math.floor(room / LETTER)
  return words.length > letters ? `${words.slice(0, letters - 1)}…` : words
}

interface RowOf {
  crane: Taker
  y: number
  x: (metres: number) => number
  width: number
}

function TakerRow({ crane, y, x, width }: RowOf) {
  const shown = useShown()
  const [from, to] = [x(crane.from_m!), x(crane.to_m!)]
  const [name, ...rest] = crane.title.split(', ')
  const narrow = width < NARROW
  const at = narrow ? 16 : Math.min(from, x(0) + 60)
  const words = [
    rest.at(-1),
    `to ${shown(crane.to)}`,
    crane.boom && `boom ${shown(crane.boom)}`,
    crane.with,
    !crane.checked && 'chart not checked',
  ]
  return (
    <g>
      <Label x={16} y={y + 12}>
        {cut(name!, x(0) - 20)}
        <title>{crane.title}</title>
      </Label>
      {!narrow && (
        <Label x={16} y={y + 29} size={14} weight={500} fill="var(--ink2)">
          {cut(rest.slice(0, -1).join(', '), x(0) - 20)}
        </Label>
      )}
      <rect
        x={from}
        y={y + 2}
        width={Math.max(to - from, 2)}
        height={10}
        fill="none"
        stroke="var(--ink)"
        strokeDasharray="5 4"
      />
      <path d={`M${from} ${y - 3}v20M${to} ${y - 3}v20`} stroke="var(--ink)" strokeWidth={3} />
      <Label x={at} y={y + 30} size={15} weight={500}>
        {cut(words.filter(Boolean).join(', '), width - at - 12)}
      </Label>
    </g>
  )
}

// Those that are not drawn, and why.
function Rest({
  takers,
  shownRows,
  can,
  width,
}: {
  takers: Takers
  shownRows: number
  can: number
  width: number
}) {
  const cannot = takers.cranes.filter((crane) => crane.to_m === null)
  const parts = [
    can > shownRows && `${can - shownRows} more reach less far`,
    ...cannot.slice(0, 1).map((crane) => `${crane.title}: ${crane.why}`),
    cannot.length > 1 && `${cannot.length - 1} more not told`,
  ].filter(Boolean)
  return (
    parts.length > 0 && (
      <Label x={16} y={AXIS + 36} size={14} weight={500} fill="var(--ink2)">
        {cut(parts.join('; '), width - 28)}
        <title>{parts.join('; ')}</title>
      </Label>
    )
  )
}
