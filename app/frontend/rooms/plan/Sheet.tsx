import Box from '@mui/material/Box'
import { memo, useRef } from 'react'
import type { Ladder, RungId } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import type { Entry } from '../../drawing/grips/ElevationGrips'
import { PlanView } from '../../drawing/views/PlanView'
import { ReachStrip } from '../../drawing/views/ReachStrip'
import { barOf } from '../../ladder/layout'
import { GROUND_FROM_BOTTOM, ROOM_FOR_FORCES, STRIP_HEIGHT } from '../../ui/theme/tokens'

import { useSheetZoom } from './useSheetZoom'
import type { Actions } from '../../plan/usePlanEditor'
import { DrawnValues } from './DrawnValues'
import { Leader } from './Leader'

import { CARD_WIDTH, type Layout, type Looking, ownSheet, upright } from './sheetLayout'
import { useBestPlace } from './useBestPlace'
import { SheetView } from './SheetView'
import { SheetTools } from './SheetTools'
import { SheetGround } from './SheetGround'
import { StripUndrawn } from './StripUndrawn'

interface Props {
  editor: Actions
  plan: Plan
  undoNote: string | null
  redoNote: string | null
  ladder: Ladder | null
  layout: Layout
  leaders: boolean
  selected: RungId
  leg: number
  setLeg: (leg: number) => void
  select: (id: RungId) => void
  working: boolean
  lit: string | null
  looking: Looking
  look: (change: Partial<Looking>) => void
  onEntry: (entry: Entry) => void
  title: string
}

export const Sheet = memo(function Sheet({
  editor,
  plan,
  undoNote,
  redoNote,
  ladder,
  layout,
  leaders,
  selected,
  leg,
  setLeg,
  select,
  working,
  lit,
  looking,
  look,
  onEntry,
  title,
}: Props) {
  const { drawing, scale, reach, strip, ground, width, height, frozen, card } = layout
  const svg = useRef<SVGSVGElement>(null)
  const { view, zoom, exaggerate } = looking
  const panning = useSheetZoom(svg, zoom, (next) => look({ zoom: next }))
  const best = useBestPlace(plan)
  const moved = zoom.times !== 1 || zoom.x !== 0 || zoom.y !== 0
  return (
    <>
      <Box
        component="svg"
        ref={svg}
        width={width}
        height={height}
        aria-label="The lift, to scale"
        role="group"
        sx={{ position: 'absolute', inset: 0, overflow: 'visible', userSelect: 'none' }}
      >
        <SheetGround
          width={width}
          height={height}
          panning={panning}
          view={view}
          moved={moved}
          ground={ground}
        />
        {leaders &&
          ladder?.rungs.map(({ id }) => {
            const top = layout.ladder.tops[id]
            return (
              top !== undefined && (
                <Leader key={id} y={barOf(top)} thing={layout.anchors[id]} heavy={id === selected} />
              )
            )
          })}
        {ownSheet(view) ? null : reach && strip ? (
          <ReachStrip
            reach={reach}
            plan={plan}
            before={frozen?.of ?? null}
            scale={strip}
            right={layout.right}
            editor={editor}
            working={working}
            onSelect={() => select('crane')}
          />
        ) : (
          <StripUndrawn ladder={ladder} plan={plan} working={working} width={width} />
        )}
        <SheetView
          view={view}
          layout={layout}
          ladder={ladder}
          plan={plan}
          editor={editor}
          working={working}
          select={select}
          width={width}
          height={height}
          ground={ground}
          drawing={drawing}
          scale={scale}
          moved={moved}
          frozen={frozen}
          leg={leg}
          setLeg={setLeg}
          onEntry={onEntry}
          lit={lit}
          exaggerate={exaggerate}
          search={best.search}
        />
      </Box>
      {drawing && !working && view !== 'tailing' && <DrawnValues drawing={drawing} />}
      <SheetTools
        card={card}
        low={height < ROOM_FOR_FORCES}
        view={view}
        looking={looking}
        look={look}
        editor={editor}
        undoNote={undoNote}
        redoNote={redoNote}
        svg={svg}
        title={title}
        drawing={drawing}
        leg={leg}
        working={working}
        plan={plan}
        best={best}
      />
      {card && drawing && upright(view) && height > 700 && (
        <Box sx={{ position: 'absolute', right: 12, bottom: GROUND_FROM_BOTTOM + 10, width: CARD_WIDTH }}>
          <PlanView
            drawing={drawing}
            width={CARD_WIDTH}
            height={Math.max(120, Math.min(170, height - STRIP_HEIGHT - GROUND_FROM_BOTTOM - 390))}
            leg={leg}
            working={working}
          />
        </Box>
      )}
    </>
  )
})
