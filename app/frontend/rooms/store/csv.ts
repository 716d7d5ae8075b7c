import type { ColumnMatch, GearKinds, StoreReading } from '../../api/client'

// How days may be written in a list, by example.
export const DAYS: [string, string][] = [
  ['ymd', '2026-12-14'],
  ['dmy', '14.12.2026'],
  ['mdy', '12/14/2026'],
]
export const OF_DAYS = ['examined', 'due', 'in_service']
const MOST_WORDS = 30

// What is matched now: as it was said, or as the headings were understood.
export const matchOf = (data: Pick<StoreReading, 'match' | 'columns'>): ColumnMatch => ({
  ...data.match,
  columns: data.match.columns ?? data.columns.map(({ field }) => field ?? ''),
})

// Words of the file in fields that are chosen from a list, that are not among it: [field, word], each once.
export const strange = (
  rows: { problems: { field: string; typed: string }[] }[],
  fields: Pick<GearKinds['fields'][number], 'name' | 'choices'>[],
): [string, string][] => {
  const chosen = new Set(fields.filter(({ choices }) => choices).map(({ name }) => name)).add('kind')
  const seen = new Map<string, [string, string]>()
  rows.forEach(({ problems }) =>
    problems
      .filter(({ field, typed }) => chosen.has(field) && typed !== '')
      .forEach(({ field, typed }) => seen.set(`${field}\n${typed.toLowerCase()}`, [field, typed])),
  )
  return [...seen.values()].slice(0, MOST_WORDS)
}

// Columns with one of them another field; a field stands for one column at most.
export const withColumn = (columns: string[], index: number, name: string) =>
  columns.map((one, at) => (at === index ? name : one === name && name !== '' ? '' : one))
