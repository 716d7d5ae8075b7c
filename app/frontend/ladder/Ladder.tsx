import './ladder.css'
import { memo, useEffect, useRef } from 'react'
import type { Ladder as Whole, Rung, RungId } from '../api/ladder.generated'
import { useShown } from '../display/preferences'
import { GROUND_FROM_BOTTOM, LADDER_WIDTH, STILES } from '../theme/tokens'
import { Landing } from './Landing'
import { legsOf, type LadderLayout } from './layout'
import { RungBar } from './RungBar'
import { COLOUR, WORD, type Verdict } from './verdict'

const WORKING: Verdict = 'not_known'
const BAR_WIDTH = STILES.right - STILES.left - 6
const INSET = { paddingLeft: STILES.left + 3, paddingRight: LADDER_WIDTH - STILES.right + 3 }
const PENNANT_ON_RUNG = 8
const PENNANT_ON_LANDING = 5

interface Props {
  flights: Whole['flights']
  rungs: Rung[]
  working: boolean
  governs: RungId[]
  selected: RungId
  onSelect: (id: RungId) => void
  layout: LadderLayout
  height: number
  scope: Whole['scope']
  onNear: () => void
}

// The load path as a ladder, foot first in the list, standing on the drawing's ground line: flights with landings, one
// of them open.
export const Ladder = memo(function Ladder({
  flights,
  rungs,
  working,
  governs,
  selected,
  onSelect,
  layout,
  height,
  scope,
  onNear,
}: Props) {
  const ground = height - GROUND_FROM_BOTTOM
  return (
    <nav
      className="ladder"
      aria-label="Ladder"
      style={{ width: LADDER_WIDTH, height }}
      onPointerEnter={onNear}
    >
      {[STILES.left, STILES.right].map((x) => (
        <div key={x} className="stile" style={{ left: x - 3, height: ground - 4 }} />
      ))}
      {flights.map((flight) => {
        const own = rungs.filter((rung) => rung.flight === flight.id)
        const open = flight.id === layout.open
        const top = layout.landings[flight.id] ?? 0
        const leads = !working && own.some((rung) => governs.includes(rung.id))
        return (
          <div key={flight.id}>
            <Landing
              flight={flight}
              rungs={own}
              open={open}
              working={working}
              leads={leads}
              top={top}
              onSelect={onSelect}
            />
            {leads && !open && (
              <Pennant
                verdict={own.find((rung) => governs.includes(rung.id))!.verdict}
                top={top + PENNANT_ON_LANDING}
              />
            )}
            {open && (
              <Flight
                rungs={own}
                working={working}
                governs={governs}
                selected={selected}
                onSelect={onSelect}
                layout={layout}
              />
            )}
          </div>
        )
      })}
      <Foot rungs={rungs} scope={scope} working={working} top={ground} />
    </nav>
  )
})

const COUNTED: Verdict[] = ['stop', 'not_known', 'tight', 'holds']

// Under the ground line: how many rungs say what, and what is left out in whose name.
function Foot({ rungs, scope, working, top }: Pick<Props, 'rungs' | 'scope' | 'working'> & { top: number }) {
  const counts = COUNTED.flatMap((verdict) => {
    const some = rungs.filter((rung) => rung.verdict === verdict).length
    return some > 0 ? [`${some} ${verdict === 'holds' && some > 1 ? 'hold' : WORD[verdict]}`] : []
  })
  const byWord = rungs.filter((rung) => rung.word).map((rung) => rung.label.toLowerCase())
  const rest = scope
    ? `Left out, ${scope.words}, says ${scope.by}: ${scope.left_out.join(', ').toLowerCase()}`
    : byWord.length > 0
      ? `W: ${byWord.length} by word: ${byWord.join(', ')}`
      : 'Up, Down climb; G goes to the governing rung'
  return (
    <div className="ladder-foot" style={{ top }} title={rest}>
      <strong>
        {rungs.length} rungs: {working ? 'working' : counts.join(', ')}
      </strong>
      <div>{rest}</div>
    </div>
  )
}

