import type { ClipboardEvent, KeyboardEvent } from 'react'
import type { ChartReading } from '../../../api/client'
import { pasted, usedRows, type SheetTable } from './sheet'

type Preview = ChartReading['tables'][number]

const cellId = (of: number, row: number, column: number) => `cell-${of}-${row}-${column}`
const focus = (id: string) => {
  const input = document.getElementById(id)
  if (!(input instanceof HTMLInputElement)) return false
  input.focus()
  input.select()
  return true
}

// The cells of one table, typed as they stand on the page. Enter and the arrows go from cell to cell; a block
// copied from a spreadsheet is pasted from the cell on.
export function CellGrid({
  of,
  table,
  preview,
  doubted,
  corner,
  change,
}: {
  of: number
  table: SheetTable
  preview: Preview | undefined
  // "row,column" of figures that do not go with those beside them, counted over the rows in use.
  doubted: Set<string>
  corner: string
  change: (table: SheetTable) => void
}) {
  const used = usedRows(table).map(({ at }) => at)
  const problemOf = (row: number, column: number) =>
    preview?.rows[used.indexOf(row)]?.cells[column - 1]?.problem ?? null
  const write = (row: number, column: number, text: string) =>
    change({
      ...table,
      rows: table.rows.map((cells, at) => (at === row ? cells.with(column, text) : cells)),
    })
  const key = (event: KeyboardEvent<HTMLInputElement>, row: number, column: number) => {
    const { selectionStart, selectionEnd, value } = event.currentTarget
    const atStart = selectionEnd === 0 || (selectionStart === 0 && selectionEnd === value.length)
    const atEnd = selectionStart === value.length || (selectionStart === 0 && selectionEnd === value.length)
    const to =
      event.key === 'Enter' || event.key === 'ArrowDown'
        ? [row + 1, column]
        : event.key === 'ArrowUp'
          ? [row - 1, column]
          : event.key === 'ArrowLeft' && atStart
            ? [row, column - 1]
            : event.key === 'ArrowRight' && atEnd
              ? [row, column + 1]
              : null
    if (to && focus(cellId(of, to[0]!, to[1]!))) event.preventDefault()
  }
  const paste = (event: ClipboardEvent<HTMLInputElement>, row: number, column: number) => {
    const text = event.clipboardData.getData('text/plain')
    if (!/[\t\n]/.test(text)) return
    event.preventDefault()
    change(pasted(table, row, column, text))
  }
  const input = (row: number, column: number, value: string, label: string, bad: string | null) => (
    <input
      id={cellId(of, row, column)}
      value={value}
      aria-label={label}
      aria-invalid={bad !== null}
      title={bad ?? undefined}
      maxLength={40}
      autoComplete="off"
      onFocus={(event) => event.currentTarget.select()}
      onKeyDown={(event) => key(event, row, column)}
      onPaste={(event) => paste(event, row, column)}
      onChange={(event) =>
        row < 0
          ? change({ ...table, columns: table.columns.with(column - 1, event.target.value) })
          : write(row, column, event.target.value)
      }
    />
  )
  const look = (row: number, column: number, text: string) =>
    problemOf(row, column) !== null
      ? 'bad'
      : doubted.has(`${used.indexOf(row)},${column - 1}`)
        ? 'doubt'
        : ['-', '–', '—'].includes(text.trim())
          ? 'none'
          : text.trim() === '' && used.includes(row) && table.columns[column - 1]?.trim()
            ? 'hole'
            : undefined
  return (
    <table className="grid capacities entry" data-entry-table={of}>
      <thead>
        <tr>
          <th scope="col">{corner}</th>
          {table.columns.map((column, at) => (
            <th key={at} scope="col">
              {input(-1, at + 1, column, `column ${at + 1}`, null)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {table.rows.map((cells, row) => (
          <tr key={row}>
            {cells.map((text, column) =>
              column === 0 ? (
                <th key={column} scope="row">
                  {input(row, 0, text, `row ${row + 1}`, null)}
                </th>
              ) : (
                <td key={column} className={look(row, column, text)}>
                  {input(row, column, text, `row ${row + 1}, column ${column}`, problemOf(row, column))}
                </td>
              ),
            )}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
