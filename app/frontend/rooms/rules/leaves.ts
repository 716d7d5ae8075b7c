import type { RulesPage } from '../../api/client'

export type Value = number | string | boolean | null

// What was typed for a place, as the value that it is; undefined where it is not of the kind that stands
// there.
export function valueOf(text: string, before: Value): Value | undefined {
  if (typeof before === 'number') {
    const number = Number(text.trim().replace(',', '.'))
    return text.trim() !== '' && Number.isFinite(number) ? number : undefined
  }
  if (typeof before === 'boolean') return text === 'yes' ? true : text === 'no' ? false : undefined
  return text.trim() === '' ? undefined : text.trim()
}

export const textOf = (value: Value) =>
  value === true ? 'yes' : value === false ? 'no' : value === null ? '' : String(value)

// What was changed, in words.
export const changeWords = ({ place, before, after }: { place: string; before: Value; after: Value }) =>
  `${place.replaceAll('_', ' ').replaceAll('/', ' ')} ${textOf(before)} → ${textOf(after)}`

// A place under its value's name, in words: "allowance/weighed" is "weighed".
export const placeWords = (place: string) =>
  place.split('/').slice(1).join(' ').replaceAll('_', ' ') || place.replaceAll('_', ' ')

// The values of a set in their order, each with its places; those in which every word stands.
export function groupsOf({ data, leaves }: Pick<RulesPage, 'data' | 'leaves'>, wanted: string) {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  return Object.entries(data.values as Record<string, { reason: string }>)
    .map(([name, { reason }]) => ({
      name,
      reason,
      places: leaves.filter(({ place }) => place === name || place.startsWith(`${name}/`)),
    }))
    .filter(({ name, reason, places }) => {
      const text = [name.replaceAll('_', ' '), reason, ...places.map(({ place }) => placeWords(place))]
      return words.every((word) => text.join(' ').toLowerCase().includes(word))
    })
}
