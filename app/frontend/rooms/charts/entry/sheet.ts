// A chart as it is typed from the paper, and the CSV grid (docs/chart-format.md) that it is read from.
export type Family = 'mobile' | 'tower' | 'platform_jib' | 'fixed_hoist'

export interface SheetTable {
  // What the table counts over: sectors, a set of falls, or a zone of the lower boom.
  heads: string[][]
  columns: string[]
  // The first cell of a row is what it is read by.
  rows: string[][]
}

export interface Sheet {
  family: Family
  // Of the chart that it takes the place of, where one is mended.
  id?: string
  title: string
  source: string
  unit: string
  rowUnit: string
  columnUnit: string
  identity: Record<string, string>
  named: Record<string, string>
  // What, mass, and the case that it is deducted in.
  deductions: [string, string, string][]
  notes: string[]
  // How the machine stands, line by line as the page has it.
  stand: string[][]
  marks: [string, string][]
  tables: SheetTable[]
}

// Lists of masses in one field, parted by semicolons.
export const LISTS = ['pulls by layer', 'jib cap']

const HEADS: Record<Family, string[]> = {
  mobile: ['all round', '0', '360', '', ''],
  tower: ['2', '', 'no'],
  platform_jib: ['A', '', ''],
  fixed_hoist: [],
}
export const HEAD_LABELS: Record<Family, string[]> = {
  mobile: ['Sector', 'From, clockwise', 'To', 'Longest boom', 'Jib offset'],
  tower: ['Falls', 'Most', 'Needs a second trolley'],
  platform_jib: ['Zone', 'Lower boom from', 'To'],
  fixed_hoist: [],
}
export const HEAD_NAMES: Record<Family, string> = {
  mobile: 'sector',
  tower: 'falls',
  platform_jib: 'lower boom zone',
  fixed_hoist: '',
}
const ROWS = 8
const COLUMNS = 5

const blanks = (count: number) => Array.from({ length: count }, () => '')

export const blankTable = (family: Family, like?: SheetTable): SheetTable => {
  const columns = like ? [...like.columns] : family === 'tower' ? ['capacity'] : blanks(COLUMNS)
  const keys = like ? like.rows.map((row) => row[0] ?? '') : blanks(ROWS)
  return { heads: [[...HEADS[family]]], columns, rows: keys.map((key) => [key, ...blanks(columns.length)]) }
}

export const blankSheet = (family: Family = 'mobile'): Sheet => ({
  family,
  title: '',
  source: '',
  unit: 't',
  rowUnit: 'm',
  columnUnit: 'm',
  identity: {},
  named: {},
  deductions: [],
  notes: [],
  stand: [],
  marks: [],
  tables: family === 'fixed_hoist' ? [] : [blankTable(family)],
})

const corner = ({ family, rowUnit, columnUnit }: Sheet) =>
  family === 'platform_jib'
    ? `upper boom (deg) / load radius (${columnUnit})`
    : family === 'tower'
      ? `radius (${rowUnit})`
      : `${rowUnit === 'deg' ? 'boom angle' : 'radius'} (${rowUnit}) / boom (${columnUnit})`

const filled = (cells: string[]) => cells.some((cell) => cell.trim() !== '')
const width = (table: SheetTable) => table.columns.findLastIndex((cell) => cell.trim() !== '') + 1

// The rows of a table that something is typed in, with where they stand.
export const usedRows = (table: SheetTable) =>
  table.rows.map((cells, at) => ({ cells, at })).filter(({ cells }) => filled(cells))

// Cells that were not read yet: within the rows and columns in use, and still blank.
export const holes = (sheet: Sheet) =>
  sheet.tables.reduce((count, table) => {
    const columns = width(table)
    return (
      count +
      usedRows(table).reduce(
        (sum, { cells }) => sum + cells.slice(1, columns + 1).filter((cell) => cell.trim() === '').length,
        0,
      )
    )
  }, 0)

const quoted = (cell: string) => `"${cell.trim().replaceAll('"', '""')}"`

// The text, and what stands in each of its lines: "title", "identity/model", "table/0/row/3" ...
export function compose(sheet: Sheet) {
  const lines: string[] = []
  const places = new Map<number, string>()
  const put = (place: string, ...cells: string[]) => {
    lines.push(cells.map(quoted).join(','))
    places.set(lines.length, place)
  }
  put('title', 'chart', sheet.title)
  if (sheet.id) put('title', 'id', sheet.id)
  put('family', 'family', sheet.family)
  if (sheet.source.trim()) put('source', 'source', sheet.source)
  Object.entries(sheet.identity).forEach(
    ([name, value]) => value.trim() && put(`identity/${name}`, `machine ${name.replaceAll('_', ' ')}`, value),
  )
  Object.entries(sheet.named).forEach(
    ([name, value]) =>
      value.trim() && put(`named/${name}`, name, ...(LISTS.includes(name) ? value.split(';') : [value])),
  )
  sheet.deductions.forEach(
    ([what, mass, when = ''], at) =>
      filled([what, mass, when]) && put(`deduct/${at}`, `deduct ${what.trim() || 'item'}`, mass, when),
  )
  sheet.notes.forEach((text, at) => text.trim() && put(`note/${at}`, 'note', text))
  sheet.stand.forEach((cells, at) => put(`stand/${at}`, ...cells))
  if (sheet.tables.length > 0) put('unit', 'capacity in', sheet.unit)
  sheet.marks.forEach(([sign, meaning], at) => sign.trim() && put(`mark/${at}`, 'mark', sign, meaning))
  sheet.tables.forEach((table, of) => {
    put(`table/${of}`, '')
    table.heads.forEach((head, at) => put(`table/${of}/head/${at}`, HEAD_NAMES[sheet.family], ...head))
    put(`table/${of}/columns`, corner(sheet), ...table.columns.slice(0, width(table)))
    usedRows(table).forEach(({ cells, at }) =>
      put(`table/${of}/row/${at}`, ...cells.slice(0, width(table) + 1)),
    )
  })
  return { text: `${lines.join('\n')}\n`, places }
}

// Pasted cells, from a spreadsheet or a text: put in from a place on, the table grown where it has to be.
export function pasted(table: SheetTable, row: number, column: number, text: string): SheetTable {
  const block = text
    .replace(/\r/g, '')
    .replace(/\n$/, '')
    .split('\n')
    .map((line) => line.split('\t'))
  const wide = Math.max(table.columns.length, column - 1 + Math.max(...block.map((cells) => cells.length)))
  const tall = Math.max(table.rows.length, row + block.length)
  const columns = [...table.columns, ...blanks(wide - table.columns.length)]
  const rows = Array.from({ length: tall }, (_, at) => {
    const cells = [...(table.rows[at] ?? []), ...blanks(wide + 1)].slice(0, wide + 1)
    block[at - row]?.forEach((cell, index) => (cells[column + index] = cell.trim()))
    return cells
  })
  return { ...table, columns, rows }
}
