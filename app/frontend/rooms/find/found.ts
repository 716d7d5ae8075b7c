import type { FindPart } from '../../api/answers.generated'
import type { useShown } from '../../ui/preferences'
import { WORD } from '../../ladder/verdict'

export type Lift = NonNullable<FindPart['lift']>
export type Few = NonNullable<FindPart['few']>[number]
export type Fallen = NonNullable<FindPart['fallen']>
type Shown = ReturnType<typeof useShown>
export type Position = NonNullable<FindPart['position']>

export const KIND: Record<Lift['kind'], string> = {
  bridle: 'straight legs',
  spreader: 'under a spreader',
  baskets: 'baskets under a spreader',
  beam: 'under its beam',
  planned: 'held as planned',
}

// Minutes as hours, to the half hour above, so that nobody is promised too much.
export const hours = (minutes: number) =>
  minutes === 0 ? 'ready as it is' : `${(Math.ceil(minutes / 30) / 2).toFixed(1)} h until ready`

const first = (name: string) => name.split(' ')[0]!

// What a lift is called: by which machine, held how.
export const title = (lift: Lift) => [lift.machine ? first(lift.machine) : 'No crane', KIND[lift.kind]]

// What there is to do, one short line each: the act and what of it, without what the words say beside.
export const needs = (lift: Lift, shown: Shown) =>
  lift.needs.map((need) => `${need.act}: ${shown(need.words).replace(/, from the store.*/, '')}`)

// How a lift stands, in words.
export function standing(lift: Lift, shown: Shown): string {
  const { governs, verdict } = lift
  if (lift.unknown.length > 0) return `${lift.unknown.length} not known`
  if (!governs) return WORD[verdict]
  const share = governs.utilisation ? ` ${shown(governs.utilisation)}` : ''
  return `${WORD[verdict]}${share}`
}

// How much heavier the load may be, and what ends it.
export const marginWords = (lift: Lift, shown: Shown) =>
  `+${shown(lift.margin.figure)}${then(lift.margin.ends)}`
const then = (ends: Lift['margin']['ends']) => (ends ? `, then ${ends.label.toLowerCase()}` : ' or more')

// Of what was found and is not shown: how many, by what the search keeps.
export const others = (position: Position | null, few: Few[]) =>
  (position?.kept ?? []).filter((kept) => !few.some((one) => one.id === kept.id))

// What of the rungs that stopped others was counted before a search was stopped is counted on.
export const addedFalls = (before: Fallen, now: Fallen): Fallen => {
  const ids = [...new Set([...before, ...now].map((row) => row.id))]
  const of = (rows: Fallen, id: string) => rows.find((row) => row.id === id)
  return ids
    .map((id) => ({
      id,
      label: (of(before, id) ?? of(now, id))!.label,
      count: (of(before, id)?.count ?? 0) + (of(now, id)?.count ?? 0),
    }))
    .sort((one, other) => other.count - one.count)
}

export const countedOn = (far: NonNullable<FindPart['far']>, before: { found: number; passed: number }) => ({
  ...far,
  found: far.found + before.found,
  passed: far.passed + before.passed,
})
