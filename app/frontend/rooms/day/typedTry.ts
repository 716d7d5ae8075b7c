import type { TryRead } from '../../api/day'
import type { Typed } from './TrialFields'

// A tilt with its sign, by which end was said to be low, in degrees as its field says; whatever else was
// typed goes as it stands.
const signed = (text: string, low: string) => {
  const typed = text.trim()
  const plain = /^[+-]?(\d+\.?\d*|\.\d+)$/.test(typed) ? `${typed}°` : typed
  return low === 'minus' && /^\+?\d|^\+?\./.test(plain) ? `-${plain.replace(/^\+/, '')}` : plain
}

const AXES = ['along', 'across'] as const

// Tilts that were typed without saying which end is low: half of a reading, of which nothing is sent.
export const sideless = (typed: Typed) =>
  AXES.filter((axis) => typed[`${axis}Low`] === '' && /[1-9]/.test(typed[axis]))

// What is sent of what was typed; null while nothing was.
export function readOf(typed: Typed): TryRead | null {
  const cells = typed.cells.map((text) => {
    const plain = text.trim()
    if (plain === '') return null
    return /^dead$/i.test(plain) ? 'dead' : plain
  })
  const half = sideless(typed)
  const tilt = (axis: 'along' | 'across') =>
    typed[axis].trim() !== '' && !half.includes(axis) && { [axis]: signed(typed[axis], typed[`${axis}Low`]) }
  const read: TryRead = {
    ...(cells.some((text) => text !== null) && { cells }),
    ...(typed.indicator.trim() !== '' && { indicator: typed.indicator.trim() }),
    ...(typed.indicator.trim() !== '' && typed.shows !== '' && { shows: typed.shows }),
    ...tilt('along'),
    ...tilt('across'),
    ...(typed.tight !== '' && { tight: typed.tight }),
    ...(typed.tight === 'no' && typed.slack !== '' && { slack: [Number(typed.slack)] }),
    ...(typed.brakes !== '' && { brakes: typed.brakes }),
    ...(typed.swing !== '' && { swing: typed.swing }),
  }
  return Object.keys(read).length > 0 ? read : null
}
