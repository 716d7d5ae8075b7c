import type { DrillJudged } from '../../api/answers.generated'
import { useShown } from '../../ui/preferences'

// What an answer is worth, and the working after it.
export function Judged({ judged }: { judged: DrillJudged }) {
  const shown = useShown()
  return (
    <div className="judged" data-right={judged.right}>
      <strong role="status">{shown(judged.said)}</strong>
      <ul aria-label="Working">
        {judged.working.map((words, index) => (
          <li key={index}>{shown(words)}</li>
        ))}
      </ul>
    </div>
  )
}
