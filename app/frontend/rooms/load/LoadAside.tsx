import Box from '@mui/material/Box'
import type { Part } from '../../api/plan.generated'

import type { Editor } from '../../plan/usePlanEditor'
import { useShown } from '../../ui/preferences'
import { RowDetail } from './RowDetail'
import { type Field } from './rows'
import { TakeOffPicture } from './TakeOffPicture'
import { Totals } from './Totals'
import type { TakeOff as Sheet } from '../../api/ladder.generated'
import type { UseQueryResult } from '@tanstack/react-query'
import type { Vocabulary } from '../../api/answers.generated'
import type { RefObject } from 'react'

// The picture of the parts, totals and cautions.
export function LoadAside({
  editor,
  row,
  rows,
  sheet,
  vocabulary,
  set,
  act,
  groupOf,
  inside,
  of,
  toRow,
  go,
  ref,
  size,
}: {
  editor: Editor
  row: number
  rows: Part[]
  sheet: Sheet | null
  vocabulary: UseQueryResult<Vocabulary>
  set: (field: Field, text: string) => void
  act: (to: 'up' | 'down' | 'double' | 'out') => void
  groupOf: number
  inside: (group: number | null) => void
  of: number | null
  toRow: (at: number) => void
  go: (pointer: string) => void
  ref: RefObject<HTMLDivElement | null>
  size: { width: number; height: number }
}) {
  const shown = useShown()
  const { document: plan, change } = editor
  const { working } = editor.checked
  return (
    <>
      <Box
        component="section"
        aria-label="This row"
        sx={{
          gridArea: 'detail',
          borderTop: '2.5px solid var(--ink)',
          bgcolor: 'var(--chalk)',
          minWidth: 0,
          minHeight: 0,
        }}
      >
        <RowDetail
          index={row}
          row={rows[row] ?? null}
          sheet={sheet}
          shapes={vocabulary.data?.shapes ?? []}
          working={working}
          set={set}
          act={act}
          count={rows.length}
          onGroup={groupOf >= 0 ? () => inside(groupOf) : null}
        />
      </Box>
      <Box
        sx={{
          gridArea: 'side',
          borderLeft: { md: '2.5px solid var(--ink)' },
          borderTop: { md: '2.5px solid var(--ink)', lg: 'none' },
          display: 'flex',
          flexDirection: { xs: 'column', md: 'row', lg: 'column' },
          minHeight: { xs: 760, md: 0 },
          minWidth: 0,
        }}
      >
        <Box
          sx={{
            bgcolor: 'var(--chalk)',
            borderBottom: { xs: '1.5px solid var(--ink)', md: 'none', lg: '1.5px solid var(--ink)' },
            borderRight: { md: '1.5px solid var(--ink)', lg: 'none' },
            width: { md: 300, lg: 'auto' },
            flex: 'none',
            overflowY: 'auto',
          }}
          tabIndex={-1}
        >
          <Totals
            sheet={sheet}
            load={plan.load}
            of={of}
            working={working || !sheet}
            change={change}
            onRow={toRow}
            go={go}
          />
        </Box>
        <Box
          ref={ref}
          sx={{ flex: 1, minHeight: { xs: 420, md: 0 }, position: 'relative', overflow: 'hidden' }}
        >
          <Box sx={{ position: 'absolute', inset: 0 }}>
            <TakeOffPicture sheet={sheet} row={row} onRow={toRow} width={size.width} height={size.height} />
          </Box>
        </Box>
        {sheet && sheet.cautions.length > 0 && (
          <Box
            component="ul"
            sx={{
              m: 0,
              p: '6px 14px 8px',
              listStyle: 'none',
              bgcolor: 'var(--chalk)',
              borderTop: '1.5px solid var(--ink)',
              maxHeight: { md: 'none', lg: 120 },
              width: { md: 130, lg: 'auto' },
              flex: 'none',
              boxSizing: 'border-box',
              overflowY: 'auto',
              typography: 'small',
              lineHeight: 1.25,
            }}
            aria-label="Cautions"
            tabIndex={0}
          >
            {sheet.cautions.map((caution, index) => (
              <Box component="li" key={index} sx={{ py: '2px' }}>
                {shown(caution.text)}
              </Box>
            ))}
          </Box>
        )}
      </Box>
    </>
  )
}
