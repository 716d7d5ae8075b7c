import { diff3Merge } from 'node-diff3'

// Places of a plan document by JSON pointer. Documents are never changed in place.
export type Json = string | number | boolean | null | Json[] | { [key: string]: Json }

const parts = (pointer: string) =>
  pointer
    .split('/')
    .slice(1)
    .map((part) => part.replaceAll('~1', '/').replaceAll('~0', '~'))
export const escaped = (part: string) => part.replaceAll('~', '~0').replaceAll('/', '~1')

export const at = (data: unknown, pointer: string): unknown =>
  parts(pointer).reduce<unknown>(
    (place, part) => (place as Record<string, unknown> | null | undefined)?.[part],
    data,
  )

const put = (data: unknown, path: string[], value: unknown): unknown => {
  const [key, ...rest] = path
  if (key === undefined) return value
  if (Array.isArray(data))
    return data.map((item: unknown, index) => (String(index) === key ? put(item, rest, value) : item))
  const place = (data ?? {}) as Record<string, unknown>
  if (value === undefined && rest.length === 0)
    return Object.fromEntries(Object.entries(place).filter(([name]) => name !== key))
  return { ...place, [key]: put(place[key], rest, value) }
}

// Are two documents the same? What they share is not looked into, so that one key typed in a long list
// costs little.
export const same = (one: unknown, other: unknown): boolean => {
  if (one === other) return true
  if (
    typeof one !== 'object' ||
    typeof other !== 'object' ||
    one === null ||
    other === null ||
    Array.isArray(one) !== Array.isArray(other)
  )
    return false
  const [keys, others] = [Object.keys(one), Object.keys(other)]
  return (
    keys.length === others.length &&
    keys.every(
      (key) =>
        Object.hasOwn(other, key) &&
        same((one as Record<string, unknown>)[key], (other as Record<string, unknown>)[key]),
    )
  )
}

// The document with other values at some places; undefined takes a key away.
export const withValues = <T>(document: T, changes: Record<string, unknown>): T =>
  Object.entries(changes).reduce<unknown>(
    (now, [pointer, value]) => put(now, parts(pointer), value),
    document,
  ) as T

// What has to be changed in one document to make it the other: values by pointer, and what is gone. What
// they share is not looked into.
export interface Difference {
  changes: Record<string, unknown>
  gone: string[]
}
export function difference(from: unknown, to: unknown, pointer = '', found?: Difference): Difference {
  const told: Difference = found ?? { changes: {}, gone: [] }
  if (from === to) return told
  if (isObject(from) && isObject(to)) {
    for (const key of Object.keys(to))
      if (Object.hasOwn(from, key)) difference(from[key], to[key], `${pointer}/${escaped(key)}`, told)
      else told.changes[`${pointer}/${escaped(key)}`] = to[key]
    for (const key of Object.keys(from))
      if (!Object.hasOwn(to, key)) told.gone.push(`${pointer}/${escaped(key)}`)
  } else if (Array.isArray(from) && Array.isArray(to) && from.length === to.length)
    from.forEach((item, index) => difference(item, to[index], `${pointer}/${index}`, told))
  else told.changes[pointer] = to
  return told
}
const isObject = (data: unknown): data is Record<string, unknown> =>
  typeof data === 'object' && data !== null && !Array.isArray(data)

// Lists that are mixed item by item as long as both sides have as many. Points and legs belong together.
const LISTS = [
  ['/load/points', '/rigging/legs'],
  ['/load/take_off/parts'],
  ['/load/take_off/groups'],
  ['/cranes'],
  ['/cranes/0/stations'],
  ['/tandem/ends'],
]
const MIXED =
  /^\/(load\/points|rigging\/legs|cranes|cranes\/\d+\/stations|tandem\/ends|load\/take_off\/parts)$/

// Every leaf by pointer. Snapshots and lists whose length may differ are leaves of their own.
const leaves = (data: unknown, pointer = '', found = new Map<string, string>()): Map<string, string> => {
  const whole = Array.isArray(data) || /^\/snapshots\/\w+\/[^/]+$/.test(pointer)
  if (data !== null && typeof data === 'object' && !(whole && !MIXED.test(pointer))) {
    Object.entries(data).forEach(([key, value]) => leaves(value, `${pointer}/${escaped(key)}`, found))
  } else {
    found.set(pointer, JSON.stringify(data))
  }
  return found
}

