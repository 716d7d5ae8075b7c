import type { Part, Plan, TakeOff } from '../../api/plan.generated'
import { at } from '../../plan/pointers'

export type Field = keyof Part
export interface Column {
  field: Field
  head: string
  name: string
  list?: string
}

// The cells of a row in the order of the Tab key.
export const COLUMNS: Column[] = [
  { field: 'name', head: 'Part', name: 'part' },
  { field: 'shape', head: 'Shape', name: 'shape', list: 'shape-words' },
  { field: 'size', head: 'Size', name: 'size' },
  { field: 'lies', head: 'Lies', name: 'lies along' },
  { field: 'material', head: 'Material', name: 'material', list: 'material-words' },
  { field: 'quantity', head: 'No.', name: 'quantity' },
  { field: 'x', head: 'x', name: 'x' },
  { field: 'y', head: 'y', name: 'y' },
  { field: 'z', head: 'z', name: 'z' },
]
const EMPTY: Part = {
  name: '',
  shape: '',
  size: '',
  lies: '',
  material: '',
  quantity: '',
  x: '',
  y: '',
  z: '',
  to: '',
  basis: '',
  fluid: '',
  note: '',
}

export const pointerOf = (of: number | null) =>
  of === null ? '/load/take_off/parts' : `/load/take_off/groups/${of}/parts`
export const rowsOf = (plan: Plan, of: number | null) => (at(plan, pointerOf(of)) as Part[] | undefined) ?? []

// One and the same for every plan that has none: what hangs on it is not begun again at every drawing.
const NO_TAKE_OFF: TakeOff = { parts: [], groups: [], materials: [] }
export const takeOffOf = (plan: Plan): TakeOff => plan.load.take_off ?? NO_TAKE_OFF

// A new row under another: of the same material, measured to the same place.
export const under = (above: Part | undefined, own: Partial<Part>): Part => ({
  ...EMPTY,
  material: above?.material ?? '',
  to: above?.to ?? '',
  ...own,
})

// The rows in place of the ones before; the first rows of a plan on which nothing is given yet also make the
// take-off its source of weight, size and centre of gravity.
export const withRows = (plan: Plan, of: number | null, rows: Part[]): Record<string, unknown> => {
  const { load } = plan
  if (load.take_off && of !== null) return { [pointerOf(of)]: rows }
  const first = rows.length > 0 && (load.take_off?.parts.length ?? 0) === 0
  const given = (values: (string | null)[]) => values.some((value) => value !== null && value.trim() !== '')
  return {
    ...(load.take_off
      ? { [pointerOf(null)]: rows }
      : { '/load/take_off': { ...takeOffOf(plan), parts: rows } }),
    ...(first && !given([load.weight.bare]) && { '/load/weight/by': 'take_off' }),
    ...(first &&
      !given([load.size.length, load.size.width, load.size.height]) && { '/load/size/by': 'take_off' }),
    ...(first && !given([load.cg.x, load.cg.y, load.cg.z]) && { '/load/cg/by': 'take_off' }),
  }
}

// Cells put in from one place on, rows added where there are too few.
export const filled = (rows: Part[], from: { row: number; column: number }, cells: string[][]): Part[] => {
  const next = [...rows]
  cells.forEach((line, down) => {
    const index = from.row + down
    while (next.length <= index) next.push(under(undefined, {}))
    const texts = line.slice(0, COLUMNS.length - from.column).map((text, across) => [
      COLUMNS[from.column + across]!.field,
      text
        .replace(/\p{Cc}+/gu, ' ')
        .trim()
        .slice(0, 200),
    ])
    next[index] = { ...next[index]!, ...(Object.fromEntries(texts) as Partial<Part>) }
  })
  return next
}

export const moved = (rows: Part[], from: number, to: number): Part[] => {
  const next = [...rows]
  const [row] = next.splice(from, 1)
  next.splice(to, 0, row!)
  return next
}

export const doubled = (rows: Part[], at: number): Part[] => [
  ...rows.slice(0, at + 1),
  { ...rows[at]! },
  ...rows.slice(at + 1),
]
export const without = (rows: Part[], at: number): Part[] => rows.filter((_, index) => index !== at)

export const cellId = (row: number, field: string) => `cell-${row}-${field}`

// What the room may have open over itself.
export type LoadDialog = 'search' | 'group' | 'sketches' | 'indicated' | 'materials'
