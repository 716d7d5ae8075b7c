// Families of cranes in plain words.
export const FAMILY: Record<string, string> = {
  mobile: 'mobile crane',
  tower: 'tower crane',
  platform_jib: 'platform and jib machine',
  fixed_hoist: 'fixed hoist',
}
export const MARK: Record<string, [string, string]> = {
  strength: ['s', 'limited by strength'],
  stability: ['b', 'limited by stability'],
  rearward: ['r', 'unloaded, it may be less stable to the rear'],
}
