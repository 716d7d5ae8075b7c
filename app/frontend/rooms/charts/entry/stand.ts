// The lines of a page that say how a machine stands: what each tells, with an example of how it is written.
type Told = { label: string; named?: string; fields: [label: string, example: string][] }

export const STANDS = {
  'slewing axis': {
    label: 'slewing axis',
    fields: [
      ['Forward', '0 m'],
      ['To the right', '0 m'],
    ],
  },
  pad: {
    label: 'a pad',
    named: 'FR',
    fields: [
      ['Forward', '3.3 m'],
      ['To the right', '3.5 m'],
      ['Side', '0.6 m'],
    ],
  },
  tracks: {
    label: 'tracks',
    fields: [
      ['Length', '7 m'],
      ['Width', '0.9 m'],
      ['From middle to middle', '5 m'],
      ['Their middle, forward', '0 m'],
      ['Their middle, to the right', '0 m'],
    ],
  },
  part: {
    label: 'mass of a part',
    named: 'carrier',
    fields: [
      ['Mass', '21000 kg'],
      ['Forward, or toward the boom', '0.3 m'],
      ['To the right; none turns with the boom', ''],
    ],
  },
  'boom mass': {
    label: 'mass of the boom at a length',
    fields: [
      ['Boom', '22 m'],
      ['Mass', '5060 kg'],
      ['Its middle, along the boom', '9.24 m'],
    ],
  },
  'jib mass': {
    label: 'mass of the jib',
    fields: [
      ['Mass', '600 kg'],
      ['Its middle, along the jib', '4 m'],
    ],
  },
  'total mass': { label: 'mass in all, with counterweight', fields: [['Mass', '41000 kg']] },
  tail: {
    label: 'tail',
    fields: [
      ['Swings', '3.9 m'],
      ['From the ground', '1.2 m'],
      ['Up to', '3.3 m'],
    ],
  },
} satisfies Record<string, Told>
export type StandKind = keyof typeof STANDS

const KINDS = Object.keys(STANDS) as StandKind[]

// The kind that a line begins with.
export const kindOf = (first: string) =>
  KINDS.find((one) => first.toLowerCase() === one || first.toLowerCase().startsWith(`${one} `))

// Cells without what is empty at their end; what is empty between others stays.
export const upToLast = (cells: string[]) =>
  cells.slice(0, cells.findLastIndex((cell) => cell.trim() !== '') + 1)

// A line's cells as the page has them: its kind with a name, then its figures.
export const standLine = (kind: StandKind, name: string, cells: string[]) => [
  name === '' ? kind : `${kind} ${name}`,
  ...upToLast(cells),
]

export const lineOf = ([first = '', ...cells]: string[]) => {
  const kind = kindOf(first) ?? 'part'
  return { kind, name: first.slice(kind.length + 1), cells, told: STANDS[kind] as Told }
}
