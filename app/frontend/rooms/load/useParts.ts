import { useCallback } from 'react'
import { api, type KeptGroup, type StandardPart } from '../../api/client'
import type { Group, Part, TakeOff } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'
import { doubled, moved, pointerOf, under, without, withRows, type Field, type LoadDialog } from './rows'

// A cell that the keyboard is to go to.
export interface Wanted {
  row: number
  field: Field
  select?: string
}

// The cell that a place of the plan is written in.
export const cellOf = (pointer: string) => {
  const [, at, field] = /\/parts\/(\d+)\/(\w+)$/.exec(pointer) ?? []
  return at ? { row: Number(at), field: field as Field } : null
}

// What is done to the rows of the list that is open.
export function useParts({
  editor: { document: plan, change, settle },
  of,
  row,
  rows,
  groups,
  setOf,
  setRow,
  setChosen,
  setDialog,
  setWanted,
  onTable,
}: {
  editor: Editor
  of: number | null
  row: number
  rows: Part[]
  groups: Group[]
  setOf: (group: number | null) => void
  setRow: (row: number) => void
  setChosen: (chosen: Set<number>) => void
  setDialog: (dialog: LoadDialog | null) => void
  setWanted: (wanted: Wanted | null) => void
  onTable: (file: File | null) => void
}) {
  const add = useCallback(
    (part: StandardPart) => {
      const next = [
        ...rows,
        under(rows.at(-1), {
          name: part.title,
          shape: part.shape,
          size: part.size,
          material: part.material || rows.at(-1)?.material || '',
        }),
      ]
      change(withRows(plan, of, next), `${part.title} added`)
      setDialog(null)
      setWanted({ row: next.length - 1, field: 'size', select: '…' })
    },
    [change, of, plan, rows, setDialog, setWanted],
  )
  // Into the whole load only: a group holds no other groups.
  const addKept = async (kept: KeptGroup) => {
    const { data } = await api.keptGroup(kept.id)
    const there = groups.some((group) => group.title.toLowerCase() === data.title.toLowerCase())
    const next = [...rows, under(undefined, { name: data.title, shape: data.title, material: '' })]
    change(
      { ...withRows(plan, null, next), ...(!there && { '/load/take_off/groups': [...groups, data] }) },
      `${data.title} added`,
    )
    setDialog(null)
    setWanted({ row: next.length - 1, field: 'x' })
  }
  const takeTable = (takeOff: TakeOff, note: string) => {
    change({ ...withRows(plan, null, takeOff.parts), '/load/take_off': takeOff }, note)
    onTable(null)
    setOf(null)
  }
  const go = useCallback(
    (pointer: string) => {
      const cell = cellOf(pointer)
      if (cell) setWanted(cell)
    },
    [setWanted],
  )
  const toRow = useCallback((at: number) => setWanted({ row: at, field: 'name' }), [setWanted])
  const set = (field: Field, text: string) =>
    change({ [`${pointerOf(of)}/${row}/${field}`]: text }, `row ${row + 1}, ${field}`)
  const act = (to: 'up' | 'down' | 'double' | 'out') => {
    const next =
      to === 'up'
        ? moved(rows, row, row - 1)
        : to === 'down'
          ? moved(rows, row, row + 1)
          : to === 'double'
            ? doubled(rows, row)
            : without(rows, row)
    change(
      withRows(plan, of, next),
      `row ${row + 1} ${{ up: 'moved up', down: 'moved down', double: 'doubled', out: 'taken out' }[to]}`,
    )
    setRow(to === 'up' ? row - 1 : to === 'out' ? row : row + 1)
  }
  const inside = (group: number | null) => {
    settle('row')
    setChosen(new Set())
    setRow(0)
    setOf(group)
  }

  return { add, addKept, takeTable, go, toRow, set, act, inside }
}
