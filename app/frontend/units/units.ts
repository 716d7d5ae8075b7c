export type System = 'metric' | 'us'

export const FEET = 0.3048
export const POUNDS = 0.45359237

// A length that came as a number of metres and is read, not reckoned with: to the millimetre, without noise.
export const lengthWords = (metres: number, system: System) =>
  system === 'us' ? `${(metres / FEET).toFixed(1)} ft` : `${Number(metres.toFixed(3))} m`
