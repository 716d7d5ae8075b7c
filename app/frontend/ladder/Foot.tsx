import { WORD, type Verdict } from './verdict'
import type { LadderProps } from './props'

const COUNTED: Verdict[] = ['stop', 'not_known', 'tight', 'holds']

// Under the ground line: how many rungs say what, and what is left out in whose name.
export function Foot({
  rungs,
  scope,
  working,
  top,
}: Pick<LadderProps, 'rungs' | 'scope' | 'working'> & { top: number }) {
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
