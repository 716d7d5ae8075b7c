import Box from '@mui/material/Box'

import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useLocation } from 'react-router'
import { api } from '../../api/client'
import { useSize } from '../../ui/useSize'
import { useTitle } from '../../ui/useTitle'

import { PlanBar } from '../../shell/PlanBar'
import type { Editor } from '../../plan/usePlanEditor'
import { type LoadDialog, pointerOf, rowsOf } from './rows'
import { LoadDialogs } from './LoadDialogs'
import { LoadMenu } from './LoadMenu'
import { LoadAside } from './LoadAside'
import { LoadTable } from './LoadTable'
import { cellOf, useParts, type Wanted } from './useParts'

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
  const { document: plan, setLook, checked } = editor
  const [of, setOf] = useState<number | null>(null)
  const [row, setRow] = useState(0)
  const [chosen, setChosen] = useState<Set<number>>(new Set())
  const [dialog, setDialog] = useState<LoadDialog | null>(null)
  const [menu, setMenu] = useState<HTMLElement | null>(null)
  const [printing, setPrinting] = useState(false)
  const chooser = useRef<HTMLInputElement>(null)
  const sent = useLocation().state as { go?: string } | null
  const [wanted, setWanted] = useState<Wanted | null>(() => cellOf(sent?.go ?? ''))
  const [ref, size] = useSize({ width: 380, height: 420 })
  const vocabulary = useQuery({ queryKey: ['shapes'], queryFn: api.vocabulary, staleTime: Infinity })
  const rows = rowsOf(plan, of)
  const groups = plan.load.take_off?.groups ?? []

  const look = useMemo(() => ({ of, row }), [of, row])
  useEffect(() => {
    setLook(look)
    return () => setLook(null)
  }, [look, setLook])
  useTitle(`Load: ${plan.load.name || plan.title}`)
  const sheet = checked.ladder?.take_off?.pointer === pointerOf(of) ? checked.ladder.take_off : null

  const { add, addKept, takeTable, go, toRow, set, act, inside } = useParts({
    editor,
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
  })
  const printed = useCallback(() => setPrinting(false), [])
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
          editor={editor}
          row={row}
          rows={rows}
          sheet={sheet}
          vocabulary={vocabulary}
          set={set}
          act={act}
          groupOf={groupOf}
          inside={inside}
          of={of}
          toRow={toRow}
          go={go}
          ref={ref}
          size={size}
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
        of={of}
        setPrinting={setPrinting}
        onTable={onTable}
      />
      <LoadDialogs
        table={table}
        onTable={onTable}
        takeTable={takeTable}
        dialog={dialog}
        vocabulary={vocabulary}
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
