import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Rung } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import type { Editor } from '../../plan/usePlanEditor'
import { Heading } from '../../ui/Row'
import { useWaysOut, type Ways } from './useWaysOut'
import { MissRow, WayRow } from './WayRow'

const STAGES = { pairs: 'two changes together', slow: 'another way to hold it' }

// How far the search is, while it goes on.
const Far = ({ ways: { far, found } }: { ways: Ways }) => (
  <div role="status" className="small">
    {far
      ? `No single change is enough. Trying ${STAGES[far.stage]}` +
        (far.stage === 'pairs' ? `: ${far.done} of ${far.of}` : '')
      : found.length > 0
        ? 'trying the rest'
        : 'working'}
  </div>
)

// What was tried and is not offered: never more than was really looked at.
function Tried({ ways: { found, told } }: { ways: Ways }) {
  if (!told) return null
  const cured = found.some((way) => way.cures)
  return (
    <>
      {told.cut && <div role="alert">Not all was tried: {told.cut}.</div>}
      {!cured && !told.cut && (
        <div>
          {told.tried.length > 0
            ? 'None of what was tried cures it without making something else worse: ' +
              `${told.tried.join(', ')}` +
              (told.pairs > 0 ? `, and ${told.pairs} pairs of them.` : '.')
            : 'Nothing here could be tried on it.'}
          {told.left > 0 && ` ${told.left} more pairs were not tried.`}
        </div>
      )}
      {told.misses.length > 0 && (
        <details className="misses" open={!cured}>
          <summary>Tried and not enough, the nearest first</summary>
          <ul>
            {told.misses.map((miss) => (
              <MissRow key={miss.id} miss={miss} />
            ))}
          </ul>
        </details>
      )}
    </>
  )
}

// What would make the whole ladder better, worked out by the core when nothing is moving. Applying one is
// one step of undo.
export function WaysOut({ editor, rung }: { editor: Editor; rung: Rung }) {
  const shown = useShown()
  const [whole, setWhole] = useState(false)
  const { of, ladder, working } = editor.checked
  const asked = !working && !editor.moving && of === editor.document && !!ladder
  const stops = ladder?.rungs.filter((one) => one.verdict === 'stop').length ?? 0
  const together = whole && stops > 1
  const ways = useWaysOut(editor, rung.id, together, asked)
  if (!asked) return null
  return (
    <section aria-label="Ways out">
      <Heading aside={together ? `for all ${stops} that stop` : `for ${rung.label.toLowerCase()}`}>
        Ways out
      </Heading>
      {stops > 1 && (
        <Button variant="text" aria-pressed={whole} onClick={() => setWhole((now) => !now)}>
          {whole ? `Only for ${rung.label.toLowerCase()}` : `For all ${stops} that stop, together`}
        </Button>
      )}
      {ways.found.map((way) => (
        <WayRow key={way.id} way={way} onApply={() => editor.change(way.changes, shown(way.words))} />
      ))}
      {ways.fault && <div role="alert">They could not all be worked out: {ways.fault}</div>}
      {!ways.told && !ways.fault && <Far ways={ways} />}
      <Tried ways={ways} />
    </section>
  )
}
