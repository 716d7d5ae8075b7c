import type { FlightId, Ladder, Rung, RungId } from '../api/ladder.generated'

export const LANDING = { closed: 42, open: 25 }
export const PITCH = { least: 50, most: 60 }
// A stop rung breaks apart, and wants air for it; the legs of three or four have bars of their own.
const AIR = 8
const LEGS = 45
const SOME_LEGS = [3, 4]
const BAR_BELOW_TOP = 24

// Where landings and the rungs of the one open flight stand, as tops in the ladder; foot first from the
// ground up. tops: of the rungs that can be pointed at. within: of all rungs of the open flight, from its
// own top.
export interface LadderLayout {
  open: FlightId | null
  landings: Partial<Record<FlightId, number>>
  flight: { top: number; height: number; scrolls: boolean; whole: number }
  within: Partial<Record<RungId, number>>
  tops: Partial<Record<RungId, number>>
}

export const barOf = (top: number) => top + BAR_BELOW_TOP

// The legs of a rung that are shown one by one: three or four of them, on the rung that is selected or
// governs.
export function legsOf(rung: Rung, governs: RungId[], selected: RungId) {
  if (rung.flight !== 'rigging' || (rung.id !== selected && !governs.includes(rung.id))) return NONE
  const legs = rung.parts.filter((part) => part.utilisation)
  return SOME_LEGS.includes(legs.length) ? legs : NONE
}
const NONE: Rung['parts'] = []

// What a rung takes beside the pitch that all have.
export const roomOf = (rung: Rung, governs: RungId[], selected: RungId) =>
  (rung.verdict === 'stop' ? AIR : 0) + (legsOf(rung, governs, selected).length > 0 ? LEGS : 0)

// One flight is open: that of the selected rung, else that of the governing one.
export function openFlight({ rungs, governs }: Pick<Ladder, 'rungs' | 'governs'>, selected: RungId) {
  const flightOf = (id: RungId | undefined) => rungs.find((rung) => rung.id === id)?.flight
  return flightOf(selected) ?? flightOf(governs[0]) ?? rungs[0]?.flight ?? null
}

export function layoutLadder(
  ladder: Pick<Ladder, 'rungs' | 'governs' | 'flights'> | null,
  selected: RungId,
  top: number,
  ground: number,
): LadderLayout {
  const empty = { top, height: 0, scrolls: false, whole: 0 }
  if (!ladder) return { open: null, landings: {}, flight: empty, within: {}, tops: {} }

  const open = openFlight(ladder, selected)
  const own = ladder.rungs.filter((rung) => rung.flight === open)
  const roomFor = (rung: Rung) => roomOf(rung, ladder.governs, selected)
  const air = own.reduce((sum, rung) => sum + roomFor(rung), 0)
  const room = ground - top - (ladder.flights.length - 1) * LANDING.closed - LANDING.open
  const pitch = Math.min(PITCH.most, Math.max(PITCH.least, (room - air) / Math.max(1, own.length)))
  const whole = own.length * pitch + air
  const height = Math.min(whole, room)

  const within: LadderLayout['within'] = {}
  let below = whole
  for (const rung of own) {
    below -= pitch + roomFor(rung)
    within[rung.id] = below
  }
  const landings: LadderLayout['landings'] = {}
  let at = ground
  let flightTop = top
  for (const { id } of ladder.flights) {
    if (id === open) flightTop = at -= height
    at -= id === open ? LANDING.open : LANDING.closed
    landings[id] = at
  }
  const scrolls = whole > room
  const tops: LadderLayout['tops'] = {}
  if (!scrolls) for (const { id } of own) tops[id] = flightTop + within[id]!
  return { open, landings, flight: { top: flightTop, height, scrolls, whole }, within, tops }
}
