import Box from '@mui/material/Box'

import type { Ladder as Whole, RungId } from '../../api/ladder.generated'

import type { Entry } from '../../drawing/grips/ElevationGrips'

import { EntryFields } from './EntryFields'
import { Sheet } from './Sheet'
import { Layout, type Looking } from './sheetLayout'
import type { Editor } from '../../plan/usePlanEditor'
import type { RefCallback, RefObject } from 'react'

const PHONE_SHEET = 640

// The drawing, and fields typed on it.
export function SheetPlace({
  ref,
  editor,
  ladder,
  layout,
  phone,
  selected,
  leg,
  setLeg,
  select,
  working,
  lit,
  looking,
  look,
  setEntry,
  entry,
  size,
}: {
  ref: RefCallback<HTMLElement> | RefObject<HTMLDivElement | null>
  editor: Editor
  ladder: Whole | null
  layout: Layout
  phone: boolean
  selected: RungId
  leg: number
  setLeg: (leg: number) => void
  select: (id: RungId) => void
  working: boolean
  lit: string | null
  looking: Looking
  look: (change: Partial<Looking>) => void
  setEntry: (entry: Entry | null) => void
  entry: Entry | null
  size: { width: number; height: number }
}) {
  return (
    <>
      <Box
        ref={ref}
        sx={{
          flex: 1,
          minWidth: 0,
          height: { xs: PHONE_SHEET, sm: 'auto' },
          minHeight: { xs: PHONE_SHEET, sm: 0 },
          bgcolor: 'var(--bone)',
          position: 'relative',
          overflow: { xs: 'hidden', sm: 'visible' },
        }}
      >
        <Sheet
          editor={editor.hand}
          plan={editor.checked.of ?? editor.document}
          undoNote={editor.undoNote}
          redoNote={editor.redoNote}
          ladder={ladder}
          layout={layout}
          leaders={!phone}
          selected={selected}
          leg={leg}
          setLeg={setLeg}
          select={select}
          working={working}
          lit={lit}
          looking={looking}
          look={look}
          onEntry={setEntry}
          title={editor.document.title}
        />
        {entry && (
          <EntryFields
            key={entry.title}
            entry={entry}
            editor={editor}
            ladder={ladder}
            width={size.width}
            height={size.height}
            onClose={() => setEntry(null)}
          />
        )}
      </Box>
    </>
  )
}
