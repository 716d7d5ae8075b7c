import { blankSheet, blankTable, HEAD_NAMES, LISTS, type Family, type Sheet, type SheetTable } from './sheet'
import { kindOf, upToLast } from './stand'

const UNIT = /\((mm|m|ft|in|deg|°)\)/g
const FAMILIES: Family[] = ['mobile', 'tower', 'platform_jib', 'fixed_hoist']
const WORDED: Record<string, string> = { 'thousands of lb': 'klb', '1000 lb': 'klb' }
const TABLE = /^(radius|boom angle|upper boom)\b/i

const unitsOf = (corner: string) => [...corner.matchAll(UNIT)].map(([, unit]) => unit!.replace('°', 'deg'))

// A sheet of the lines of a CSV grid, to go on from a chart that is here. What its tables leave empty is not
// allowed: a dash, as a page has it.
export function sheetOf(lines: string[][]): Sheet {
  const of = (name: string) => lines.find(([first]) => first?.toLowerCase() === name)?.[1] ?? ''
  const family = FAMILIES.find((one) => one === of('family').toLowerCase()) ?? 'mobile'
  const unit = of('capacity in').toLowerCase()
  const sheet: Sheet = {
    ...blankSheet(family),
    id: of('id') || undefined,
    title: of('chart'),
    source: of('source'),
    unit: WORDED[unit] ?? (unit || 'kg'),
    tables: [],
  }
  let heads: string[][] = []
  let table: SheetTable | null = null
  for (const [first = '', ...rest] of lines) {
    const name = first.toLowerCase().replaceAll('_', ' ')
    const said = rest[0] ?? ''
    const kind = kindOf(name)
    if (name === '') table = null
    else if (name === HEAD_NAMES[family]) {
      heads.push(blankTable(family).heads[0]!.map((_, at) => rest[at] ?? ''))
      table = null
    } else if (TABLE.test(name)) {
      const [rowUnit = 'm', columnUnit = rowUnit] = unitsOf(first)
      const columns = upToLast(rest)
      sheet.columnUnit = columnUnit
      if (family !== 'platform_jib') sheet.rowUnit = rowUnit
      table = { heads, columns: family === 'tower' ? ['capacity'] : columns, rows: [] }
      sheet.tables.push(table)
      heads = []
    } else if (table) {
      table.rows.push([first, ...table.columns.map((_, at) => rest[at] || '-')])
    } else if (name.startsWith('machine ')) sheet.identity[name.slice(8).replaceAll(' ', '_')] = said
    else if (name.startsWith('deduct ')) sheet.deductions.push([first.slice(7), said, rest[1] ?? ''])
    else if (name === 'note') sheet.notes.push(said)
    else if (kind) sheet.stand.push([kind + first.slice(kind.length), ...upToLast(rest)])
    else if (name === 'mark') sheet.marks.push([said, (rest[1] ?? '').toLowerCase()])
    else if (!['chart', 'id', 'family', 'source', 'capacity in'].includes(name))
      sheet.named[name] = LISTS.includes(name) ? rest.filter(Boolean).join('; ') : said
  }
  return sheet
}

const texts = (value: unknown): value is string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string')
const lists = (value: unknown): value is string[][] => Array.isArray(value) && value.every(texts)
const words = (value: unknown): value is Record<string, string> =>
  typeof value === 'object' && value !== null && texts(Object.values(value))

// A sheet as it was kept, also by another version of this screen: what is none of it is left blank.
export function soundSheet(kept: unknown): Sheet {
  const said = (typeof kept === 'object' && kept !== null ? kept : {}) as Record<string, unknown>
  const blank = blankSheet(FAMILIES.find((one) => one === said.family))
  const word = (name: 'title' | 'source' | 'unit' | 'rowUnit' | 'columnUnit') =>
    typeof said[name] === 'string' ? said[name] : blank[name]
  const tables = Array.isArray(said.tables) ? (said.tables as unknown[]) : []
  const sound = tables.filter((one): one is SheetTable => {
    const { heads, columns, rows } = (one ?? {}) as Record<string, unknown>
    return lists(heads) && texts(columns) && lists(rows)
  })
  return {
    ...blank,
    id: typeof said.id === 'string' ? said.id : undefined,
    title: word('title'),
    source: word('source'),
    unit: word('unit'),
    rowUnit: word('rowUnit'),
    columnUnit: word('columnUnit'),
    identity: words(said.identity) ? said.identity : blank.identity,
    named: words(said.named) ? said.named : blank.named,
    deductions: lists(said.deductions)
      ? said.deductions.map(([what = '', mass = '', when = '']) => [what, mass, when])
      : [],
    notes: texts(said.notes) ? said.notes : [],
    stand: lists(said.stand) ? said.stand : [],
    marks: lists(said.marks) ? said.marks.map(([sign = '', meaning = 'strength']) => [sign, meaning]) : [],
    tables: sound.length > 0 ? sound : blank.tables,
  }
}
