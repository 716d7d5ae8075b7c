import type { Actions } from '../../plan/usePlanEditor'
import type { Ladder, RungId, Drawing } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { Label } from '../../drawing/figures/figures'
import { Outline } from '../../drawing/figures/Outline'
import type { Entry } from '../../drawing/grips/ElevationGrips'
import { ElevationScale } from '../../drawing/scale/scale'
import { CraneSheet } from '../../drawing/views/CraneSheet'
import { Elevation } from '../../drawing/views/Elevation'
import { PlanSheet } from '../../drawing/views/PlanSheet'
import { SiteSheet } from '../../drawing/site/SiteSheet'
import { TailingView } from './TailingView'
import { PlatformSheet } from '../../drawing/views/PlatformSheet'
import { machineOf } from '../../plan/crane'
import { STRIP_HEIGHT } from '../../ui/theme/tokens'
import type { BestPlace } from './useBestPlace'
import { type Layout, Frozen } from './sheetLayout'

// The view that is chosen.
export function SheetView({
  view,
  layout,
  ladder,
  plan,
  editor,
  working,
  select,
  width,
  height,
  ground,
  drawing,
  scale,
  moved,
  frozen,
  leg,
  setLeg,
  onEntry,
  lit,
  exaggerate,
  search,
}: {
  view: string
  layout: Layout
  ladder: Ladder | null
  plan: Plan
  editor: Actions
  working: boolean
  select: (id: RungId) => void
  width: number
  height: number
  ground: number
  drawing: Drawing | null
  scale: ElevationScale | null
  moved: boolean
  frozen: Frozen | null
  leg: number
  setLeg: (leg: number) => void
  onEntry: (entry: Entry) => void
  lit: string | null
  exaggerate: number
  search: BestPlace | null
}) {
  return (
    <>
      {view === 'tailing' ? (
        <TailingView
          ladder={ladder}
          plan={plan}
          editor={editor}
          working={working}
          width={width}
          height={height}
          select={select}
        />
      ) : view === 'site' ? (
        layout.site && ladder?.site ? (
          <SiteSheet
            view={ladder.site}
            tail={ladder.site_tail}
            scale={layout.site}
            editor={editor}
            working={working}
            onStand={() => select('pads')}
            onStation={() => select('crane')}
            search={search}
          />
        ) : (
          <Label x={36} y={120} size={17}>
            {working ? 'working' : 'No site yet: choose one under Ground, and stand the crane on it.'}
          </Label>
        )
      ) : view === 'crane' ? (
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
    </>
  )
}
