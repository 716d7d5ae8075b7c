import type { DayLift } from '../../api/client'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD, type Verdict } from '../../ladder/verdict'
import { Posture } from '../life/Posture'

type State = DayLift['state']
const STATES: State[] = ['draft', 'checked', 'issued', 'lifting', 'closed', 'withdrawn']
const VERDICTS: Verdict[] = ['holds', 'tight', 'stop', 'not_known']

export interface Wanted {
  state: State | null
  verdict: Verdict | null
}
export const wantedOf = (lifts: DayLift[], { state, verdict }: Wanted) =>
  lifts.filter((lift) => (!state || lift.state === state) && (!verdict || lift.verdict === verdict))

interface Props {
  lifts: DayLift[]
  wanted: Wanted
  want: (wanted: Wanted) => void
}

// The signs of the board with how many lifts of these days have each; pressed, only those are shown.
export function Signs({ lifts, wanted, want }: Props) {
  return (
    <div className="signs" role="group" aria-label="Only lifts that are">
      {STATES.map((state) => (
        <button
          key={state}
          type="button"
          aria-pressed={wanted.state === state}
          onClick={() => want({ ...wanted, state: wanted.state === state ? null : state })}
        >
          <Posture state={state} />
          <span>
            {state}
            <b>{lifts.filter((lift) => lift.state === state).length}</b>
          </span>
        </button>
      ))}
      <i aria-hidden />
      {VERDICTS.map((verdict) => (
        <button
          key={verdict}
          type="button"
          aria-pressed={wanted.verdict === verdict}
          onClick={() => want({ ...wanted, verdict: wanted.verdict === verdict ? null : verdict })}
          style={{ color: COLOUR[verdict] }}
        >
          <RungBar verdict={verdict} share={0.6} width={40} height={14} stiles plain />
          <span>
            {WORD[verdict]}
            <b>{lifts.filter((lift) => lift.verdict === verdict).length}</b>
          </span>
        </button>
      ))}
    </div>
  )
}
