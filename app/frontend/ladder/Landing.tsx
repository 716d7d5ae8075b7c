import type { MouseEvent } from 'react'
import type { Ladder, Rung, RungId } from '../api/ladder.generated'
import { useShown } from '../ui/preferences'
import { LANDING } from './layout'
import { COLOUR, rank, WORD, type Verdict } from './verdict'
import { usePreview } from '../plan/preview'

const LINES = { width: 50, height: 34, pitch: 4.6 }

interface Props {
  flight: Ladder['flights'][number]
  rungs: Rung[]
  open: boolean
  working: boolean
  leads: boolean
  top: number
  onSelect: (id: RungId) => void
}

// The head of a flight. Closed, it says how its weakest rung stands and shows the others folded to lines;
// it opens with the rung whose line was met, else with the weakest.
export function Landing({ flight, rungs, open, working, leads, top, onSelect }: Props) {
  const shown = useShown()
  const worst = rungs.find((rung) => rung.id === flight.worst)!
  const late = working || rungs.some((rung) => rung.pending)
  const verdict: Verdict = late ? 'not_known' : worst.verdict
  const figure = worst.utilisation ? ` ${shown(worst.utilisation)}` : ''
  const others = rungs.filter((rung) => rung.verdict === worst.verdict).length - 1
  const count = `${rungs.length} ${rungs.length === 1 ? 'rung' : 'rungs'}`
  const more = worst.verdict === 'not_known' && others > 0 ? ` +${others}` : ''
  const byWord = rungs.filter((rung) => rung.word).length
  const words = byWord > 0 ? `, ${byWord} by word` : ''
  const said = late
    ? 'working'
    : worst.verdict === 'holds' && !figure
      ? `holds, ${rungs.length} of ${rungs.length}${words}`
      : `${WORD[worst.verdict]}: ${worst.label.toLowerCase()}${figure}${more}`
  const met = (event: MouseEvent) =>
    event.target instanceof Element
      ? event.target.closest<SVGElement>('[data-rung]')?.dataset.rung
      : undefined
  return (
    <button
      type="button"
      className={open ? 'landing open' : 'landing'}
      style={{ top, height: open ? LANDING.open : LANDING.closed }}
      aria-expanded={open}
      data-flight={flight.id}
      onClick={(event) => !open && onSelect((met(event) as RungId | undefined) ?? flight.worst)}
    >
      <span className="landing-name">{flight.label}</span>
      <span className="hush">, </span>
      {open ? (
        <span className="landing-count">{count}</span>
      ) : (
        <>
          <span className="hush">{`${count}, `}</span>
          <span className="landing-words" style={{ color: COLOUR[verdict] }}>
            {said}
            <GhostWords rungs={rungs} />
          </span>
          <Folded rungs={rungs} working={working} />
        </>
      )}
      {leads && !open && <span className="hush">, governs</span>}
    </button>
  )
}

// How the flight's weakest rung would stand with the way out that is pointed at.
function GhostWords({ rungs }: { rungs: Rung[] }) {
  const ghosts = usePreview()?.way.rungs
  if (!ghosts?.some((ghost) => rungs.some((rung) => rung.id === ghost.id))) return null
  const then = rungs.map((rung) => ghosts.find((ghost) => ghost.id === rung.id)?.verdict ?? rung.verdict)
  const worst = then.reduce((low, one) => (rank(one) < rank(low) ? one : low))
  return <span style={{ color: COLOUR[worst] }}>{` → ${WORD[worst]}`}</span>
}

// Rungs as lines in the shapes of their verdicts, foot at the bottom.
function Folded({ rungs, working }: { rungs: Rung[]; working: boolean }) {
  const pitch = Math.min(LINES.pitch, LINES.height / rungs.length)
  const bottom = (LANDING.closed + rungs.length * pitch) / 2
  return (
    <svg className="folded" width={LINES.width} height={LANDING.closed} aria-hidden>
      {rungs.map((rung, index) => {
        const late = working || rung.pending
        const y = bottom - (index + 0.5) * pitch
        return (
          <g key={rung.id} data-rung={rung.id} data-verdict={late ? 'working' : rung.verdict}>
            <rect x={0} y={y - pitch / 2} width={LINES.width} height={pitch} fill="transparent" />
            <Line verdict={late ? 'not_known' : rung.verdict} y={y} />
            {!late && rung.word && <rect x={5} y={y - 1.9} width={5} height={3.8} fill="var(--mark)" />}
          </g>
        )
      })}
    </svg>
  )
}

function Line({ verdict, y }: { verdict: Verdict; y: number }) {
  const { width } = LINES
  if (verdict === 'stop')
    return <path d={`M1 ${y}H21M28 ${y + 1}H${width - 1}`} stroke="var(--stop)" strokeWidth={2.6} />
  if (verdict === 'not_known')
    return <path d={`M1 ${y}H${width - 1}`} stroke="var(--ink)" strokeWidth={1.6} strokeDasharray="5 3" />
  if (verdict === 'tight')
    return (
      <path d={`M1 ${y}H${width - 1}`} stroke="var(--tightFill)" strokeWidth={3} strokeDasharray="3 1.4" />
    )
  return <path d={`M1 ${y}H${width - 1}`} stroke="var(--mark)" strokeWidth={2} />
}
