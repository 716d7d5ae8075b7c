import { useCallback, useEffect, useRef } from 'react'
import type { Ladder, RungId } from '../../api/ladder.generated'
import { usePreferences } from '../../ui/preferences'
import { seenOf, type Looking } from './sheetLayout'
import type { Editor } from '../../plan/usePlanEditor'

const VIEWS: Record<string, Looking['view']> = {
  e: 'side',
  o: 'end',
  p: 'plan',
  r: 'crane',
  s: 'site',
  t: 'tailing',
}
// T shows both cranes where there are two, and the site of one.
const viewOf = (two: boolean, view: Looking['view']) =>
  !two && view === 'tailing' ? 'site' : seenOf(two, view)
interface Given {
  editor: Editor
  ladder: Ladder | null
  selected: RungId
  select: (id: RungId) => void
  setLeg: (leg: number) => void
  enabled: boolean
  close: () => void
  look: (change: Partial<Looking>) => void
}

export const FIELDS = 'input, select, textarea'
const TYPED_IN = `${FIELDS}, [role="dialog"], [role="menu"]`

// Where the last key went. A field that vanishes under the typing hand leaves the rest of the keys to the
// page: they are no shortcuts until a finger, a click or the focus has gone somewhere on purpose.
function useTypedIn() {
  const last = useRef<Element | null>(null)
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.target instanceof Element && event.target.matches(FIELDS)) last.current = event.target
    }
    const elsewhere = () => {
      last.current = null
    }
    window.addEventListener('keydown', onKeyDown, true)
    window.addEventListener('pointerdown', elsewhere, true)
    window.addEventListener('focusin', elsewhere, true)
    return () => {
      window.removeEventListener('keydown', onKeyDown, true)
      window.removeEventListener('pointerdown', elsewhere, true)
      window.removeEventListener('focusin', elsewhere, true)
    }
  }, [])
  return useCallback(() => last.current !== null && !last.current.isConnected, [])
}

// The foot of the flight above (1) or below (-1) that of a rung.
function nextFlight(ladder: Ladder | null, selected: RungId, by: 1 | -1) {
  if (!ladder) return undefined
  const flights = ladder.flights.map(({ id }) => id)
  const now = flights.indexOf(ladder.rungs.find((rung) => rung.id === selected)?.flight ?? flights[0]!)
  return ladder.rungs.find((rung) => rung.flight === flights[now + by])?.id
}

// Keys of the workbench; none of them while a field, a list or a dialog has the keyboard, and none that
// began there.
export function useKeys({ editor, ladder, selected, select, setLeg, enabled, close, look }: Given) {
  const { preferences, prefer } = usePreferences()
  const vanished = useTypedIn()
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const target = event.target instanceof Element ? event.target : document.body
      if (event.defaultPrevented || target.closest(TYPED_IN) || vanished()) return
      const key = event.key.toLowerCase()
      if ((event.ctrlKey || event.metaKey) && key === 'z') {
        event.preventDefault()
        return event.shiftKey ? editor.redo() : editor.undo()
      }
      // A key that is held down began somewhere else, unless it climbs.
      if (event.repeat && !key.startsWith('arrow')) return
      if (!enabled || event.ctrlKey || event.metaKey || event.altKey) return
      const ids = ladder?.rungs.map((rung) => rung.id) ?? []
      const index = ids.indexOf(selected)
      const climb: Record<string, RungId | undefined> = {
        arrowup: ids[Math.min(ids.length - 1, index + 1)],
        arrowdown: ids[Math.max(0, index - 1)],
        home: ids[0],
        end: ids.at(-1),
        g: ladder?.governs[0],
        pageup: nextFlight(ladder, selected, 1),
        pagedown: nextFlight(ladder, selected, -1),
      }
      const scrolls = target.closest('[role="region"]') && /^(arrow|page)/.test(key)
      if (climb[key] && !scrolls) {
        event.preventDefault()
        select(climb[key])
      } else if (/^[1-4]$/.test(key)) setLeg(Number(key) - 1)
      else if (key in VIEWS) look({ view: viewOf(!!editor.document.tandem, VIEWS[key]!) })
      else if (key === 'u') prefer({ system: preferences.system === 'metric' ? 'us' : 'metric' })
      else if (key === 'n') prefer({ night: !preferences.night })
      else if (key === 'escape') close()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [editor, ladder, selected, select, setLeg, enabled, close, look, preferences, prefer, vanished])
}
