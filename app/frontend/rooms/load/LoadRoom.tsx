import Box from '@mui/material/Box'

import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useLocation } from 'react-router'
import { api, type KeptGroup, type StandardPart } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'

import { PlanBar } from '../../shell/PlanBar'
import type { Editor } from '../../plan/usePlanEditor'
import type { TakeOff } from '../../api/plan.generated'

import { doubled, moved, pointerOf, rowsOf, under, without, withRows, type Field } from './rows'
import { LoadDialogs } from './LoadDialogs'
import { LoadMenu } from './LoadMenu'
import { LoadAside } from './LoadAside'
import { LoadTable } from './LoadTable'
import type { LoadDialog } from './rows'

// The cell that a place of the plan is written in.
const cellOf = (pointer: string) => {
  const [, at, field] = /\/parts\/(\d+)\/(\w+)$/.exec(pointer) ?? []
  return at ? { row: Number(at), field: field as Field } : null
}

// Where the load becomes known: its parts in a sheet, the same parts to scale, and what they come to.
export function LoadRoom({
  editor,
  table,
  onTable,
}: {
  editor: Editor
  table: File | null
  onTable: (file: File | null) => void
}) {
  const { document: plan, change, settle, setLook, checked } = editor
  const [of, setOf] = useState<number | null>(null)
  const [row, setRow] = useState(0)
  const [chosen, setChosen] = useState<Set<number>>(new Set())
  const [dialog, setDialog] = useState<LoadDialog | null>(null)
  const [menu, setMenu] = useState<HTMLElement | null>(null)
  const [printing, setPrinting] = useState(false)
  const chooser = useRef<HTMLInputElement>(null)
  const sent = useLocation().state as { go?: string } | null
  const [wanted, setWanted] = useState<{ row: number; field: Field; select?: string } | null>(() =>
    cellOf(sent?.go ?? ''),
  )
  const shown = useShown()
  const [ref, size] = useSize({ width: 380, height: 420 })
  const vocabulary = useQuery({ queryKey: ['shapes'], queryFn: api.vocabulary, staleTime: Infinity })
  const rows = rowsOf(plan, of)
  const groups = plan.load.take_off?.groups ?? []

  const look = useMemo(() => ({ of, row }), [of, row])
  useEffect(() => {
    setLook(look)
    return () => setLook(null)
  }, [look, setLook])
  useEffect(() => {
    document.title = `Load: ${plan.load.name || plan.title} · Dust Ladder`
  }, [plan.load.name, plan.title])
  const sheet = checked.ladder?.take_off?.pointer === pointerOf(of) ? checked.ladder.take_off : null
  const { working } = checked

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
    [change, of, plan, rows],
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
  const printed = useCallback(() => setPrinting(false), [])
  const go = useCallback((pointer: string) => {
    const cell = cellOf(pointer)
    if (cell) setWanted(cell)
  }, [])
  const toRow = useCallback((at: number) => setWanted({ row: at, field: 'name' }), [])
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
  const groupOf = groups.findIndex(
    (group) => group.title.trim().toLowerCase() === rows[row]?.shape.trim().toLowerCase(),
  )

  return (
    <Box
      sx={{
        height: { xs: 'auto', md: '100dvh' },
        minHeight: '100dvh',
        display: 'flex',
        flexDirection: 'column',
        overflow: { md: 'hidden' },
      }}
    >
      <PlanBar editor={editor} room="load" />
      <Box
        component="main"
        sx={{
          flex: 1,
          minHeight: 0,
          display: 'grid',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: 'minmax(0, 1fr) 640px',
            lg: 'minmax(0, 1fr) 372px',
          },
          gridTemplateRows: { md: 'auto minmax(0, 1fr) 330px', lg: 'auto minmax(0, 1fr) 212px' },
          gridTemplateAreas: {
            xs: '"tools" "table" "detail" "side"',
            md: '"tools tools" "table table" "detail side"',
            lg: '"tools side" "table side" "detail side"',
          },
          bgcolor: 'var(--bone)',
        }}
      >
        <Box component="h1" className="hush">
          Load: {plan.load.name || plan.title}
        </Box>
        <LoadTable
          of={of}
          editor={editor}
          inside={inside}
          rows={rows}
          groups={groups}
          chosen={chosen}
          setDialog={setDialog}
          setMenu={setMenu}
          sheet={sheet}
          row={row}
          setRow={setRow}
          setChosen={setChosen}
          onTable={onTable}
          wanted={wanted}
        />
        <LoadAside
          row={row}
          rows={rows}
          sheet={sheet}
          vocabulary={vocabulary}
          working={working}
          set={set}
          act={act}
          groupOf={groupOf}
          inside={inside}
          plan={plan}
          of={of}
          change={change}
          toRow={toRow}
          go={go}
          ref={ref}
          size={size}
          shown={shown}
        />
      </Box>
      <LoadMenu
        menu={menu}
        setMenu={setMenu}
        chooser={chooser}
        editor={editor}
        rows={rows}
        setDialog={setDialog}
        sheet={sheet}
        working={working}
        of={of}
        setPrinting={setPrinting}
        onTable={onTable}
      />
      <LoadDialogs
        table={table}
        plan={plan}
        onTable={onTable}
        takeTable={takeTable}
        dialog={dialog}
        vocabulary={vocabulary}
        change={change}
        settle={settle}
        setDialog={setDialog}
        editor={editor}
        printing={printing}
        sheet={sheet}
        printed={printed}
        groups={groups}
        add={add}
        of={of}
        addKept={addKept}
        chosen={chosen}
        setChosen={setChosen}
      />
    </Box>
  )
}
