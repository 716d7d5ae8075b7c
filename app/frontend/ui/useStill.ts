import { useLayoutEffect, useRef, type FocusEvent } from 'react'

const topOf = (element: Element) => element.getBoundingClientRect().top

// Keeps the field that has the keyboard where it is on the screen: what an answer writes above it is taken
// up by the scroll of its region.
export function useStill() {
  const region = useRef<HTMLElement>(null)
  const field = useRef<{ element: Element; top: number } | null>(null)

  useLayoutEffect(() => {
    if (!field.current || !region.current) return
    const moved = topOf(field.current.element) - field.current.top
    if (moved !== 0) region.current.scrollTop += moved
    field.current.top = topOf(field.current.element)
  })

  return {
    region,
    watch: {
      onFocus: ({ target }: FocusEvent) => {
        field.current = target.matches('input, textarea') ? { element: target, top: topOf(target) } : null
      },
      onBlur: () => {
        field.current = null
      },
      onScroll: () => {
        if (field.current) field.current.top = topOf(field.current.element)
      },
    },
  }
}
