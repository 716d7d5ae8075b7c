import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import type { Figure } from '../api/ladder.generated'
import { RungBar } from './RungBar'
import { COLOUR, type Verdict } from './verdict'

interface Props {
  verdict: Verdict
  utilisation: Figure | null
  width?: number
  height?: number
  children: ReactNode
}

// A verdict in one line of a table or card: its bar, and words in its colour.
export function VerdictLine({ verdict, utilisation, width = 44, height = 10, children }: Props) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: '8px',
        color: COLOUR[verdict],
        fontWeight: 600,
      }}
    >
      <RungBar
        verdict={verdict}
        share={utilisation?.value ?? null}
        width={width}
        height={height}
        stiles
        plain
      />
      {children}
    </Box>
  )
}
