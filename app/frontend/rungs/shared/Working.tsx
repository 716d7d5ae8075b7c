import { memo } from 'react'
import type { Line, Rung } from '../../api/ladder.generated'
import { COLOUR } from '../../ladder/verdict'
import { usePreferences, useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import type { PanelProps } from './panel'

// Lines in runs of one part each, in order.
const runs = (lines: Line[]) =>
  lines.reduce<Line[][]>((found, line) => {
    const last = found.at(-1)
    if (last && last[0]!.group === line.group) last.push(line)
    else found.push([line])
    return found
  }, [])

// Every line of arithmetic with its source. Touching a line lights what it speaks of in the drawing.
export const Working = memo(function Working({ rung, light }: { rung: Rung; light: PanelProps['light'] }) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  if (!rung.working)
    return (
      <div className="small" role="status">
        its working is on its way
      </div>
    )
  if (rung.working.length === 0) return null
  return (
    <div className="working">
      <Heading aside={rung.subject}>Working</Heading>
      {runs(rung.working).map((lines, run) => (
        <div key={run}>
          {lines[0]!.group && <h4>{lines[0]!.group}</h4>}
          <dl>
            {lines.map((line, index) => (
              <div
                key={index}
                className="line"
                data-line={line.symbol}
                onMouseEnter={() => light(line.about)}
                onMouseLeave={() => light(null)}
              >
                <dt>{line.symbol}</dt>
                <dd>
                  {line[system] ?? ''}
                  {line.formula && <span className="small">{line.formula}</span>}
                  {line.source && <span className="small">{line.source}</span>}
                </dd>
                <dd className="result">{shown(line.result)}</dd>
              </div>
            ))}
          </dl>
        </div>
      ))}
      {rung.demand && rung.capacity && rung.utilisation && (
        <div className="line total" style={{ color: COLOUR[rung.verdict] }}>
          <span>U</span>
          <span>
            {shown(rung.demand)} / {shown(rung.capacity)}
          </span>
          <span>{shown(rung.utilisation)}</span>
        </div>
      )}
    </div>
  )
})
