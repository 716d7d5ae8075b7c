import { memo } from 'react'
import type { Rung, RungId } from '../api/ladder.generated'
import { useShown } from '../ui/preferences'
import { LADDER_WIDTH, STILES } from '../ui/theme/tokens'
import { RungBar } from './RungBar'
import { COLOUR, WORD, type Verdict } from './verdict'
import { Pennant } from './Pennant'
import { useGhost } from '../plan/preview'

const WORKING: Verdict = 'not_known'
const BAR_WIDTH = STILES.right - STILES.left - 6
const INSET = { paddingLeft: STILES.left + 3, paddingRight: LADDER_WIDTH - STILES.right + 3 }
const PENNANT_ON_RUNG = 8

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

// What a rung would say with the way out that is pointed at, in place of its note.
function Ghost({ id }: { id: RungId }) {
  const shown = useShown()
  const ghost = useGhost(id)
  if (!ghost) return null
  const share = ghost.utilisation?.value
  return (
    <span className="rung-ghost" data-ghost-rung={ghost.verdict} style={{ color: COLOUR[ghost.verdict] }}>
      <RungBar verdict={ghost.verdict} share={share ?? null} width={88} height={6} plain />
      {`→ ${WORD[ghost.verdict]}${ghost.utilisation ? ` ${shown(ghost.utilisation)}` : ''}`}
    </span>
  )
}

// One rung: a button whose name is read in full.
export const Step = memo(function Step({
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
        {!working && <Ghost id={rung.id} />}
      </button>
      {leads && <Pennant verdict={verdict} top={PENNANT_ON_RUNG} />}
    </li>
  )
})
