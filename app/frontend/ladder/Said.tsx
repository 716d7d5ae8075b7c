import type { SchoolsAnswer } from '../api/client'
import { useShown } from '../ui/preferences'
import { VerdictLine } from './VerdictLine'
import { WORD } from './verdict'

// What one of several ladders says of a rung.
export function Said({ said }: { said: SchoolsAnswer['rungs'][number]['said'][string] }) {
  const shown = useShown()
  if (!said) return <>not a rung of this set</>
  return (
    <>
      <VerdictLine verdict={said.verdict} utilisation={said.utilisation}>
        {WORD[said.verdict]} {shown(said.utilisation)}
      </VerdictLine>
      <span className="small">{shown(said.note)}</span>
    </>
  )
}
