import type { ReactNode } from 'react'

export const BUTTON = 44

// A button on the sheet.
export function Press({
  x,
  y,
  width = BUTTON,
  name,
  onPress,
  children,
}: {
  x: number
  y: number
  width?: number
  name: string
  onPress: () => void
  children: ReactNode
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      transform={`translate(${x} ${y})`}
      style={{ cursor: 'pointer' }}
      onClick={onPress}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return
        event.preventDefault()
        event.stopPropagation()
        onPress()
      }}
    >
      <title>{name}</title>
      <rect width={width} height={BUTTON} fill="var(--chalk)" stroke="var(--mark)" strokeWidth={1.8} />
      {children}
    </g>
  )
}
