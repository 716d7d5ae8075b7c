import type { Actions } from '../../plan/usePlanEditor'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'

import type { Drawing } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'

import { STRIP_HEIGHT } from '../../ui/theme/tokens'
import { History } from '../../shell/History'
import { Tools, Views } from './Tools'

import type { useBestPlace } from './useBestPlace'
import { LegCard } from './LegCard'
import { CARD_WIDTH, type Looking, ownSheet, upright, type View } from './sheetLayout'
import type { RefObject } from 'react'

const SEEN: Record<View, string> = {
  site: 'site',
  tailing: 'between two cranes',
  crane: 'crane',
  plan: 'plan',
  end: 'seen along x',
  side: 'seen along y',
}

// What the drawing is looked at with.
export function SheetTools({
  card,
  low,
  view,
  looking,
  look,
  editor,
  undoNote,
  redoNote,
  svg,
  title,
  drawing,
  leg,
  working,
  plan,
  best,
}: {
  card: boolean
  low: boolean
  view: View
  looking: Looking
  look: (change: Partial<Looking>) => void
  editor: Actions
  undoNote: string | null
  redoNote: string | null
  svg: RefObject<SVGSVGElement | null>
  title: string
  drawing: Drawing | null
  leg: number
  working: boolean
  plan: Plan
  best: ReturnType<typeof useBestPlace>
}) {
  return (
    <>
      <Box
        sx={{
          position: 'absolute',
          top: ownSheet(view) ? 12 : STRIP_HEIGHT + 12,
          right: 12,
          width: card && view !== 'crane' && !ownSheet(view) ? CARD_WIDTH : 'auto',
          pointerEvents: 'none',
          '& > *': { pointerEvents: 'auto' },
        }}
      >
        <Box sx={{ display: 'flex', justifyContent: 'flex-end', flexWrap: 'wrap', gap: '5px', mb: '6px' }}>
          {view === 'site' && !plan.tandem && (
            <Button
              variant="outlined"
              aria-pressed={best.search !== null}
              disabled={!plan.cranes[0]?.stand}
              sx={{ minHeight: 44, bgcolor: best.search ? 'var(--wash)' : 'var(--chalk)' }}
              onClick={best.toggle}
            >
              Best place
            </Button>
          )}
          <Views looking={looking} look={look} two={!!plan.tandem} />
          <History editor={editor} undoNote={undoNote} redoNote={redoNote} />
          <Tools
            looking={looking}
            look={look}
            svg={svg}
            title={`${title}, ${SEEN[view]}`}
            tilted={(drawing?.tilt?.deg.value ?? 0) > 0.05}
          />
        </Box>
        {card && upright(view) && drawing?.hook && (
          <LegCard
            drawing={drawing}
            leg={Math.min(leg, drawing.legs.length - 1)}
            working={working}
            low={low}
            pair={drawing.legs.length === 2 && !plan.rigging.beam && !plan.rigging.reeved}
          />
        )}
      </Box>
    </>
  )
}
