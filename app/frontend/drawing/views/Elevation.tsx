import { useMemo } from 'react'
import type { Drawing, Rung } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import type { Actions } from '../../plan/usePlanEditor'
import { ElevationGrips, type Entry } from '../grips/ElevationGrips'
import { CgMark } from '../figures/figures'
import { type ElevationScale, type Place } from '../scale/scale'
import { ChangedValues } from './ChangedValues'
import { ElevationWords } from './ElevationWords'
import { ElevationFlags } from './ElevationFlags'
import { HungLines } from './HungLines'
import { LoadOutline } from './LoadOutline'
import { PreviewHung } from './PreviewLines'
import { elevationLayout } from './elevationLayout'

interface Props {
  drawing: Drawing
  before: Plan | null
  ghost: Drawing | null
  ghostScale: ElevationScale | null
  scale: ElevationScale
  plan: Plan
  editor: Actions
  working: boolean
  leg: number
  onLeg: (leg: number) => void
  onRung: (id: Rung['id']) => void
  onEntry: (entry: Entry) => void
  top: number
  width: number
  lit: string | null
  exaggerate: number
  moved: boolean
}

export const kindOf = (plan: Plan, sling: string | null | undefined) =>
  plan.snapshots.slings[sling ?? '']?.data.kind

// Is a leg seen nearly square, so that its angles look as they are?
export const inPlane = (top: { x: number; y: number }, foot: { x: number; y: number }, deg: number) =>
  Math.abs((Math.atan2(foot.y - top.y, Math.abs(foot.x - top.x)) * 180) / Math.PI - deg) < 8

// Legs as they hung before a hand took hold.
const GhostLegs = ({ ghost, scale }: { ghost: Drawing; scale: ElevationScale }) => (
  <g fill="none" stroke="var(--line)" strokeWidth={1.2} data-ghost>
    {ghost.legs.map((leg, index) => (
      <path
        key={index}
        d={
          `M${scale.x(leg.top as Place)} ${scale.y(leg.top as Place)}` +
          `L${scale.x(leg.bottom as Place)} ${scale.y(leg.bottom as Place)}`
        }
      />
    ))}
  </g>
)

// The load under the hook, to scale, as it will hang; with its grips. Seen along the load's y, or along its
// x.
export function Elevation({
  drawing,
  before,
  ghost,
  ghostScale,
  scale,
  plan,
  editor,
  working,
  leg: selected,
  onLeg,
  onRung,
  onEntry,
  top,
  width,
  lit,
  exaggerate,
  moved,
}: Props) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  const { axis, hook } = scale
  const {
    size,
    corner,
    corners,
    at,
    points,
    tops,
    cg,
    half,
    lowest,
    nameAt,
    bar,
    narrow,
    stacked,
    flags,
    right,
    wide,
    tall,
  } = useMemo(
    () => elevationLayout(drawing, scale, width, shown, system),
    [drawing, scale, width, shown, system],
  )
  const colour = (verdict: Rung['verdict'] | undefined, about: string) =>
    working ? 'var(--ink)' : verdict === 'stop' ? COLOUR.stop : lit === about ? 'var(--mark)' : 'var(--ink)'

  return (
    <g>
      {hook && (
        <path
          d={`M${hook.x} ${hook.y}V${scale.ground + 30}`}
          stroke="var(--mark)"
          strokeWidth={1.6}
          strokeDasharray="14 4 3 4"
        />
      )}
      {ghost?.hook && ghostScale && <GhostLegs ghost={ghost} scale={ghostScale} />}
      <LoadOutline
        onRung={onRung}
        corners={corners}
        lit={lit}
        drawing={drawing}
        tall={tall}
        corner={corner}
        size={size}
        axis={axis}
        scale={scale}
        wide={wide}
        nameAt={nameAt}
        plan={plan}
      />
      <HungLines
        drawing={drawing}
        onRung={onRung}
        working={working}
        at={at}
        colour={colour}
        plan={plan}
        hook={hook}
        onLeg={onLeg}
        tops={tops}
        points={points}
        lit={lit}
        selected={selected}
        shown={shown}
        moved={moved}
        top={top}
      />
      {!working && <PreviewHung scale={scale} />}
      <rect
        x={cg.x - half[axis] * scale.perMetre}
        y={cg.y - half[2] * scale.perMetre}
        width={2 * half[axis] * scale.perMetre}
        height={2 * half[2] * scale.perMetre}
        fill="none"
        stroke="var(--mark)"
        strokeWidth={1.6}
        strokeDasharray="4 3"
        pointerEvents="none"
      />
      <CgMark x={cg.x} y={cg.y} r={8} />
      <ElevationFlags
        drawing={drawing}
        narrow={narrow}
        at={at}
        hook={hook}
        right={right}
        shown={shown}
        axis={axis}
        working={working}
        flags={flags}
        points={points}
        stacked={stacked}
        selected={selected}
      />
      <ElevationWords
        narrow={narrow}
        drawing={drawing}
        scale={scale}
        points={points}
        lowest={lowest}
        right={right}
        width={width}
        bar={bar}
        axis={axis}
        working={working}
        corners={corners}
        wide={wide}
        shown={shown}
        exaggerate={exaggerate}
        top={top}
      />
      <ChangedValues before={before} plan={plan} hook={hook} cg={cg} points={points} />
      <ElevationGrips
        drawing={drawing}
        scale={scale}
        plan={plan}
        editor={editor}
        selected={selected}
        onLeg={onLeg}
        onRung={onRung}
        onEntry={onEntry}
      />
    </g>
  )
}
