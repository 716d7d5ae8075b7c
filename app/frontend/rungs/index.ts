import type { ComponentType } from 'react'
import type { RungId } from '../api/ladder.generated'
import { AnglePanel } from './angle/AnglePanel'
import { BeamPanel } from './beam/BeamPanel'
import { ChartPanel } from './chart/ChartPanel'
import { ClearancePanel, SidePullPanel, WindPanel } from './shared/ConditionPanels'
import { StandPanel } from './shared/StandPanel'
import { CranePanel } from './crane/CranePanel'
import { FittingsPanel } from './fittings/FittingsPanel'
import { BlocksPanel } from './blocks/BlocksPanel'
import { GearPanel } from './gear/GearPanel'
import { HeightPanel } from './height/HeightPanel'
import { HookPanel } from './hook/HookPanel'
import { HoistPanel } from './hoist/HoistPanel'
import { LevelPanel } from './level/LevelPanel'
import { LoadPanel } from './load/LoadPanel'
import type { PanelProps } from './shared/panel'
import { CrewPanel } from './crew/CrewPanel'
import { SignaturesPanel } from './signatures/SignaturesPanel'
import { GroundPanel, ObstaclesPanel, PowerLinesPanel } from './shared/WordPanels'
import { SurroundingsPanel } from './shared/Surroundings'
import { PlatformPanel } from './platform/PlatformPanel'
import { PointsPanel } from './points/PointsPanel'
import { SharingPanel } from './sharing/SharingPanel'
import { SlingPanel } from './slings/SlingPanel'
import { StandsPanel, TailCranePanel } from './tailing/StandsPanel'
import { TurnPanel } from './tailing/TurnPanel'
import { ThrustPanel } from './thrust/ThrustPanel'
import { CutPanel, LandingPanel, PadsPanel, RoomPanel, TracksPanel } from './site/SitePanels'
import { ZoneFields } from './zones/ZonesPanel'

// One panel for each rung: its inputs. The rest of a panel is the same for all.
export const PANELS: Record<RungId, ComponentType<PanelProps>> = {
  load: LoadPanel,
  turn: TurnPanel,
  trunnion: SlingPanel,
  end_beams: SlingPanel,
  beam_gap: SlingPanel,
  booms: StandsPanel,
  boom_room: StandsPanel,
  radii: StandsPanel,
  tail_crane: TailCranePanel,
  head_crane: StandsPanel,
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
  pads: PadsPanel,
  tracks: TracksPanel,
  cut: CutPanel,
  clearance: RoomPanel,
  tail_swing: TracksPanel,
  people: RoomPanel,
  landing: LandingPanel,
  wind: WindPanel,
  zones: ZoneFields,
  platform: PlatformPanel,
  hook: HookPanel,
  gear: GearPanel,
  crew: CrewPanel,
  signatures: SignaturesPanel,
  thrust: ThrustPanel,
  blocks: BlocksPanel,
}
