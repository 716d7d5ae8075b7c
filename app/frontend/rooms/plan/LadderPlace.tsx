import Box from '@mui/material/Box'

import type { Ladder as Whole, RungId } from '../../api/ladder.generated'
import { Ladder } from '../../ladder/Ladder'
import { LadderLayout } from '../../ladder/layout'
import { LADDER_WIDTH } from '../../ui/theme/tokens'
import type { Editor } from '../../plan/usePlanEditor'

// The ladder, or why there is none.
export function LadderPlace({
  ladder,
  working,
  selected,
  select,
  flights,
  ladderHeight,
  stay,
  editor,
}: {
  ladder: Whole | null
  working: boolean
  selected: RungId
  select: (id: RungId) => void
  flights: LadderLayout
  ladderHeight: number
  stay: () => void
  editor: Editor
}) {
  return (
    <>
      {ladder ? (
        <Ladder
          flights={ladder.flights}
          rungs={ladder.rungs}
          working={working}
          governs={ladder.governs}
          selected={selected}
          onSelect={select}
          layout={flights}
          height={ladderHeight}
          scope={ladder.scope}
          onNear={stay}
        />
      ) : (
        <Box
          role="alert"
          sx={{
            width: { xs: 'auto', sm: LADDER_WIDTH },
            flex: 'none',
            p: 2,
            overflow: 'auto',
            overflowWrap: 'anywhere',
          }}
        >
          <strong>No ladder.</strong>{' '}
          {editor.checked.silentSince
            ? `No answer from the server since ${editor.checked.silentSince.toLocaleTimeString()}` +
              `. What you typed is kept here.`
            : editor.checked.faults
                .map((fault) => `${fault.pointer} ${fault.message}; expected ${fault.expected}`)
                .join(' ')}
        </Box>
      )}
    </>
  )
}
