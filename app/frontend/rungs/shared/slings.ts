import { useQuery } from '@tanstack/react-query'
import { api, type StoredBeam, type StoredSling } from '../../api/client'
import type { Figure } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { secondSlings } from '../../plan/tandem'

const MOST = '500'

// The store's slings and beams as they stand on the day of the lift, for lists to choose from: those that are
// ready, as many as a list can show, and those that the plan has already.
export function useStore(plan: Plan) {
  const on = realDay(plan.lift_at?.slice(0, 10)) ?? ''
  const { slings: own, beams: above } = plan.snapshots
  const numbers = [...Object.keys(own), ...Object.keys(above ?? {})].join('|')
  const asked = { sort: 'sling', state: 'ready', limit: MOST, on, numbers }
  const slings = useQuery({ queryKey: ['pieces', asked], queryFn: () => api.pieces(asked) })
  const upper = { ...asked, sort: 'beam' }
  const beams = useQuery({ queryKey: ['pieces', upper], queryFn: () => api.pieces(upper) })
  return {
    slings: (slings.data?.pieces ?? []).filter((piece): piece is StoredSling => piece.sort === 'sling'),
    beams: (beams.data?.pieces ?? []).filter((piece): piece is StoredBeam => piece.sort === 'beam'),
    failed: slings.isError || beams.isError,
  }
}

// A plan from outside may carry a day that no calendar has; its ladder says so, and the store shows today.
const realDay = (day: string | undefined) => {
  const at = new Date(`${day}T00:00:00Z`)
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(day!) ? day : undefined
}

// The plan keeps a snapshot of what it uses and of nothing else: a sling taken anew comes from the store.
export const keptSlings = (
  plan: Plan,
  used: (string | null)[],
  taken: string | null,
  store: StoredSling[],
) => {
  const stored = Object.fromEntries(store.map(({ digest, data }) => [data.number, { digest, data }]))
  const numbers = [...new Set(used.filter((one): one is string => one !== null))]
  return Object.fromEntries(
    numbers.map((one) => [
      one,
      one === taken
        ? (stored[one] ?? plan.snapshots.slings[one])
        : (plan.snapshots.slings[one] ?? stored[one]),
    ]),
  )
}

export const usedSlings = (plan: Plan) => [
  ...plan.rigging.legs.map((leg) => leg.sling),
  ...(plan.rigging.beam?.legs ?? []).map((leg) => leg.sling),
  ...secondSlings(plan),
]

// What a list offers: the plan's own that the store has not, then what is ready, with rating and due day,
// then the rest with what keeps it back.
export const slingChoices = (
  plan: Plan,
  store: StoredSling[],
  shown: (figure: Figure) => string,
): [string, string][] => {
  const own = Object.keys(plan.snapshots.slings).filter(
    (number) => !store.some((piece) => piece.data.number === number),
  )
  const kept = (piece: StoredSling) => piece.fields.state !== 'ready' || piece.overdue
  const used = usedSlings(plan)
  const words = ({ data, reach, rating, due, fields }: StoredSling) =>
    [
      data.number,
      data.size,
      reach && shown(reach),
      rating && shown(rating),
      due ? `due ${due}` : 'never examined',
      fields.state !== 'ready' && fields.state,
    ]
      .filter(Boolean)
      .join(', ')
  return [
    ['', 'none chosen'],
    ...own.map((number): [string, string] => [number, `${number}, kept in the plan`]),
    ...store
      .filter((piece) => !kept(piece))
      .map((piece): [string, string] => [piece.data.number, words(piece)]),
    ...store
      .filter((piece) => kept(piece) && used.includes(piece.data.number))
      .map((piece): [string, string] => [
        piece.data.number,
        piece.overdue ? `${words(piece)}, overdue ${plan.lift_at ? 'on the day' : 'today'}` : words(piece),
      ]),
  ]
}
