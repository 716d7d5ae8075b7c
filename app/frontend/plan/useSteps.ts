import { useCallback, useMemo, useRef, useState } from 'react'
import type { Plan } from '../api/plan.generated'
import { same, withValues } from './pointers'

interface Step {
  document: Plan
  note: string
}

export type Moving = 'drag' | 'typing'
interface Edit {
  document: Plan
  past: Step[]
  future: Step[]
  anchor: Plan | null
  moving: Moving | null
}

// The document under the hand, with what was done and undone: one change is one step, however long it moved.
export function useSteps(document: Plan, past: Edit['past']) {
  const [edit, setEdit] = useState<Edit>({ document, past, future: [], anchor: null, moving: null })
  const noteRef = useRef('')

  // One change. While it is still moving (a drag, a field being typed in) it is not yet a step of undo.
  const change = useCallback(
    (changes: Record<string, unknown>, note: string, moving: Moving | null = null) => {
      noteRef.current = note
      setEdit((now) => {
        const document = withValues(now.document, changes)
        if (same(document, now.document) && (moving || !now.anchor)) return now
        if (moving) return { ...now, document, anchor: now.anchor ?? now.document, moving }
        const from = now.anchor ?? now.document
        if (same(document, from)) return { ...now, document: from, anchor: null, moving: null }
        return {
          document,
          past: [...now.past, { document: from, note }],
          future: [],
          anchor: null,
          moving: null,
        }
      })
    },
    [],
  )

  // Ends a change that was moving, as one step.
  const settle = useCallback((note: string) => change({}, note), [change])

  // Takes back what was being typed when its field was taken away: half a value is never a value. Redo
  // brings it again.
  const abandon = useCallback(
    () =>
      setEdit((now) =>
        now.anchor && now.moving === 'typing'
          ? {
              document: now.anchor,
              past: now.past,
              future: [{ document: now.document, note: noteRef.current }],
              anchor: null,
              moving: null,
            }
          : now,
      ),
    [],
  )

  const undo = useCallback(
    () =>
      setEdit((now) => {
        if (now.anchor)
          return {
            document: now.anchor,
            past: now.past,
            future: [{ document: now.document, note: noteRef.current }],
            anchor: null,
            moving: null,
          }
        const step = now.past.at(-1)
        if (!step) return now
        noteRef.current = `undo: ${step.note}`
        return {
          document: step.document,
          past: now.past.slice(0, -1),
          future: [{ document: now.document, note: step.note }, ...now.future],
          anchor: null,
          moving: null,
        }
      }),
    [],
  )
  const redo = useCallback(
    () =>
      setEdit((now) => {
        const [step, ...rest] = now.future
        if (!step) return now
        noteRef.current = step.note
        return {
          document: step.document,
          past: [...now.past, { document: now.document, note: step.note }],
          future: rest,
          anchor: null,
          moving: null,
        }
      }),
    [],
  )

  // Another document takes its place: with no way back, or, where a note is given, by that step of undo.
  const replace = useCallback(
    (document: Plan, note: string | null) =>
      setEdit((now) => ({
        document,
        past: note === null ? [] : [...now.past, { document: now.document, note }],
        future: [],
        anchor: null,
        moving: null,
      })),
    [],
  )

  // What a hand needs: the same from one render to the next.
  const hand = useMemo(() => ({ change, settle, undo, redo }), [change, settle, undo, redo])

  return { edit, setEdit, noteRef, hand, change, settle, abandon, replace, undo, redo }
}
