import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { api, Refused, type Fault, type Whole } from '../api/client'
import type { Plan } from '../api/plan.generated'
import { merge, same, withValues, type Clash } from './pointers'
import type { Base } from './base'
import { keepDraft, readDraft } from './drafts'
import type { RungId } from '../api/ladder.generated'
import { usePreferences } from '../ui/preferences'
import { useMay } from '../ui/who'
import type { Look } from './asking'
import { useChecker } from './useChecker'
import { useSteps } from './useSteps'

export type SaveState = 'tried' | 'saved' | 'changed' | 'saving' | 'offline' | 'refused' | 'clash'
export interface Conflict {
  clashes: Clash[]
  taken: string[]
  merged: Plan
  theirs: Whole
}

// No answer, or one that says the house cannot keep anything just now: it is tried again.
const mayPass = ({ status }: Refused) => status === 0 || status >= 500

// Note of the step that brought back what an earlier page had not saved.
export const BEFORE = 'what was typed before'

const PUT_BACK = 'the house was put back to it: undo brings what stood here'
const BEFORE_BACK = 'what stood here before the house was put back'

const AUTOSAVE_MS = 400
const TYPING_MS = 1500
const RETRY_MS = 3000
const LOCKED = 423

const baseOf = (whole: Whole): Base => ({
  document: whole.document,
  lock_version: whole.lock_version,
  revision: whole.revision,
})

// A clash, or the merged document when both sides can stand together.
const against = (base: Base, mine: Plan, theirs: Whole): { conflict: Conflict | null; merged: Plan } => {
  const { merged, clashes, taken } = merge(base.document, mine, theirs.document)
  return { merged, conflict: clashes.length + taken.length > 0 ? { clashes, taken, merged, theirs } : null }
}

// What is edited first: the plan as it was read, or what was typed here once and not yet saved.
function begun(whole: Whole, held: boolean) {
  const base = baseOf(whole)
  // What stands as it was signed is shown so, whatever was typed here once.
  const draft = held ? null : readDraft(whole.id)
  if (!draft || same(draft.document, whole.document))
    return { base, document: whole.document, conflict: null, restored: false }
  if (draft.base.lock_version === whole.lock_version || same(draft.sent, whole.document))
    return { base, document: draft.document, conflict: null, restored: true }
  const { conflict } = against(draft.base, draft.document, whole)
  return { base: draft.base, document: draft.document, conflict, restored: true }
}

