import { useSyncExternalStore } from 'react'

// What somebody writes into.
const FIELDS = [
  'input:not([type=checkbox], [type=radio], [type=button])',
  'textarea',
  'select',
  '[contenteditable=true]',
  '[role=combobox]',
].join()
// What lies over the page, a child of its body, until it is answered.
const ASKED = '.MuiModal-root:not(.MuiModal-hidden)'

let held: Element | null = null

const hold = (target: EventTarget | null) =>
  (held = target instanceof Element && target.matches(FIELDS) ? target : null)

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
  const over = new MutationObserver(tell)
  over.observe(document.body, { childList: true })
  return () => {
    over.disconnect()
    window.removeEventListener('focusin', into)
    window.removeEventListener('focusout', out)
  }
}

// A field that is gone or disabled holds nothing, although no browser tells that the focus left it.
const holding = () =>
  (held !== null && held.isConnected && !held.matches(':disabled')) || document.querySelector(ASKED) !== null

// Is the hand in a field, or is something asked? What stands under it then must not change of itself.
export const useInHand = () => useSyncExternalStore(subscribe, holding)
