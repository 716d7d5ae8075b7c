import './ladder.css'
import { memo } from 'react'
import { GROUND_FROM_BOTTOM, LADDER_WIDTH, STILES } from '../ui/theme/tokens'
import { Landing } from './Landing'
import { Flight } from './Flight'
import { Foot } from './Foot'
import type { LadderProps } from './props'
import { Pennant } from './Pennant'

const PENNANT_ON_LANDING = 5

// The load path as a ladder, foot first in the list, standing on the drawing's ground line: flights with
// landings, one of them open.
export const Ladder = memo(function Ladder({
  flights,
  rungs,
  working,
  governs,
  selected,
  onSelect,
  layout,
  height,
  scope,
  onNear,
}: LadderProps) {
  const ground = height - GROUND_FROM_BOTTOM
  return (
    <nav
      className="ladder"
      aria-label="Ladder"
      style={{ width: LADDER_WIDTH, height }}
      onPointerEnter={onNear}
    >
      {[STILES.left, STILES.right].map((x) => (
        <div key={x} className="stile" style={{ left: x - 3, height: ground - 4 }} />
      ))}
      {flights.map((flight) => {
        const own = rungs.filter((rung) => rung.flight === flight.id)
        const open = flight.id === layout.open
        const top = layout.landings[flight.id] ?? 0
        const leads = !working && own.some((rung) => governs.includes(rung.id))
        return (
          <div key={flight.id}>
            <Landing
              flight={flight}
              rungs={own}
              open={open}
              working={working}
              leads={leads}
              top={top}
              onSelect={onSelect}
            />
            {leads && !open && (
              <Pennant
                verdict={own.find((rung) => governs.includes(rung.id))!.verdict}
                top={top + PENNANT_ON_LANDING}
              />
            )}
            {open && (
              <Flight
                rungs={own}
                working={working}
                governs={governs}
                selected={selected}
                onSelect={onSelect}
                layout={layout}
              />
            )}
          </div>
        )
      })}
      <Foot rungs={rungs} scope={scope} working={working} top={ground} />
    </nav>
  )
})
