import type { System } from '../../units/units'

// What a drag writes into a field: a quantity with its unit, as a person would type it. Snaps to 10 mm, or to
// half an inch in US units; freely to 1 mm.
const INCH = 0.0254

const feetInches = (metres: number) => {
  const halves = Math.round((metres / INCH) * 2)
  const sign = halves < 0 ? '-' : ''
  const inches = Math.abs(halves) / 2
  const feet = Math.floor(inches / 12)
  const rest = inches - feet * 12
  const whole = Math.floor(rest)
  return `${sign}${feet}'${whole}${rest > whole ? ' 1/2' : ''}"`
}

export const writeLength = (metres: number, system: System, free = false) => {
  if (system === 'us' && !free) return feetInches(metres)
  const step = free ? 1000 : 100
  return `${(Math.round(metres * step) / step + 0).toFixed(free ? 3 : 2)} m`
}
