import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef, useState } from 'react'
import { api, refusal, type CsvPart, type CsvRow } from '../../api/client'
import { useSoFar } from '../../api/useSoFar'
import type { Group, Part, TakeOff } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'

import { CsvRows, ROW_HEIGHT } from './CsvRows'
import { CsvState } from './CsvState'

interface Reading {
  head: CsvPart['head'] | null
  rows: CsvRow[]
  read: number
  share: number
  done: CsvPart['done'] | null
  error: string | null
}
const NOTHING: Reading = { head: null, rows: [], read: 0, share: 0, done: null, error: null }

interface Props {
  file: File
  takeOff: TakeOff
  onTake: (takeOff: TakeOff, note: string) => void
  onClose: () => void
}

// Rows with a group's title go into that group, the others into the list.
const taken = (rows: CsvRow[], into: TakeOff, instead: boolean): TakeOff => {
  const groups = new Map<string, Part[]>()
  const parts: Part[] = []
  rows.forEach(({ cells: { group, ...row } }) =>
    group.trim() ? groups.set(group.trim(), [...(groups.get(group.trim()) ?? []), row]) : parts.push(row),
  )
  const made: Group[] = [...groups].map(([title, own]) => ({ title, parts: own }))
  const titles = made.map(({ title }) => title.toLowerCase())
  return {
    ...into,
    parts: instead ? parts : [...into.parts, ...parts],
    groups: [
      ...(instead ? [] : into.groups.filter(({ title }) => !titles.includes(title.toLowerCase()))),
      ...made,
    ],
  }
}

// What a file says, row by row, before anything of it is taken.
export function CsvDialog({ file, takeOff, onTake, onClose }: Props) {
  const [comma, setComma] = useState<boolean | null>(null)
  const { of, told, telling } = useSoFar(NOTHING)
  const [onlyFaulty, setOnlyFaulty] = useState(false)
  const scroller = useRef<HTMLDivElement>(null)
  const shown = useShown()
  const { groups } = takeOff
  const decimalComma = comma === true
  const asked = useMemo(() => ({ file, decimalComma, groups }), [file, decimalComma, groups])
  useEffect(() => {
    const stop = new AbortController()
    const put = telling(asked, stop.signal)
    api
      .readCsv(
        asked.file,
        { decimalComma: asked.decimalComma, groups: asked.groups.map(({ title }) => title) },
        (part) =>
          put((now) => ({
            head: part.head ?? now.head,
            rows: part.rows ? [...now.rows, ...part.rows] : now.rows,
            read: part.read ?? now.read,
            share: part.share ?? now.share,
            done: part.done ?? now.done,
          })),
        stop.signal,
      )
      .catch((error: unknown) =>
        put(() => ({ error: refusal(error, 'the file could not be read to its end') })),
      )
    return () => stop.abort()
  }, [asked, telling])
  const reading = of === asked ? told : NOTHING
  const { head, done, read, share, error } = reading
  const rows = onlyFaulty ? reading.rows.filter(({ problems }) => problems.length > 0) : reading.rows
  // eslint-disable-next-line react-hooks/incompatible-library -- it is made for being called at every render
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 10,
  })
  const ignored =
    head?.columns.filter(({ field, text }) => !field && text !== '').map(({ text }) => text) ?? []
  const asksComma = (done?.commas ?? 0) > 0 && !head?.notices.some((notice) => notice.includes('commas'))
  const ready = done && !done.fault && !error && (!asksComma || comma !== null)
  const take = (instead: boolean) =>
    onTake(taken(reading.rows, takeOff, instead), `${done!.rows} rows taken from ${file.name}`)
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg">
      <DialogTitle sx={{ overflowWrap: 'anywhere' }}>{file.name}</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: '8px', height: 560 }}>
        <CsvState
          error={error}
          done={done}
          read={read}
          share={share}
          head={head}
          ignored={ignored}
          asksComma={asksComma}
          comma={comma}
          setComma={setComma}
          onlyFaulty={onlyFaulty}
          setOnlyFaulty={setOnlyFaulty}
        />
        <CsvRows scroller={scroller} virtual={virtual} rows={rows} shown={shown} />
        {ready && done.faulty > 0 && (
          <Box>
            Rows that cannot be read are taken as they are written, marked, and leave the weight not known
            until they are mended.
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        {takeOff.parts.length > 0 && (
          <Button variant="outlined" disabled={!ready} onClick={() => take(true)}>
            Take in place of the {takeOff.parts.length} rows
          </Button>
        )}
        <Button
          variant="contained"
          disabled={!ready || (done?.rows ?? 0) + takeOff.parts.length > 10000}
          onClick={() => take(false)}
        >
          {takeOff.parts.length > 0 ? 'Add to the rows' : 'Take the rows'}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
