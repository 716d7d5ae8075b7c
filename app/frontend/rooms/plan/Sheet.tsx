import Box from '@mui/material/Box'
import { memo, useRef } from 'react'
import type { Ladder } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'
import { Label } from '../../drawing/figures/figures'
import { Elevation } from '../../drawing/views/Elevation'
import type { Entry } from '../../drawing/grips/ElevationGrips'
import { PlanSheet } from '../../drawing/views/PlanSheet'
import { PlanView } from '../../drawing/views/PlanView'
import { ReachStrip } from '../../drawing/views/ReachStrip'
import { CraneSheet } from '../../drawing/views/CraneSheet'
import { PlatformSheet } from '../../drawing/views/PlatformSheet'
import { Outline } from '../../drawing/figures/Outline'
import type { RungId } from '../../api/ladder.generated'
import { barOf } from '../../ladder/layout'
import { GROUND_FROM_BOTTOM, STRIP_HEIGHT, LADDER_WIDTH } from '../../ui/theme/tokens'
import { History } from '../../shell/History'
import { Tools, Views } from './Tools'
import { useSheetZoom } from './useSheetZoom'
import type { Hand } from '../../plan/usePlanEditor'
import { machineOf } from '../../plan/crane'
import { DrawnValues } from './DrawnValues'
import { Leader } from './Leader'
import { LegCard } from './LegCard'
import { CARD_WIDTH, type Layout, type Looking } from './sheetLayout'

interface Props {
  editor: Hand
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
  const shown = useShown()
  const chart = ladder?.rungs.find((rung) => rung.id === 'chart')
  const svg = useRef<SVGSVGElement>(null)
  const { view, zoom, exaggerate } = looking
  const panning = useSheetZoom(svg, zoom, (next) => look({ zoom: next }))
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
        <defs>
          <clipPath id="sheet">
            <rect x={0} y={STRIP_HEIGHT} width={width} height={height - STRIP_HEIGHT} />
          </clipPath>
          <pattern
            id="earth"
            width={9}
            height={9}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={1.4} height={9} fill="var(--ink2)" />
          </pattern>
        </defs>
        <rect
          x={0}
          y={STRIP_HEIGHT}
          width={width}
          height={height - STRIP_HEIGHT}
          fill="transparent"
          {...panning}
          style={{ touchAction: 'none' }}
          data-leave-out
        />
        {view !== 'plan' && view !== 'crane' && !moved && (
          <rect
            x={0}
            y={ground}
            width={width}
            height={12}
            fill="url(#earth)"
            opacity={0.5}
            pointerEvents="none"
          />
        )}
        <path d={`M0 ${STRIP_HEIGHT}H${width}`} stroke="var(--ink)" strokeWidth={1.5} />
        <path d={`M${-LADDER_WIDTH} ${ground}H${width}`} stroke="var(--ink)" strokeWidth={2.5} />
        {leaders &&
          ladder?.rungs.map(({ id }) => {
            const top = layout.ladder.tops[id]
            return (
              top !== undefined && (
                <Leader key={id} y={barOf(top)} thing={layout.things[id]} heavy={id === selected} />
              )
            )
          })}
        {reach && strip ? (
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
          <Label x={36} y={100} size={17}>
            {working
              ? 'working'
              : chart?.verdict === 'stop'
                ? `Chart: ${shown(chart.note)}. No steps are drawn.`
                : machineOf(ladder).reads === 'angles'
                  ? 'This chart goes by the angles of both booms: see Jib and Platform.'
                  : 'Crane: no chart that can be read here yet.'}
          </Label>
        )}
        {view === 'crane' ? (
          layout.crane && ladder?.crane ? (
            <CraneSheet
              view={ladder.crane}
              plan={plan}
              scale={layout.crane}
              editor={editor}
              working={working}
              onSelect={() => select('crane')}
            />
          ) : ladder && machineOf(ladder).reads === 'angles' && !working ? (
            <PlatformSheet plan={plan} ladder={ladder} width={width} ground={ground} />
          ) : (
            <Label x={36} y={STRIP_HEIGHT + 120} size={17}>
              {working ? 'working' : 'The crane is drawn once its chart matches it.'}
            </Label>
          )
        ) : drawing && scale && layout.plan ? (
          <g clipPath={moved ? 'url(#sheet)' : undefined}>
            {view === 'plan' ? (
              <PlanSheet
                drawing={drawing}
                before={frozen?.of ?? null}
                frozen={frozen?.plan ?? null}
                scale={layout.plan}
                plan={plan}
                editor={editor}
                working={working}
                leg={Math.min(leg, drawing.points.length - 1)}
                onLeg={setLeg}
                onRung={select}
                onEntry={onEntry}
                width={width}
                lit={lit}
              />
            ) : (
              <Elevation
                drawing={drawing}
                before={frozen?.of ?? null}
                ghost={frozen?.drawing ?? null}
                ghostScale={frozen?.scale ?? null}
                scale={scale}
                plan={plan}
                editor={editor}
                working={working}
                leg={Math.min(leg, drawing.points.length - 1)}
                onLeg={setLeg}
                onRung={select}
                onEntry={onEntry}
                top={STRIP_HEIGHT}
                width={width}
                lit={lit}
                exaggerate={exaggerate}
                moved={moved}
              />
            )}
          </g>
        ) : ladder?.first.outline && !working ? (
          <Outline
            outline={ladder.first.outline}
            name={plan.load.name}
            width={width}
            ground={ground}
            top={STRIP_HEIGHT}
          />
        ) : (
          <Label x={36} y={ground - 40} size={17}>
            {working
              ? 'working'
              : 'Nothing to draw yet: size, centre of gravity and points of the load are needed.'}
          </Label>
        )}
      </Box>
      {drawing && !working && <DrawnValues drawing={drawing} />}
      <Box
        sx={{
          position: 'absolute',
          top: STRIP_HEIGHT + 12,
          right: 12,
          width: card && view !== 'crane' ? CARD_WIDTH : 'auto',
          pointerEvents: 'none',
          '& > *': { pointerEvents: 'auto' },
        }}
      >
        <Box sx={{ display: 'flex', justifyContent: 'flex-end', flexWrap: 'wrap', gap: '5px', mb: '6px' }}>
          <Views looking={looking} look={look} />
          <History editor={editor} undoNote={undoNote} redoNote={redoNote} />
          <Tools
            looking={looking}
            look={look}
            svg={svg}
            title={`${title}, ${view === 'crane' ? 'crane' : view === 'plan' ? 'plan' : view === 'end' ? 'seen along x' : 'seen along y'}`}
            tilted={(drawing?.tilt?.deg.value ?? 0) > 0.05}
          />
        </Box>
        {card && view !== 'plan' && view !== 'crane' && drawing?.hook && (
          <LegCard
            drawing={drawing}
            leg={Math.min(leg, drawing.legs.length - 1)}
            working={working}
            pair={drawing.legs.length === 2 && !plan.rigging.beam && !plan.rigging.reeved}
          />
        )}
      </Box>
      {card && drawing && view !== 'plan' && view !== 'crane' && height > 700 && (
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
