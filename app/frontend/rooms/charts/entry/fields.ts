import type { Family } from './sheet'

// What a page says beside its tables, under the names of the CSV grid; an example shows how each is written.
type Field = [name: string, label: string, example: string]

const ROPE: Field[] = [
  ['line pull', 'Line pull', '5 t'],
  ['rope wll', 'Rope, working load limit', '5.4 t'],
  ['rope mass', 'Rope, mass by length', '1.55 kg/m'],
  ['efficiency per sheave', 'Efficiency of a sheave', '0.98'],
  ['lead sheaves', 'Lead sheaves', '1'],
  ['most parts of line', 'Most parts of line', '8'],
  ['rope on drum', 'Rope on the drum in all', '180 m'],
  ['drum diameter', 'Drum', '0.4 m'],
  ['drum rope', 'Rope', '19 mm'],
  ['wraps per layer', 'Wraps in a layer', '32'],
  ['pulls by layer', 'Pull by layer, from the bare drum out', '5.4 t; 5.2 t; 5 t'],
  ['least wraps', 'Least wraps left', '5'],
]
const HOOK: Field[] = [
  ['hook block mass', 'Hook block, mass', '385 kg'],
  ['hook block length', 'Hook block, length', '1.4 m'],
  ['hook block wll', 'Hook block, working load limit', '60 t'],
  ['block to tip', 'Block to tip, at least', '1.1 m'],
]
const LIMITS: Field[] = [
  ['wind limit', 'Wind, at most', '9.8 m/s'],
  ['level limit', 'Out of level, at most', '1 %'],
]

export const GROUPS: Record<Family, [string, Field[]][]> = {
  mobile: [
    [
      'Boom',
      [
        ['foot radius', 'Foot, from the slewing axis', '-1.1 m'],
        ['foot height', 'Foot, above the ground', '2.4 m'],
        ['boom depth', 'Depth of the boom', '0.85 m'],
        ['jib length', 'Jib', '9 m'],
        ['jib offset', 'Jib, its one offset', '15 deg'],
        ['read between rows', 'Read between rows? yes or no', 'no'],
      ],
    ],
    ['Hoist', ROPE],
    ['Block', HOOK],
    ['Limits', LIMITS],
  ],
  tower: [
    [
      'Tower',
      [
        ['trolley height', 'Trolley, above the ground', '40.5 m'],
        ['tower jib', 'Jib', '50 m'],
      ],
    ],
    ['Hoist', ROPE],
    ['Block', HOOK],
    ['Limits', LIMITS],
  ],
  platform_jib: [
    [
      'Platform and jib',
      [
        ['platform rating', 'Platform, rated', '315 kg'],
        ['credit share', 'Share of unused rating credited to the jib', '0'],
        ['jib cap', 'Jib, at most by load radius', '450 kg; 360 kg; 270 kg'],
      ],
    ],
    ['Limits', LIMITS],
  ],
  fixed_hoist: [
    [
      'Plate',
      [
        ['rated load', 'Rated load', '5 t'],
        ['highest hook', 'Highest hook', '6.4 m'],
        ['reach from', 'Runs from', '0.6 m'],
        ['reach to', 'Runs to', '14 m'],
        ['block to tip', 'Hook to stop, at least', '0.15 m'],
      ],
    ],
  ],
}
