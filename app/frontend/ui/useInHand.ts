import { useSyncExternalStore } from 'react'

// What somebody writes into, and whatever lies over the page until it is answered.
const HOLDS = [
  'input:not([type=checkbox], [type=radio], [type=button])',
  'textarea',
  'select',
  '[contenteditable=true]',
  '[role=combobox]',
  '.MuiModal-root',
  '.MuiModal-root *',
].join()

let held: Element | null = null

const hold = (target: EventTarget | null) =>
  (held = target instanceof Element && target.matches(HOLDS) ? target : null)

function subscribe(tell: () => void) {
  const into = (event: FocusEvent) => {
    hold(event.target)
    tell()
  }
  // From field to field nothing is let go in between.
  const out = (event: FocusEvent) => {
    hold(event.relatedTarget)
    tell()
  }
  hold(document.activeElement)
  window.addEventListener('focusin', into)
  window.addEventListener('focusout', out)
  return () => {
    window.removeEventListener('focusin', into)
    window.removeEventListener('focusout', out)
  }
}

// A field that is gone or disabled holds nothing, although no browser tells that the focus left it.
const holding = () => held !== null && held.isConnected && !held.matches(':disabled')

// Is the hand in a field, or is something asked? What stands under it then must not change of itself.
export const useInHand = () => useSyncExternalStore(subscribe, holding)
