import { useEffect, useRef } from 'react'
import { legsOf } from './layout'
import type { LadderProps } from './props'
import { Step } from './Step'

// The rungs of the open flight. Where they are more than the room holds, this flight alone scrolls.
export function Flight({
  rungs,
  working,
  governs,
  selected,
  onSelect,
  layout,
}: Pick<LadderProps, 'rungs' | 'working' | 'governs' | 'selected' | 'onSelect' | 'layout'>) {
  const list = useRef<HTMLOListElement>(null)
  const { flight, within } = layout
  useEffect(() => {
    if (flight.scrolls)
      list.current?.querySelector(`[data-rung="${selected}"]`)?.scrollIntoView({ block: 'nearest' })
  }, [selected, flight.scrolls])
  return (
    <ol
      ref={list}
      className="flight"
      style={{ top: flight.top, height: flight.height, overflowY: flight.scrolls ? 'auto' : 'visible' }}
    >
      {rungs.map((rung, index) => (
        <Step
          key={rung.id}
          rung={rung}
          working={working || rung.pending}
          leads={!working && governs.includes(rung.id)}
          legs={legsOf(rung, governs, selected)}
          selected={rung.id === selected}
          onSelect={onSelect}
          top={within[rung.id] ?? 0}
          bottom={index === 0 ? flight.whole : (within[rungs[index - 1]!.id] ?? flight.whole)}
        />
      ))}
    </ol>
  )
}
