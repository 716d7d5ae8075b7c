import Box from '@mui/material/Box'

import { type CsvRow } from '../../api/client'

import { Figure, Sentence } from '../../api/ladder.generated'
import type { RefObject } from 'react'
import type { Virtualizer } from '@tanstack/react-virtual'

// The rows of a file as they were read.
export const ROW_HEIGHT = 30

export function CsvRows({
  scroller,
  virtual,
  rows,
  shown,
}: {
  scroller: RefObject<HTMLDivElement | null>
  virtual: Virtualizer<HTMLDivElement, Element>
  rows: CsvRow[]
  shown: (figure: Figure | Sentence | null | undefined) => string
}) {
  return (
    <>
      <Box
        ref={scroller}
        tabIndex={0}
        role="region"
        aria-label="Rows of the file"
        sx={{
          flex: 1,
          overflow: 'auto',
          border: '1.5px solid var(--ink)',
          fontFamily: 'var(--figures)',
          typography: 'plain',
          minHeight: 120,
        }}
      >
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map(({ index, start }) => {
            const { line, cells, mass, problems } = rows[index]!
            return (
              <Box
                key={index}
                data-csv-row={line}
                sx={{
                  position: 'absolute',
                  top: 0,
                  left: 0,
                  right: 0,
                  height: ROW_HEIGHT,
                  display: 'grid',
                  gridTemplateColumns: '54px 120px 98px 200px 90px 28px 190px 76px minmax(220px, 1fr)',
                  gap: '8px',
                  alignItems: 'center',
                  px: '8px',
                  borderBottom: '1px solid var(--line)',
                  '& > *': { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' },
                }}
                style={{ transform: `translateY(${start}px)` }}
              >
                <span>line {line}</span>
                <span>{cells.name}</span>
                <span>{cells.shape}</span>
                <span>{cells.size}</span>
                <span>{cells.material}</span>
                <span>{cells.quantity}</span>
                <span>{[cells.x, cells.y, cells.z].filter(Boolean).join(', ')}</span>
                <strong style={{ textAlign: 'right' }}>{mass ? shown(mass) : ''}</strong>
                <Box
                  sx={{ color: 'var(--stop)', fontWeight: 600 }}
                  title={problems.map(({ message }) => message).join('; ')}
                >
                  {problems.map(({ message }) => message).join('; ')}
                </Box>
              </Box>
            )
          })}
        </div>
      </Box>
    </>
  )
}
