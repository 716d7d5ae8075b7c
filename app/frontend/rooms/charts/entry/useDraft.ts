import { useEffect, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { api, refusal, Refused, type ChartDraft } from '../../../api/client'
import { placeIn } from '../../../ui/placeIn'
import { blankSheet, type Sheet } from './sheet'
import { sheetOf, soundSheet } from './readSheet'

const RESTS_MS = 700
const AGAIN_MS = 5000
// A hand that never rests is saved so often all the same.
const LONGEST_MS = 4000

// What is not on the server yet, kept in this browser: of a draft as it was seen last, or of none.
// sent: the sheet that is on its way to the server, as text.
interface Unsaved {
  version: number
  sheet: Sheet
  sent?: string
}
const textOf = (sheet: unknown) => JSON.stringify(soundSheet(sheet as Sheet))
// A page that is read again while its sheet is on the way meets that very sheet: no one else's.
const isOurs = (one: ChartDraft, before: Unsaved | null) => {
  const there = textOf(one.sheet)
  return before !== null && (there === before.sent || there === textOf(before.sheet))
}
const placeOf = (id: number | null) => placeIn(`chart-${id ?? 'new'}`)
const unsaved = (id: number | null): Unsaved | null => {
  try {
    const kept = JSON.parse(localStorage.getItem(placeOf(id)) ?? 'null') as Unsaved | null
    return kept && { ...kept, sheet: soundSheet(kept.sheet) }
  } catch {
    return null
  }
}
const keep = (id: number | null, one: Unsaved | null) => {
  try {
    if (one) localStorage.setItem(placeOf(id), JSON.stringify(one))
    else localStorage.removeItem(placeOf(id))
  } catch {
    // There is no room for it in this browser; the bar goes on saying that it is not saved yet.
  }
}

// The sheet of a chart that is typed, saved as a draft a moment after the hand has come to rest. address: its
// number, or "new"; of: the chart that is mended. An older sheet never overwrites a newer one: conflict is
// the draft as somebody else left it.
export function useDraft(address: string, of: number | null, by: string) {
  const navigate = useNavigate()
  const [sheet, setSheet] = useState<Sheet | null>(null)
  const [draft, setDraft] = useState<{ id: number; version: number } | null>(null)
  const [conflict, setConflict] = useState<ChartDraft | null>(null)
  const [trouble, setTrouble] = useState('')
  const [tries, setTries] = useState(0)
  // The sheet as it stands on the server, as text.
  const [kept, setKept] = useState('')
  const own = useRef<number | null>(null)
  const busy = useRef(false)
  const since = useRef<number | null>(null)
  const sent = useRef<string | undefined>(undefined)
  const written = sheet === null ? '' : JSON.stringify(sheet)

  const settle = (one: ChartDraft, text: string) => {
    own.current = one.id
    setDraft({ id: one.id, version: one.lock_version })
    setKept(text)
    setTrouble('')
  }
  const open = (one: ChartDraft, sound = soundSheet(one.sheet)) => {
    setSheet(sound)
    setConflict(null)
    settle(one, JSON.stringify(sound))
  }

  // What is typed here becomes a draft of its own: where two typed at once, and where somebody took the other
  // or threw it away.
  const keepMine = () => {
    keep(draft?.id ?? null, null)
    setConflict(null)
    setDraft(null)
    own.current = null
  }

  useEffect(() => {
    if (address === String(own.current)) return
    let left = false
    const begin = async () => {
      own.current = null
      setDraft(null)
      setConflict(null)
      const before = unsaved(address === 'new' ? null : Number(address))
      if (address !== 'new') {
        const one = await api.chartDraft(Number(address))
        if (left) return
        open(one)
        if (!before) return
        setSheet(before.sheet)
        sent.current = before.sent
        if (before.version !== one.lock_version && !isOurs(one, before)) setConflict(one)
      } else if (of !== null) {
        const mended = sheetOf((await api.chartPaper(of)).lines)
        if (left) return
        const one = await api.beginDraft(mended, by, of)
        open(one)
        void navigate(`/cranes/drafts/${one.id}`, { replace: true })
      } else {
        const blank = before?.sheet ?? blankSheet()
        setKept(JSON.stringify(blankSheet()))
        setSheet(blank)
      }
    }
    begin().catch((fault: unknown) => !left && setTrouble(refusal(fault, 'it could not be read')))
    return () => {
      left = true
    }
    // Whose hand it is does not open it anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [address, of])

  useEffect(() => {
    if (sheet === null) return
    if (written === kept) {
      since.current = null
      return keep(draft?.id ?? null, null)
    }
    since.current ??= Date.now()
    keep(draft?.id ?? null, { version: draft?.version ?? 0, sheet, sent: sent.current })
    if (conflict || busy.current) return
    const save = async () => {
      busy.current = true
      since.current = null
      const before = { version: draft?.version ?? 0, sheet, sent: sent.current }
      sent.current = textOf(sheet)
      keep(draft?.id ?? null, { ...before, sent: sent.current })
      try {
        const one = draft
          ? await api.saveDraft(draft.id, sheet, by, draft.version)
          : await api.beginDraft(sheet, by)
        settle(one, written)
        if (!draft) keep(null, null)
        if (!draft) void navigate(`/cranes/drafts/${one.id}`, { replace: true })
      } catch (fault) {
        const now = fault instanceof Refused && fault.status === 409 ? fault.now : null
        const theirs = now as ChartDraft | null
        if (theirs && isOurs(theirs, before)) settle(theirs, textOf(theirs.sheet))
        else if (theirs) setConflict(theirs)
        else if (fault instanceof Refused && fault.status === 404 && draft) keepMine()
        else setTrouble(refusal(fault))
      } finally {
        busy.current = false
        setTries((count) => count + 1)
      }
    }
    const waits = trouble
      ? AGAIN_MS
      : Math.min(RESTS_MS, Math.max(0, since.current + LONGEST_MS - Date.now()))
    const timer = setTimeout(() => void save(), waits)
    return () => clearTimeout(timer)
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [written, kept, draft, conflict, tries])

  return {
    sheet,
    draft,
    conflict,
    trouble,
    saved: written === kept,
    change: (part: Partial<Sheet>) => setSheet((now) => now && { ...now, ...part }),
    takeTheirs: () => conflict && open(conflict),
    keepMine,
    // It was taken: nothing of it is to be saved any more.
    forget: () => {
      setSheet(null)
      keep(draft?.id ?? null, null)
    },
  }
}
