import { useQuery } from '@tanstack/react-query'
import { api, type StoredBeam, type StoredSling } from '../api/client'
import type { Plan } from '../api/plan.generated'

// The store's slings and beams, for lists to choose from.
export function useStore() {
  const store = useQuery({ queryKey: ['pieces'], queryFn: api.pieces })
  const slings = (store.data ?? []).filter((piece): piece is StoredSling => piece.sort === 'sling')
  const beams = (store.data ?? []).filter((piece): piece is StoredBeam => piece.sort === 'beam')
  return { slings, beams, failed: store.isError }
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
]

// What a list offers: the plan's own that the store has not, then what is ready, then the rest with what keeps it back.
export const slingChoices = (
  plan: Plan,
  store: StoredSling[],
  reach: (piece: StoredSling) => string,
): [string, string][] => {
  const own = Object.keys(plan.snapshots.slings).filter(
    (number) => !store.some((piece) => piece.data.number === number),
  )
  const ready = store.filter((piece) => piece.fields.state === 'ready')
  const used = usedSlings(plan)
  const kept = store.filter((piece) => piece.fields.state !== 'ready' && used.includes(piece.data.number))
  return [
    ['', 'none chosen'],
    ...own.map((number): [string, string] => [number, `${number}, kept in the plan`]),
    ...ready.map((piece): [string, string] => [
      piece.data.number,
      `${piece.data.number}, ${piece.data.size}, ${reach(piece)}`,
    ]),
    ...kept.map((piece): [string, string] => [
      piece.data.number,
      `${piece.data.number}, ${piece.fields.state}`,
    ]),
  ]
}