export interface Clash {
  pointer: string
  mine: unknown
  theirs: unknown
}
const parsed = (text: string | undefined): unknown => (text === undefined ? undefined : JSON.parse(text))

const ROWS = '/load/take_off/parts'
// Rows of a take-off that were added, moved or changed on both sides, row by row; rows added at one place
// on both sides are all kept. Null where both changed the same row.
const mixedRows = (...lists: [before: string, mine: string, theirs: string]): unknown[] | null => {
  const [before, mine, theirs] = lists.map((list) =>
    (JSON.parse(list) as unknown[]).map((row) => JSON.stringify(row)),
  ) as [string[], string[], string[]]
  const regions = diff3Merge(mine, before, theirs, { excludeFalseConflicts: true })
  if (regions.some(({ conflict }) => conflict && conflict.o.length > 0)) return null
  return regions
    .flatMap(({ ok, conflict }) => ok ?? [...conflict!.b, ...conflict!.a])
    .map((row) => JSON.parse(row) as unknown)
}

// Places at which one of the documents has something with places of its own, and another has nothing or a
// plain value: from there on one side put all of it there, or took all of it away.
const hollowed = (all: unknown[], keys: Iterable<string>): Set<string> => {
  const found = new Set<string>()
  for (const key of keys) {
    const path = key.split('/').slice(1)
    for (let depth = 1; depth <= path.length; depth += 1) {
      const place = `/${path.slice(0, depth).join('/')}`
      if (found.has(place)) break
      const filled = all.filter((one) => typeof at(one, place) === 'object' && at(one, place) !== null).length
      if (filled === 0) break
      if (filled < all.length) {
        found.add(place)
        break
      }
    }
  }
  return found
}

// Three-way: what only one side changed is taken; what both changed differently is a clash, theirs for now.
// Where points were added or taken away the lists cannot be mixed, and the whole list is the clash; so is
// what one of them put there or took away whole.
export const merge = <T>(base: T, mine: T, theirs: T): { merged: T; clashes: Clash[]; taken: string[] } => {
  const all = [base, mine, theirs]
  const length = (one: T, list: string) => (at(one, list) as unknown[] | undefined)?.length
  const lists = LISTS.filter((together) =>
    together.some((list) => new Set(all.map((one) => length(one, list))).size > 1),
  ).flat()
  const told = all.map((one) => leaves(one))
  const whole = [...new Set([...lists, ...hollowed(all, new Set(told.flatMap((one) => [...one.keys()])))])]
  // What lies in a place that is taken whole goes with it.
  const reshaped = whole.filter((place) => !whole.some((other) => place.startsWith(`${other}/`)))
  const [was, own, other] = told.map((found, index) => {
    reshaped.forEach((place) => {
      ;[...found.keys()].filter((key) => key.startsWith(`${place}/`)).forEach((key) => found.delete(key))
      const value = at(all[index], place)
      if (value === undefined) found.delete(place)
      else found.set(place, JSON.stringify(value))
    })
    return found
  }) as [Map<string, string>, Map<string, string>, Map<string, string>]
  const changes: Record<string, unknown> = {}
  const clashes: Clash[] = []
  const taken: string[] = []
  new Set([...own.keys(), ...other.keys(), ...was.keys()]).forEach((pointer) => {
    const [before, left, right] = [was.get(pointer), own.get(pointer), other.get(pointer)]
    if (left === right || left === before) {
      if (left !== right) taken.push(pointer)
    } else if (right === before) changes[pointer] = parsed(left)
    else if (pointer === ROWS && before !== undefined && left !== undefined && right !== undefined) {
      const rows = mixedRows(before, left, right)
      if (!rows) clashes.push({ pointer, mine: parsed(left), theirs: parsed(right) })
      else {
        changes[pointer] = rows
        taken.push(pointer)
      }
    } else clashes.push({ pointer, mine: parsed(left), theirs: parsed(right) })
  })
  return { merged: withValues(theirs, changes), clashes, taken }
}
