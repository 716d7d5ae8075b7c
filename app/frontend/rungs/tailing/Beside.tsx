import type { TailHeld } from '../../api/ladder.generated'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import type { PanelProps } from '../shared/panel'
import './tailing.css'

const WIDTH = 96
const HEIGHT = 26
const MOST = 1

// A small curve of how much of the tail's chart is used over the turn; the line is what it may use.
function Curve({ held, limit }: { held: TailHeld; limit: number }) {
  const last = Math.max(held.curve.length - 1, 1)
  const y = (share: number) => HEIGHT - 2 - (Math.min(share, MOST) / MOST) * (HEIGHT - 4)
  const path = held.curve
    .map((share, index) => (share === null ? '' : `${(index / last) * WIDTH} ${y(share)}`))
    .reduce((so, place) => (place ? `${so}${so.endsWith('M') ? '' : 'L'}${place}` : so), 'M')
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden>
      <path d={`M0 ${y(limit)}H${WIDTH}`} stroke="var(--stop)" strokeWidth={1.2} />
      {path !== 'M' && <path d={path} fill="none" stroke="var(--ink)" strokeWidth={1.8} />}
    </svg>
  )
}

// The tail by a lug and by trunnions: the same rows beside each other; where one has no answer it says so.
export function Beside({ ladder }: Pick<PanelProps, 'ladder'>) {
  const shown = useShown()
  const [one, other] = ladder?.beside ?? []
  const limit = ladder?.tailing?.limit.value ?? MOST
  if (!one || !other) return null
  const both = [one, other]
  const used = (of: TailHeld['tail']) =>
    of ? (
      <span style={{ color: COLOUR[of.verdict] }}>
        {of.use ? shown(of.use) : 'off its chart'}
        {of.past_from ? `, past from ${of.past_from.replace('at ', '')}` : `, ${of.at.replace('at ', '')}`}
      </span>
    ) : (
      'not told'
    )
  const rows: [string, (held: TailHeld) => React.ReactNode][] = [
    ['tail, of chart', (held) => <Curve held={held} limit={limit} />],
    ['tail at most', (held) => shown(held.tail_most) || 'not told'],
    ['tail crane', (held) => used(held.tail)],
    ['head crane', (held) => used(held.head)],
    [
      'beam gap',
      (held) =>
        held.gap ? (
          <span style={{ color: COLOUR[held.gap.verdict] }}>
            {held.gap.short_from
              ? `short from ${held.gap.short_from.replace('at ', '')}`
              : shown(held.gap.gap)}
          </span>
        ) : (
          'no beam'
        ),
    ],
    ['end', (held) => held.upright ?? 'not told'],
    [
      'tail crane is',
      (held) =>
        held.tail ? <b style={{ color: COLOUR[held.tail.verdict] }}>{WORD[held.tail.verdict]}</b> : '?',
    ],
  ]
  return (
    <table className="beside-holds" aria-label="The tail's holds side by side">
      <thead>
        <tr>
          <td />
          {both.map((held) => (
            <th key={held.kind} scope="col" data-planned={held.planned}>
              {held.words}
              <span className="small">{held.planned ? 'as planned' : 'instead'}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, cell]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            {both.map((held) => (
              <td key={held.kind}>{cell(held)}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
