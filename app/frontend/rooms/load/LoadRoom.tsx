import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { Link, useLocation } from 'react-router'
import { api, type KeptGroup, type StandardPart } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import { History } from '../../shell/History'
import { PlanBar } from '../../shell/PlanBar'
import type { Editor } from '../../plan/usePlanEditor'
import type { TakeOff } from '../../api/plan.generated'
import { CsvDialog } from './CsvDialog'
import { GroupDialog } from './GroupDialog'
import { IndicatedDialog } from './IndicatedDialog'
import { MaterialsDialog } from './MaterialsDialog'
import { PartSearch } from './PartSearch'
import { PartsTable } from './PartsTable'
import { PrintSheet } from './PrintSheet'
import { RowDetail } from './RowDetail'
import { doubled, moved, pointerOf, rowsOf, takeOffOf, under, without, withRows, type Field } from './rows'
import { SketchesDialog } from './SketchesDialog'
import { TakeOffPicture } from './TakeOffPicture'
import { Totals } from './Totals'

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
  const [dialog, setDialog] = useState<'search' | 'group' | 'sketches' | 'indicated' | 'materials' | null>(
    null,
  )
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
        <Box
          sx={{
            gridArea: 'tools',
            display: 'flex',
            flexWrap: 'wrap',
            alignItems: 'center',
            gap: '6px',
            p: '6px 10px',
            bgcolor: 'var(--dust)',
            borderBottom: '1.5px solid var(--ink)',
          }}
        >
          {of === null ? (
            <Button component={Link} to={`/plans/${editor.id}`} variant="outlined">
              To the ladder
            </Button>
          ) : (
            <Button variant="outlined" onClick={() => inside(null)}>
              Back to the whole load
            </Button>
          )}
          <Box
            sx={{
              fontSize: 17,
              fontWeight: 600,
              px: 1,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
              minWidth: 0,
              flex: '0 1 auto',
            }}
          >
            {of === null
              ? `Take-off, ${rows.length} ${rows.length === 1 ? 'row' : 'rows'}`
              : `Group: ${groups[of]?.title ?? ''}`}
          </Box>
          <Box sx={{ ml: 'auto', display: 'flex', flexWrap: 'wrap', gap: '6px' }}>
            <History editor={editor} undoNote={editor.undoNote} redoNote={editor.redoNote} />
            {of === null && chosen.size > 0 && (
              <Button variant="contained" onClick={() => setDialog('group')}>
                Make {chosen.size === 1 ? 'this row' : `these ${chosen.size} rows`} a group
              </Button>
            )}
            <Button variant="outlined" onClick={() => setDialog('search')}>
              Find a part
            </Button>
            <Button variant="outlined" aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
              Sheet
            </Button>
            <Button variant="outlined" onClick={() => setDialog('sketches')}>
              Photos
            </Button>
            <Button variant="outlined" onClick={() => setDialog('indicated')}>
              Crane reading
            </Button>
          </Box>
        </Box>
        <Box sx={{ gridArea: 'table', minHeight: { xs: 420, md: 0 }, minWidth: 0, display: 'flex' }}>
          <PartsTable
            editor={editor}
            of={of}
            rows={rows}
            sheet={sheet}
            row={row}
            onRow={setRow}
            chosen={chosen}
            onChosen={setChosen}
            onPastedTable={(text) => onTable(new File([text], 'what was pasted', { type: 'text/plain' }))}
            wanted={wanted}
          />
        </Box>
        <Box
          component="section"
          aria-label="This row"
          sx={{
            gridArea: 'detail',
            borderTop: '2.5px solid var(--ink)',
            bgcolor: 'var(--chalk)',
            minWidth: 0,
            minHeight: 0,
          }}
        >
          <RowDetail
            index={row}
            row={rows[row] ?? null}
            sheet={sheet}
            shapes={vocabulary.data?.shapes ?? []}
            working={working}
            set={set}
            act={act}
            count={rows.length}
            onGroup={groupOf >= 0 ? () => inside(groupOf) : null}
          />
        </Box>
        <Box
          sx={{
            gridArea: 'side',
            borderLeft: { md: '2.5px solid var(--ink)' },
            borderTop: { md: '2.5px solid var(--ink)', lg: 'none' },
            display: 'flex',
            flexDirection: { xs: 'column', md: 'row', lg: 'column' },
            minHeight: { xs: 760, md: 0 },
            minWidth: 0,
          }}
        >
          <Box
            sx={{
              bgcolor: 'var(--chalk)',
              borderBottom: { xs: '1.5px solid var(--ink)', md: 'none', lg: '1.5px solid var(--ink)' },
              borderRight: { md: '1.5px solid var(--ink)', lg: 'none' },
              width: { md: 300, lg: 'auto' },
              flex: 'none',
              overflowY: 'auto',
            }}
            tabIndex={-1}
          >
            <Totals
              sheet={sheet}
              load={plan.load}
              of={of}
              working={working || !sheet}
              change={change}
              onRow={toRow}
              go={go}
            />
          </Box>
          <Box
            ref={ref}
            sx={{ flex: 1, minHeight: { xs: 420, md: 0 }, position: 'relative', overflow: 'hidden' }}
          >
            <Box sx={{ position: 'absolute', inset: 0 }}>
              <TakeOffPicture sheet={sheet} row={row} onRow={toRow} width={size.width} height={size.height} />
            </Box>
          </Box>
          {sheet && sheet.cautions.length > 0 && (
            <Box
              component="ul"
              sx={{
                m: 0,
                p: '6px 14px 8px',
                listStyle: 'none',
                bgcolor: 'var(--chalk)',
                borderTop: '1.5px solid var(--ink)',
                maxHeight: { md: 'none', lg: 120 },
                width: { md: 130, lg: 'auto' },
                flex: 'none',
                boxSizing: 'border-box',
                overflowY: 'auto',
                fontSize: 15,
                lineHeight: 1.25,
              }}
              aria-label="Cautions"
              tabIndex={0}
            >
              {sheet.cautions.map((caution, index) => (
                <Box component="li" key={index} sx={{ py: '2px' }}>
                  {shown(caution.text)}
                </Box>
              ))}
            </Box>
          )}
        </Box>
      </Box>
      <Menu anchorEl={menu} open={!!menu} onClose={() => setMenu(null)}>
        <MenuItem
          onClick={() => {
            setMenu(null)
            chooser.current?.click()
          }}
        >
          Read a CSV file
        </MenuItem>
        <MenuItem
          component="a"
          href={api.takeOffAddress(editor.id)}
          disabled={editor.state !== 'saved' || rows.length === 0}
          onClick={() => setMenu(null)}
        >
          Save as CSV
        </MenuItem>
        <MenuItem
          onClick={() => {
            setMenu(null)
            setDialog('materials')
          }}
        >
          Materials
        </MenuItem>
        <MenuItem
          disabled={!sheet || working || rows.length === 0 || of !== null}
          onClick={() => {
            setMenu(null)
            setPrinting(true)
          }}
        >
          Print
        </MenuItem>
      </Menu>
      <input
        ref={chooser}
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        hidden
        aria-label="CSV file"
        data-csv-file
        onChange={(event) => {
          onTable(event.target.files?.[0] ?? null)
          event.target.value = ''
        }}
      />
      {table && (
        <CsvDialog file={table} takeOff={takeOffOf(plan)} onClose={() => onTable(null)} onTake={takeTable} />
      )}
      {dialog === 'materials' && (
        <MaterialsDialog
          takeOff={takeOffOf(plan)}
          shipped={vocabulary.data?.materials ?? []}
          change={change}
          onClose={() => {
            settle('materials of this plan')
            setDialog(null)
          }}
        />
      )}
      {dialog === 'sketches' && <SketchesDialog id={editor.id} onClose={() => setDialog(null)} />}
      {dialog === 'indicated' && <IndicatedDialog editor={editor} onClose={() => setDialog(null)} />}
      {printing && sheet && (
        <PrintSheet
          plan={plan}
          sheet={sheet}
          revision={editor.revision}
          state={editor.state}
          onDone={printed}
        />
      )}
      <datalist id="shape-words">
        {[
          ...groups.map(({ title }) => title),
          ...(vocabulary.data?.shapes ?? []).map(({ title }) => title.toLowerCase()),
        ].map((word) => (
          <option key={word} value={word} />
        ))}
      </datalist>
      <datalist id="material-words">
        {[...(plan.load.take_off?.materials ?? []), ...(vocabulary.data?.materials ?? [])].map(({ name }) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      {dialog === 'search' && (
        <PartSearch
          onClose={() => setDialog(null)}
          onPart={add}
          onKept={of === null ? (kept) => void addKept(kept) : null}
        />
      )}
      {dialog === 'group' && (
        <GroupDialog
          plan={plan}
          chosen={[...chosen].sort((one, other) => one - other)}
          change={change}
          onClose={() => {
            setDialog(null)
            setChosen(new Set())
          }}
        />
      )}
    </Box>
  )
}
