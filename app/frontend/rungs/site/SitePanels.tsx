import type { PanelProps } from '../shared/panel'
import { SiteChoice } from './SiteChoice'
import { CarriedFields, DunnageFields, MatFields, PlaceFields } from './StandFields'

// The rungs that are worked out from the site: each shows what of the plan it asks for.
export const PadsPanel = (given: PanelProps) => (
  <>
    <SiteChoice editor={given.editor} />
    <PlaceFields {...given} />
    <MatFields {...given} />
  </>
)
export const TracksPanel = (given: PanelProps) => (
  <>
    <SiteChoice editor={given.editor} />
    <PlaceFields {...given} />
  </>
)
export const CutPanel = TracksPanel
export const RoomPanel = (given: PanelProps) => (
  <>
    <SiteChoice editor={given.editor} />
    <PlaceFields {...given} />
    <CarriedFields {...given} />
  </>
)
export const LandingPanel = (given: PanelProps) => (
  <>
    <SiteChoice editor={given.editor} />
    <DunnageFields {...given} />
  </>
)
