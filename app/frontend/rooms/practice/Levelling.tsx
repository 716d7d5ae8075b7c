import Button from '@mui/material/Button'
import { useState } from 'react'
import { practice } from '../../api/practice'
import type { DrillTry } from '../../api/answers.generated'
import type { Drawing } from '../../api/ladder.generated'
import { refusal } from '../../api/wire'
import { HangFigure } from '../../drawing/views/HangFigure'
import { useShown } from '../../ui/preferences'
import type { Drill } from './words'

const LEGS = ['west', 'east']

// A load that hangs off level: links on each leg, hung and read until it is level, in as few tries as may be.
export function Levelling({
  drill,
  done,
  onAnswer,
}: {
  drill: Drill
  done: boolean
  onAnswer: (tries: number[][]) => void
}) {
  const shown = useShown()
  const [tries, setTries] = useState<DrillTry[]>([])
  const [links, setLinks] = useState([0, 0])
  const [fault, setFault] = useState<string | null>(null)
  const [hanging, setHanging] = useState(false)
  const most = drill.views.most!
  const last = tries.at(-1) ?? drill.views.first!
  const deg = last.deg.value * (last.low === 0 ? -1 : 1)
  const hang = async () => {
    setHanging(true)
    setFault(null)
    try {
      const found = await practice.tryLinks(drill.seed, links)
      const all = [...tries, found]
      setTries(all)
      if (found.level || all.length === most.tries) onAnswer(all.map((one) => one.links))
    } catch (error) {
      setFault(refusal(error, 'it could not be hung'))
    }
    setHanging(false)
  }
  const step = (leg: number, by: number) =>
    setLinks((now) =>
      now.map((count, at) => (at === leg ? Math.max(-most.links, Math.min(most.links, count + by)) : count)),
    )
  return (
    <div className="levelling">
      <svg width={420} height={250} role="img" aria-label={`It hangs ${shown(last.deg)} off level`}>
        <HangFigure
          drawing={drill.views.drawing as Drawing}
          x={210}
          y={130}
          wide={300}
          high={210}
          deg={last.level ? 0 : deg}
          names
        />
        <path d="M30 244H390" stroke="var(--line)" strokeDasharray="3 3" />
      </svg>
      <div role="status">
        {tries.length === 0 ? 'First lift: ' : `Try ${tries.length}: `}
        {last.level
          ? 'it hangs level'
          : `${LEGS[last.low ?? 0]} end low, ${shown(last.deg)} off level; ` +
            last.tensions.map((kg, leg) => `${LEGS[leg]} leg ${shown(kg)}`).join(', ')}
      </div>
      {!done && (
        <>
          {LEGS.map((leg, at) => (
            <div key={leg} className="links" role="group" aria-label={`${leg} leg`}>
              <span>{leg} leg</span>
              <Button
                variant="outlined"
                aria-label={`${leg} leg a link shorter`}
                onClick={() => step(at, -1)}
              >
                −
              </Button>
              <output aria-label={`links on the ${leg} leg`}>
                {links[at] === 0
                  ? 'as it is'
                  : `${Math.abs(links[at]!)} ${links[at]! > 0 ? 'longer' : 'shorter'}`}
              </output>
              <Button variant="outlined" aria-label={`${leg} leg a link longer`} onClick={() => step(at, 1)}>
                +
              </Button>
            </div>
          ))}
          <Button variant="contained" disabled={hanging} onClick={() => void hang()}>
            Hang it
          </Button>
          {tries.length > 0 && (
            <Button onClick={() => onAnswer(tries.map((one) => one.links))}>Leave it so</Button>
          )}
        </>
      )}
      {fault && <div role="alert">{fault}</div>}
    </div>
  )
}
