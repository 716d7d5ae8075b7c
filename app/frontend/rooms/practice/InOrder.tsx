import Button from '@mui/material/Button'
import { useState } from 'react'
import type { DrillChoice } from '../../api/answers.generated'
import { useShown } from '../../ui/preferences'

// Steps that are put in order by taking them one after the other; the last taken may be put back.
export function InOrder({
  choices,
  done,
  onAnswer,
}: {
  choices: DrillChoice[]
  done: boolean
  onAnswer: (ids: string[]) => void
}) {
  const shown = useShown()
  const [taken, setTaken] = useState<string[]>([])
  const left = choices.filter((choice) => !taken.includes(choice.id))
  const words = (id: string) => shown(choices.find((choice) => choice.id === id)?.words)
  return (
    <div className="in-order">
      <ol aria-label="Steps in order">
        {taken.map((id) => (
          <li key={id}>{words(id)}</li>
        ))}
      </ol>
      {!done && (
        <div role="group" aria-label="Steps that are left">
          {left.map((choice) => (
            <Button key={choice.id} variant="outlined" onClick={() => setTaken([...taken, choice.id])}>
              {shown(choice.words)}
            </Button>
          ))}
          <div className="acts">
            <Button disabled={taken.length === 0} onClick={() => setTaken(taken.slice(0, -1))}>
              Put the last back
            </Button>
            <Button variant="contained" disabled={left.length > 0} onClick={() => onAnswer(taken)}>
              So it is tied
            </Button>
          </div>
        </div>
      )}
    </div>
  )
}