// The rungs of the open flight. Where they are more than the room holds, this flight alone scrolls.
function Flight({
  rungs,
  working,
  governs,
  selected,
  onSelect,
  layout,
}: Pick<Props, 'rungs' | 'working' | 'governs' | 'selected' | 'onSelect' | 'layout'>) {
  const list = useRef<HTMLOListElement>(null)
  const { flight, within } = layout
  useEffect(() => {
    if (flight.scrolls)
      list.current?.querySelector(`[data-rung="${selected}"]`)?.scrollIntoView({ block: 'nearest' })
  }, [selected, flight.scrolls])
  return (
    <ol
      ref={list}
      className="flight"
      style={{ top: flight.top, height: flight.height, overflowY: flight.scrolls ? 'auto' : 'visible' }}
    >
      {rungs.map((rung, index) => (
        <Step
          key={rung.id}
          rung={rung}
          working={working || rung.pending}
          leads={!working && governs.includes(rung.id)}
          legs={legsOf(rung, governs, selected)}
          selected={rung.id === selected}
          onSelect={onSelect}
          top={within[rung.id] ?? 0}
          bottom={index === 0 ? flight.whole : (within[rungs[index - 1]!.id] ?? flight.whole)}
        />
      ))}
    </ol>
  )
}

const Pennant = ({ verdict, top }: { verdict: Verdict; top: number }) => (
  <svg className="pennant" style={{ top }} width={40} height={32} viewBox="0 0 40 32" aria-hidden>
    <path d="M0 0H27L37 16L27 32H0Z" fill={COLOUR[verdict]} />
    <path d="M16 8v13m-5 -5l5 6l5 -6" fill="none" stroke="var(--bone)" strokeWidth={2.5} />
  </svg>
)

// Where a long name leaves no room for the word, the pennant alone shows what governs; it is still read out.
const fits = ({ label, verdict, utilisation }: Rung) =>
  label.length + WORD[verdict].length <= (utilisation ? 13 : 19)

// The legs of a rung in plan order, each with its bar; they are read out from the panel's parts.
function Legs({ legs }: { legs: Rung['parts'] }) {
  const shown = useShown()
  return (
    <span className="rung-legs" aria-hidden>
      {legs.map((leg) => (
        <span key={leg.name} style={{ color: COLOUR[leg.verdict] }}>
          <span>{leg.name}</span>
          <span>{shown(leg.utilisation)}</span>
          <RungBar verdict={leg.verdict} share={leg.utilisation?.value ?? null} width={88} height={6} plain />
        </span>
      ))}
    </span>
  )
}

// One rung: a button whose name is read in full.
function Step({
  rung,
  working,
  leads,
  legs,
  selected,
  onSelect,
  top,
  bottom,
}: {
  rung: Rung
  legs: Rung['parts']
  working: boolean
  leads: boolean
  selected: boolean
  onSelect: (id: RungId) => void
  top: number
  bottom: number
}) {
  const shown = useShown()
  const verdict = working ? WORKING : rung.verdict
  const colour = { color: COLOUR[verdict] }
  const note = working ? 'working' : rung.missing[0] ? `needs: ${rung.missing[0].what}` : shown(rung.note)
  return (
    <li style={{ top }}>
      <button
        type="button"
        className="rung"
        style={{ ...INSET, height: bottom - top }}
        onClick={() => onSelect(rung.id)}
        aria-current={selected}
        data-rung={rung.id}
        data-verdict={working ? 'working' : rung.verdict}
      >
        <span className="rung-head">
          <span>{rung.label}</span>
          <span className="hush">, </span>
          <span className="rung-word" style={colour}>
            {working ? 'working' : WORD[verdict]}
          </span>
          {!working && rung.utilisation && (
            <span className="rung-percent" style={colour}>
              {shown(rung.utilisation)}
            </span>
          )}
          <span className="hush">{`, ${rung.subject ?? ''}`}</span>
          {leads && (
            <span className={fits(rung) ? 'rung-governs' : 'hush'} style={colour}>
              governs
            </span>
          )}
          <span className="hush">. </span>
        </span>
        <span className="rung-bar">
          <RungBar
            verdict={verdict}
            share={rung.utilisation?.value ?? null}
            attention={rung.attention}
            width={BAR_WIDTH}
            height={10}
            word={!working && !!rung.word}
          />
        </span>
        <span className="rung-note" title={note ?? undefined}>
          {note}
        </span>
        {!working && legs.length > 0 && <Legs legs={legs} />}
      </button>
      {leads && <Pennant verdict={verdict} top={PENNANT_ON_RUNG} />}
    </li>
  )
}
