import { useLayoutEffect, useRef, useState } from 'react'

// The inner size of an element, followed as it changes.
export const useSize = <T extends HTMLElement = HTMLDivElement>(start: { width: number; height: number }) => {
  const ref = useRef<T>(null)
  const [size, setSize] = useState(start)
  useLayoutEffect(() => {
    const element = ref.current
    if (!element) return
    const watch = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    )
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  return [ref, size] as const
}
