import { useShown } from '../../ui/preferences'
import { Label } from '../figures/figures'
import { Props, Live, capital } from './craneParts'

const TOP = 1.3
// Where it is narrower, the margin in radius stands in the panel only.
const ROOM_WORDS_FROM = 440
// Share of the chart used along the way, from nothing up; the line at 100 % is where it ends.
export function Curve({ view, scale: { curve: frame }, working, live }: Props & { live?: Live | null }) {
  const shown = useShown()
  const x = (along: number) => frame.left + along * (frame.right - frame.left)
  const y = (share: number) => frame.bottom - (Math.min(share, TOP) / TOP) * (frame.bottom - frame.top)
  const { governs, trip, attention } = view
  if (working)
    return (
      <Label x={frame.left} y={frame.top + 40} size={17}>
        working
      </Label>
    )
  if (view.curve.length === 0)
    return (
      <Label x={frame.left} y={frame.top + 40} size={17}>
        The way is not known yet: radius, slew and turn of each station, and the load.
      </Label>
    )
  const over = !!governs?.left && governs.left.value < 0
  const allowed = governs?.kg
    ? `${shown(governs.kg)} allowed, ${over ? 'over by' : 'left'} ${shown(governs.left).replace('−', '')}`
    : 'nothing allowed'
  const wide = frame.right - frame.left > ROOM_WORDS_FROM
  const room =
    governs?.room && governs.room.value >= 0 && wide ? `, ${shown(governs.room)} of radius left` : ''
  return (
    <g data-curve>
      {view.curve.map(([from, to, share], index) => {
        const [left, width] = [x(from!), x(to!) - x(from!)]
        if (share === null || share === undefined)
          return (
            <rect
              key={index}
              x={left}
              y={frame.top}
              width={Math.max(width, 2)}
              height={frame.bottom - frame.top}
              fill="url(#zone)"
            />
          )
        return (
          <rect
            key={index}
            x={left}
            y={y(share)}
            width={Math.max(width, 0.5)}
            height={frame.bottom - y(share)}
            fill={share > 1 ? 'var(--stop)' : share > attention ? 'url(#curve-tight)' : 'var(--mark)'}
            fillOpacity={share > attention ? 1 : 0.75}
            stroke={share > attention && share <= 1 ? 'var(--ink)' : 'none'}
            strokeWidth={1}
          />
        )
      })}
      {[
        [1, 'var(--stop)', '100 %'],
        [attention, 'var(--ink)', `${Math.round(attention * 100)} %`],
      ].map(([share, colour, words]) => (
        <g key={words}>
          <path
            d={`M${frame.left} ${y(share as number)}H${frame.right}`}
            stroke={
              share === 1 && view.curve.some((run) => (run[2] ?? 2) > 1) ? 'var(--ink)' : (colour as string)
            }
            strokeWidth={share === 1 ? 2.2 : 1.2}
            strokeDasharray={share === 1 ? undefined : '6 4'}
          />
          <Label x={frame.left - 6} y={y(share as number) + 5} anchor="end" size={14} weight={500}>
            {words}
          </Label>
        </g>
      ))}
      <path
        d={`M${frame.left} ${frame.top}V${frame.bottom}H${frame.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {(view.starts ?? []).map((along, index) => (
        <g key={index}>
          <path d={`M${x(along)} ${frame.bottom}v6`} stroke="var(--ink)" />
          <Label
            x={x(along)}
            y={frame.bottom + 20}
            anchor={index === 0 ? 'start' : index === (view.starts ?? []).length - 1 ? 'end' : 'middle'}
            size={15}
          >
            {capital(view.stations[index]?.name ?? '')}
          </Label>
        </g>
      ))}
      {governs && (
        <path
          d={`M${x(governs.along)} ${frame.top - 4}v${frame.bottom - frame.top + 4}`}
          stroke="var(--mark)"
          strokeWidth={1.8}
        />
      )}
      {trip && (
        <path
          d={`M${x(trip.along) - 7} ${y(1) - 7}l14 14m0 -14l-14 14`}
          stroke="var(--stop)"
          strokeWidth={3.5}
        />
      )}
      {governs && (
        <Label
          x={frame.left}
          y={frame.top - 10}
          size={16}
          fill={governs.left && governs.left.value < 0 ? 'var(--stop)' : 'var(--mark)'}
          halo
        >
          {`Least at ${shown(governs.radius)}: ${allowed}${room}`}
        </Label>
      )}
      {live && (
        <path
          d={`M${x(live.along)} ${frame.top - 4}V${frame.bottom}`}
          stroke="var(--ink)"
          strokeWidth={4}
          data-live
        />
      )}
    </g>
  )
}
