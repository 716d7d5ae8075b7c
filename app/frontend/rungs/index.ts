import type { ComponentType } from 'react'
import type { RungId } from '../api/ladder.generated'
import { AnglePanel } from './AnglePanel'
import { BeamPanel } from './BeamPanel'
import { ChartPanel } from './ChartPanel'
import { ClearancePanel, SidePullPanel, StandPanel, WindPanel } from './ConditionPanels'
import { CranePanel } from './CranePanel'
import { FittingsPanel } from './FittingsPanel'
import { BlocksPanel } from './BlocksPanel'
import { GearPanel } from './GearPanel'
import { HeightPanel } from './HeightPanel'
import { HookPanel } from './HookPanel'
import { HoistPanel } from './HoistPanel'
import { LevelPanel } from './LevelPanel'
import { LoadPanel } from './LoadPanel'
import type { PanelProps } from './parts'
import { CrewPanel, GroundPanel, ObstaclesPanel, PowerLinesPanel } from './WordPanels'
import { SurroundingsPanel } from './Surroundings'
import { PlatformPanel } from './PlatformPanel'
import { PointsPanel } from './PointsPanel'
import { SharingPanel } from './SharingPanel'
import { SlingPanel } from './SlingPanel'
import { ThrustPanel } from './ThrustPanel'
import { ZoneFields } from './ZonesPanel'

// One panel for each rung: its inputs. The rest of a panel is the same for all.
export const PANELS: Record<RungId, ComponentType<PanelProps>> = {
  load: LoadPanel,
  level: LevelPanel,
  angle: AnglePanel,
  slings: SlingPanel,
  hoist: HoistPanel,
  height: HeightPanel,
  chart: ChartPanel,
  crane: CranePanel,
  beam: BeamPanel,
  upper: BeamPanel,
  sharing: SharingPanel,
  fittings: FittingsPanel,
  points: PointsPanel,
  surroundings: SurroundingsPanel,
  loop: SlingPanel,
  grip: SlingPanel,
  wraps: HoistPanel,
  boom: ClearancePanel,
  side_pull: SidePullPanel,
  stand: StandPanel,
  ground: GroundPanel,
  power_lines: PowerLinesPanel,
  obstacles: ObstaclesPanel,
  wind: WindPanel,
  zones: ZoneFields,
  platform: PlatformPanel,
  hook: HookPanel,
  gear: GearPanel,
  crew: CrewPanel,
  thrust: ThrustPanel,
  blocks: BlocksPanel,
}
