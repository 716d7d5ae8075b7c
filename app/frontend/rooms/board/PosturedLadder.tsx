import type { DayLift } from '../../api/client'
import { COLOUR } from '../../ladder/verdict'
import { SmallHatch, SmallRungs } from '../../ladder/SmallRungs'

export const TALL = 118
const LEFT = 16
const WIDTH = 44
const FOLDED = 5

type Shown = Pick<DayLift, 'id' | 'state' | 'rungs' | 'governs' | 'verdict'>

// How it stands: a draft on thin stiles, checked on its feet, issued with a plank on top, lifting off the
// ground at a hook.
function Stiles({ state, top, foot }: { state: Shown['state']; top: number; foot: number }) {
  const [one, other] = [LEFT, LEFT + WIDTH]
  const thin = state === 'draft'
  return (
    <>
      <path
        d={`M${one} ${top}V${foot}M${other} ${top}V${foot}`}
        stroke="var(--ink)"
        strokeWidth={thin ? 1.4 : 3.5}
      />
      {!thin && (
        <path d={`M${one - 6} ${foot}h10M${other - 4} ${foot}h10`} stroke="var(--ink)" strokeWidth={5} />
      )}
      {(state === 'issued' || state === 'lifting') && (
        <path d={`M${one - 7} ${top}H${other + 7}`} stroke="var(--ink)" strokeWidth={5} />
      )}
      {state === 'lifting' && (
        <path
          d={`M${LEFT + WIDTH / 2} 0v6m0 0a4 4 0 1 1-4 4`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.4}
        />
      )}
    </>
  )
}

// A lift's ladder in small: its rungs are the verdict, its posture the state. Closed it is folded to its
// landings, withdrawn it lies on the ground.
export function PosturedLadder({ lift }: { lift: Shown }) {
  const hatch = `day-${lift.id}`
  const { state, rungs } = lift
  const governing = rungs.findIndex((rung) => lift.governs.includes(rung.id))
  if (state === 'withdrawn')
    return (
      <svg width={76} height={TALL} aria-hidden>
        <SmallHatch id={hatch} />
        <g transform={`translate(${76} ${TALL - 38}) rotate(90)`}>
          <path d={`M0 2V74M34 2V74`} stroke="var(--ink)" strokeWidth={3.5} />
          <SmallRungs
            rungs={rungs}
            left={2}
            width={30}
            foot={70}
            pitch={66 / Math.max(1, rungs.length)}
            hatch={hatch}
          />
        </g>
      </svg>
    )
  const lifted = state === 'lifting' ? 12 : 0
  const folded = state === 'closed'
  const shown = folded ? landings(rungs) : rungs
  const foot = TALL - 2 - lifted
  const top = folded ? foot - 44 : state === 'lifting' ? 15 : 4
  const pitch = (foot - top - 10) / Math.max(1, shown.length)
  return (
    <svg width={76} height={TALL} aria-hidden>
      <SmallHatch id={hatch} />
      <Stiles state={folded ? 'issued' : state} top={top} foot={foot} />
      <SmallRungs
        rungs={shown}
        left={LEFT + 2}
        width={WIDTH - 4}
        foot={foot - 6}
        pitch={pitch}
        hatch={hatch}
      />
      {!folded && governing >= 0 && (
        <path d={`M0 ${foot - 6 - governing * pitch - 5}h7l6 5l-6 5h-7z`} fill={COLOUR[lift.verdict]} />
      )}
    </svg>
  )
}

// As many steps as a ladder has flights, each as bad as the worst of its share of the rungs.
const WORST = ['stop', 'not_known', 'tight', 'holds']
function landings(rungs: Shown['rungs']): Shown['rungs'] {
  const size = Math.max(1, Math.ceil(rungs.length / FOLDED))
  return Array.from({ length: Math.ceil(rungs.length / size) }, (_, index) =>
    rungs
      .slice(index * size, (index + 1) * size)
      .reduce((worst, rung) => (WORST.indexOf(rung.verdict) < WORST.indexOf(worst.verdict) ? rung : worst)),
  )
}
