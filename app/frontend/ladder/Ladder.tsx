import './ladder.css'
import { memo, type CSSProperties } from 'react'
import type { Rung } from '../api/ladder.generated'
import { useShown } from '../display/preferences'
import { GROUND_FROM_BOTTOM, LADDER_WIDTH, STILES } from '../theme/tokens'
import { COLOUR, WORD, type Verdict } from './verdict'
import { RungBar } from './RungBar'

export type RungId = string
const WORKING: Verdict = 'not_known'
const BAR_WIDTH = STILES.right - STILES.left - 6
const ROOM_FOR_NOTE = 50
const ROOM = 59
const INSET = { paddingLeft: STILES.left + 3, paddingRight: LADDER_WIDTH - STILES.right + 3 }

interface Props {
  rungs: Rung[]
  working: boolean
  governs: string[]
  selected: RungId
  onSelect: (id: RungId) => void
  tops: Record<string, number>
  height: number
  notChecked: string[]
}

// The load path as a ladder, foot first in the list, standing on the drawing's ground line.
export const Ladder = memo(function Ladder({
  rungs,
  working,
  governs,
  selected,
  onSelect,
  tops,
  height,
  notChecked,
}: Props) {
  const ground = height - GROUND_FROM_BOTTOM
  // Rungs that stand close are drawn lower; where they stand closer than a note needs, notes are left to the panel.
  const room = ground / Math.max(1, rungs.length)
  const density = room < ROOM_FOR_NOTE ? 'ladder compact dense' : room < ROOM ? 'ladder compact' : 'ladder'
  return (
    <nav
      className={density}
      aria-label="Ladder"
      style={{ width: LADDER_WIDTH, height, '--room': `${Math.floor(room) - 1}px` } as CSSProperties}
    >
      {[STILES.left, STILES.right].map((x) => (
        <div key={x} className="stile" style={{ left: x - 3, height: ground - 4 }} />
      ))}
      <ol>
        {rungs.map((rung) => (
          <Step
            key={rung.id}
            rung={rung}
            working={working || rung.pending}
            leads={!working && governs.includes(rung.id)}
            selected={rung.id === selected}
            onSelect={onSelect}
            top={tops[rung.id] ?? 0}
          />
        ))}
      </ol>
      <div className="ladder-foot" style={{ top: ground }} title={notChecked.join('; ')}>
        <strong>Not checked:</strong> {notChecked.join(', ')}
      </div>
    </nav>
  )
})

// Where a long name leaves no room for the word, the pennant alone shows what governs; it is still read out.
const fits = ({ label, verdict, utilisation }: Rung) =>
  label.length + WORD[verdict].length <= (utilisation ? 13 : 19)

// One rung: a button whose name is read in full.
function Step({
  rung,
  working,
  leads,
  selected,
  onSelect,
  top,
}: {
  rung: Rung
  working: boolean
  leads: boolean
  selected: boolean
  onSelect: (id: RungId) => void
  top: number
}) {
  const shown = useShown()
  const verdict = working ? WORKING : rung.verdict
  const colour = { color: COLOUR[verdict] }
  return (
    <li style={{ top }}>
      <button
        type="button"
        className="rung"
        style={INSET}
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
        <span className="rung-bar" style={{ display: 'block' }}>
          <RungBar
            verdict={verdict}
            share={rung.utilisation?.value ?? null}
            attention={rung.attention}
            width={BAR_WIDTH}
            height={12}
          />
        </span>
        <span
          className="rung-note"
          style={{ display: 'block' }}
          title={working ? undefined : shown(rung.note)}
        >
          {working ? 'working' : shown(rung.note)}
        </span>
      </button>
      {leads && (
        <svg className="pennant" width={40} height={32} viewBox="0 0 40 32" aria-hidden>
          <path d="M0 0H27L37 16L27 32H0Z" fill={COLOUR[verdict]} />
          <path d="M16 8v13m-5 -5l5 6l5 -6" fill="none" stroke="var(--bone)" strokeWidth={2.5} />
        </svg>
      )}
    </li>
  )
}
