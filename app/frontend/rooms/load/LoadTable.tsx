import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import { Link } from 'react-router'

import { History } from '../../shell/History'

import type { Group, Part } from '../../api/plan.generated'
import { PartsTable } from './PartsTable'

import type { Field, LoadDialog } from './rows'

import type { TakeOff as Sheet } from '../../api/ladder.generated'
import type { Editor } from '../../plan/usePlanEditor'

// The list that is open, with its heads and its rows.
export function LoadTable({
  of,
  editor,
  inside,
  rows,
  groups,
  chosen,
  setDialog,
  setMenu,
  sheet,
  row,
  setRow,
  setChosen,
  onTable,
  wanted,
}: {
  of: number | null
  editor: Editor
  inside: (group: number | null) => void
  rows: Part[]
  groups: Group[]
  chosen: Set<number>
  setDialog: (dialog: LoadDialog | null) => void
  setMenu: (menu: HTMLElement | null) => void
  sheet: Sheet | null
  row: number
  setRow: (row: number) => void
  setChosen: (chosen: Set<number>) => void
  onTable: (file: File | null) => void
  wanted: { row: number; field: Field; select?: string } | null
}) {
  return (
    <>
      <Box
        sx={{
          gridArea: 'tools',
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: '6px',
          p: '6px 10px',
          bgcolor: 'var(--dust)',
          borderBottom: '1.5px solid var(--ink)',
        }}
      >
        {of === null ? (
          <Button component={Link} to={`/plans/${editor.id}`} variant="outlined">
            To the ladder
          </Button>
        ) : (
          <Button variant="outlined" onClick={() => inside(null)}>
            Back to the whole load
          </Button>
        )}
        <Box
          sx={{
            typography: 'field',
            fontWeight: 600,
            px: 1,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
            minWidth: 0,
            flex: '0 1 auto',
          }}
        >
          {of === null
            ? `Take-off, ${rows.length} ${rows.length === 1 ? 'row' : 'rows'}`
            : `Group: ${groups[of]?.title ?? ''}`}
        </Box>
        <Box sx={{ ml: 'auto', display: 'flex', flexWrap: 'wrap', gap: '6px' }}>
          <History editor={editor} undoNote={editor.undoNote} redoNote={editor.redoNote} />
          {of === null && chosen.size > 0 && (
            <Button variant="contained" onClick={() => setDialog('group')}>
              Make {chosen.size === 1 ? 'this row' : `these ${chosen.size} rows`} a group
            </Button>
          )}
          <Button variant="outlined" onClick={() => setDialog('search')}>
            Find a part
          </Button>
          <Button variant="outlined" aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
            Sheet
          </Button>
          <Button variant="outlined" onClick={() => setDialog('sketches')}>
            Photos
          </Button>
          <Button variant="outlined" onClick={() => setDialog('indicated')}>
            Crane reading
          </Button>
        </Box>
      </Box>
      <Box sx={{ gridArea: 'table', minHeight: { xs: 420, md: 0 }, minWidth: 0, display: 'flex' }}>
        <PartsTable
          editor={editor}
          of={of}
          rows={rows}
          sheet={sheet}
          row={row}
          onRow={setRow}
          chosen={chosen}
          onChosen={setChosen}
          onPastedTable={(text) => onTable(new File([text], 'what was pasted', { type: 'text/plain' }))}
          wanted={wanted}
        />
      </Box>
    </>
  )
}
