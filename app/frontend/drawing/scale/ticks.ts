// Round figures from nothing to a most, about so many.
export function ticks(most: number, about: number): number[] {
  const raw = most / about
  const ten = 10 ** Math.floor(Math.log10(raw))
  const step = [1, 2, 5, 10].map((times) => times * ten).find((size) => size >= raw)!
  const count = Math.floor(most / step + 1e-9) + 1
  return Array.from({ length: count }, (_, at) => Number((at * step).toPrecision(6)))
}