// The plan that is being edited: its document, undo and redo, the live ladder, autosave and its state.
export function usePlanEditor(whole: Whole) {
  const id = whole.id
  const may = useMay()
  const [frozen, setFrozen] = useState(whole.held)
  // Why nothing of what is changed here is kept.
  const held = frozen ?? (may('planner') ? null : 'not yours to change')
  const [start] = useState(() => begun(whole, held !== null))
  const steps = useSteps(
    start.document,
    start.restored ? [{ document: start.base.document, note: BEFORE }] : [],
  )
  const { edit, setEdit, noteRef, hand, change, settle, abandon, replace, undo, redo } = steps
  const [base, setBase] = useState<Base>(start.base)
  const [failed, setFailed] = useState<{ kind: 'offline' | 'refused'; of: Plan } | null>(null)
  const [faults, setFaults] = useState<Fault[]>([])
  const [saving, setSaving] = useState(false)
  const [conflict, setConflict] = useState<Conflict | null>(start.conflict)
  const sentRef = useRef<Plan | null>(null)
  const [look, setLook] = useState<Look | null>(null)
  const [open, setOpen] = useState<RungId | null>(null)
  const { system } = usePreferences().preferences
  const first = { ladder: whole.ladder, of: whole.document }
  const checked = useChecker(id, edit.document, look, open, system, first)

  const dirty = useMemo(() => !same(edit.document, base.document), [edit.document, base.document])

  useEffect(() => {
    if (edit.moving === 'drag' || held) return
    return keepDraft(id, dirty ? { base, document: edit.document, sent: sentRef.current } : null)
  }, [id, dirty, base, edit.document, edit.moving, held])

  // After a refusal the same document is not tried again; the next change is.
  const failure = failed && (failed.kind === 'offline' || failed.of === edit.document) ? failed.kind : null

  const save = useCallback(async () => {
    const document = edit.document
    sentRef.current = document
    keepDraft(id, { base, document, sent: document })
    setSaving(true)
    try {
      const saved = await api.save(id, document, base.lock_version, noteRef.current)
      setBase({ document, lock_version: saved.lock_version, revision: saved.revision })
      setFailed(null)
      setFaults([])
    } catch (error) {
      const refused = error instanceof Refused ? error : new Refused(0, [])
      setFaults(refused.status === 0 ? [] : refused.faults)
      if (refused.status === LOCKED) setFrozen('issued meanwhile')
      if (refused.status === 409 && refused.now) {
        const theirs = refused.now as Whole
        const { conflict: found, merged } = against(base, document, theirs)
        setBase(found ? base : baseOf(theirs))
        if (found) setConflict(found)
        else setEdit((now) => (now.document === document ? { ...now, document: merged } : now))
      } else setFailed({ kind: mayPass(refused) ? 'offline' : 'refused', of: document })
    } finally {
      setSaving(false)
    }
  }, [id, base, edit.document, noteRef, setEdit])

  useEffect(() => {
    if (!dirty || held || saving || conflict || edit.moving === 'drag' || failure === 'refused') return
    const timer = setTimeout(
      () => void save(),
      failure === 'offline' ? RETRY_MS : edit.moving ? TYPING_MS : AUTOSAVE_MS,
    )
    return () => clearTimeout(timer)
  }, [dirty, held, saving, conflict, edit.moving, failure, save])

  // keep: pointers at which mine is kept over theirs.
  const resolve = useCallback(
    (found: Conflict, keep: string[]) => {
      const kept = Object.fromEntries(
        found.clashes
          .filter((clash) => keep.includes(clash.pointer))
          .map((clash) => [clash.pointer, clash.mine]),
      )
      const document = withValues(found.merged, kept)
      noteRef.current = 'two changes put together'
      setBase(baseOf(found.theirs))
      replace(document, noteRef.current)
      setConflict(null)
      setFailed(null)
    },
    [noteRef, replace],
  )

  // What another hand saved, where nothing of one's own is under way. Nothing that was done before it can be
  // undone any more: that would take theirs back too. What only happened to the document shown changes none.
  // Where the house was put back to an older one, what stands here is all there is of it: undo brings it.
  const take = useCallback(
    (theirs: Whole) => {
      if (same(theirs.document, base.document))
        return setBase((now) => ({ ...baseOf(theirs), theirs: now.theirs }))
      const back = theirs.revision < base.revision
      setBase({ ...baseOf(theirs), theirs: back ? PUT_BACK : 'by another hand' })
      replace(theirs.document, back ? BEFORE_BACK : null)
    },
    [base, replace],
  )

  const state: SaveState =
    held && dirty
      ? 'tried'
      : conflict
        ? 'clash'
        : saving
          ? 'saving'
          : dirty
            ? (failure ?? 'changed')
            : 'saved'
  return {
    id,
    hand,
    document: edit.document,
    dragging: edit.moving === 'drag' ? edit.anchor : null,
    moving: edit.moving !== null,
    revision: base.revision,
    version: base.lock_version,
    theirs: base.theirs ?? null,
    take,
    state,
    faults,
    held,
    setFrozen,
    kept: base.document,
    conflict,
    resolve,
    change,
    settle,
    abandon,
    restored: start.restored,
    undo,
    redo,
    checked,
    setLook,
    setOpen,
    undoNote: edit.anchor ? 'the change under way' : (edit.past.at(-1)?.note ?? null),
    redoNote: edit.future[0]?.note ?? null,
  }
}

export type Actions = Editor['hand']
export type Editor = ReturnType<typeof usePlanEditor>
