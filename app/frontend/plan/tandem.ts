import type { Plan, Tandem } from '../api/plan.generated'
import { craneOf } from './crane'
import { BLANK_STAND } from './stand'

export type TwoCranes = NonNullable<Tandem>
export type End = TwoCranes['ends'][number]
export const ENDS = ['head', 'tail'] as const

const BLANK_END: End = {
  hold: null,
  slings: null,
  second: null,
  apart: null,
  plumb: null,
  moves: null,
  beam: null,
  trunnion: null,
}
// Nothing is said yet of what both do.
const BLANK: TwoCranes = {
  does: null,
  from: null,
  to: null,
  comes: null,
  bearing: null,
  head_at: { east: null, north: null },
  under: null,
  out_of_step: null,
  dynamic: null,
  handover: null,
  holds: [],
  ends: [BLANK_END, BLANK_END],
}

// What changes in a plan that gets a second crane: its own is the head's, and nothing is known of the other.
export function takingTwo(plan: Plan) {
  const crane = craneOf(plan)
  const other = {
    ...crane,
    chart: null,
    as_rigged: {},
    seen: {},
    boom_length: null,
    parts_of_line: null,
    hook: undefined,
    deductions: [],
    level: null,
    level_seen: undefined,
    wind: null,
    wind_at: null,
    side_pull: null,
    stand: BLANK_STAND,
  }
  return {
    '/cranes': [{ ...crane, stand: crane.stand ?? BLANK_STAND }, other],
    '/tandem': BLANK,
    '/rigging/set_by': 'leg_lengths',
  }
}

// And one that is left to its head's crane again: the tail's chart goes with it.
export function leavingTwo(plan: Plan) {
  const [head] = plan.cranes
  const { charts } = plan.snapshots
  const kept = head?.chart && charts[head.chart] ? { [head.chart]: charts[head.chart] } : {}
  const slings = plan.rigging.legs.flatMap(({ sling }) => (sling ? [sling] : []))
  return {
    '/tandem': undefined,
    '/cranes': [head],
    '/snapshots/charts': kept,
    '/snapshots/slings': Object.fromEntries(
      Object.entries(plan.snapshots.slings).filter(([number]) => slings.includes(number)),
    ),
  }
}

// Charts that a plan keeps once one of its cranes has another.
export const keptCharts = (plan: Plan, at: number) =>
  Object.fromEntries(
    plan.cranes.flatMap(({ chart }, index) => {
      const kept = chart && index !== at ? plan.snapshots.charts[chart] : undefined
      return kept && chart ? [[chart, kept]] : []
    }),
  )

export const secondSlings = (plan: Plan) => (plan.tandem?.ends ?? []).map(({ second }) => second)
