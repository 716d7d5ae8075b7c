import './parts_table.css'
import { useVirtualizer } from '@tanstack/react-virtual'
import Papa from 'papaparse'
import { useCallback, useEffect, useRef, type ClipboardEvent, type KeyboardEvent } from 'react'
import type { TakeOff } from '../../api/ladder.generated'
import type { Part } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'
import {
  cellId,
  COLUMNS,
  doubled,
  filled,
  moved,
  pointerOf,
  under,
  without,
  withRows,
  type Field,
} from './rows'
import { PartsGrid } from './PartsGrid'

const ROW_HEIGHT = 34
const SPARE = 14

interface Props {
  editor: Editor
  of: number | null
  rows: Part[]
  sheet: TakeOff | null
  row: number
  onRow: (row: number) => void
  chosen: Set<number>
  onChosen: (rows: Set<number>) => void
  onPastedTable: (text: string) => void
  wanted: { row: number; field: Field; select?: string } | null
}

// The take-off sheet: type, Tab, next row. One blank row always stands at the end; only what is seen is
// drawn.
export function PartsTable({
  editor,
  of,
  rows,
  sheet,
  row: selected,
  onRow,
  chosen,
  onChosen,
  onPastedTable,
  wanted,
}: Props) {
  const scroller = useRef<HTMLDivElement>(null)
  // eslint-disable-next-line react-hooks/incompatible-library -- it is made for being called at every render
  const virtual = useVirtualizer({
    count: rows.length + 1,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: SPARE,
  })
  const { change, settle, document: plan } = editor

  const focus = useCallback(
    (row: number, field: string, select?: string) => {
      virtual.scrollToIndex(row)
      const reach = (tries: number) =>
        requestAnimationFrame(() => {
          const cell = document.getElementById(cellId(row, field)) as HTMLInputElement | null
          if (!cell) return tries > 0 ? reach(tries - 1) : undefined
          cell.focus()
          const at = select ? cell.value.indexOf(select) : -1
          if (at >= 0) cell.setSelectionRange(at, at + select!.length)
          else cell.select()
        })
      reach(12)
    },
    [virtual],
  )
  useEffect(() => {
    if (wanted) focus(wanted.row, wanted.field, wanted.select)
  }, [wanted, focus])

  const type = useCallback(
    (row: number, field: Field, text: string) => {
      const note = `row ${row + 1}, ${field}`
      if (row < rows.length) change({ [`${pointerOf(of)}/${row}/${field}`]: text }, note, 'typing')
      else if (text !== '')
        change(withRows(plan, of, [...rows, under(rows.at(-1), { [field]: text })]), note, 'typing')
    },
    [change, of, plan, rows],
  )
  // What was being typed is a step of its own.
  const put = (next: Part[], note: string) => {
    settle(`row ${selected + 1} typed`)
    change(withRows(plan, of, next), note)
  }

  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
    const cell = event.target as HTMLInputElement
    const [row, field] = [Number(cell.dataset.row), cell.dataset.field]
    if (!field || Number.isNaN(row)) return
    const here = row < rows.length
    const command = event.ctrlKey || event.metaKey
    const to = (next: number, act?: () => void) => {
      event.preventDefault()
      act?.()
      focus(Math.max(0, next), field)
    }
    if (event.key === 'Enter')
      return to(Math.min(rows.length, row + (event.shiftKey ? -1 : 1)), () => settle(`row ${row + 1}`))
    if (event.altKey && here && event.key === 'ArrowUp' && row > 0)
      return to(row - 1, () => put(moved(rows, row, row - 1), `row ${row + 1} moved up`))
    if (event.altKey && here && event.key === 'ArrowDown' && row < rows.length - 1)
      return to(row + 1, () => put(moved(rows, row, row + 1), `row ${row + 1} moved down`))
    if (event.altKey || event.shiftKey) return
    if (!command && event.key === 'ArrowDown') return to(Math.min(rows.length, row + 1))
    if (!command && event.key === 'ArrowUp') return to(row - 1)
    if (command && here && event.key.toLowerCase() === 'd')
      return to(row + 1, () => put(doubled(rows, row), `row ${row + 1} doubled`))
    if (command && here && (event.key === 'Delete' || event.key === 'Backspace'))
      return to(row, () => put(without(rows, row), `row ${row + 1} taken out`))
  }

  // A block from a spreadsheet goes in from this cell on; one with a line of headings is looked at first.
  const onPaste = (event: ClipboardEvent<HTMLDivElement>) => {
    const cell = event.target as HTMLInputElement
    const column = COLUMNS.findIndex(({ field }) => field === cell.dataset.field)
    const text = event.clipboardData.getData('text/plain')
    if (column < 0 || !/[\t\n]/.test(text.trimEnd())) return
    event.preventDefault()
    const cells = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data
    const known = (cells[0] ?? []).filter((head) =>
      /^(part|name|shape|size|material|quantity|qty|length|width|thickness|mass|weight|x|y|z)\b/i.test(
        head.trim(),
      ),
    )
    if (known.length > 2) return onPastedTable(text)
    put(filled(rows, { row: Number(cell.dataset.row), column }, cells), `${cells.length} rows pasted`)
  }

  const choose = (row: number, on: boolean) => {
    const next = new Set(chosen)
    if (on) next.add(row)
    else next.delete(row)
    onChosen(next)
  }
  const nextTo = (row: number) => {
    const now = rows[row]!.to
    change(
      { [`${pointerOf(of)}/${row}/to`]: now === 'corner' ? 'centre' : 'corner' },
      `row ${row + 1}, measured to`,
    )
  }

  return (
    <div
      className="parts-table"
      role="table"
      aria-label="Take-off"
      aria-rowcount={rows.length + 2}
      onKeyDown={onKeyDown}
      onPaste={onPaste}
    >
      <PartsGrid
        scroller={scroller}
        onRow={onRow}
        virtual={virtual}
        rows={rows}
        sheet={sheet}
        selected={selected}
        chosen={chosen}
        type={type}
        settle={settle}
        choose={choose}
        nextTo={nextTo}
      />
    </div>
  )
}
