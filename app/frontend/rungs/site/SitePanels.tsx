import Box from '@mui/material/Box'
import type { ReactNode } from 'react'
import type { PanelProps } from '../shared/panel'
import { SiteChoice } from './SiteChoice'
import { CarriedFields, DunnageFields, MatFields, PlaceFields } from './StandFields'

const Fields = ({ children }: { children: ReactNode }) => (
  <Box sx={{ display: 'grid', gap: '8px' }}>{children}</Box>
)

// The rungs that are worked out from the site: each shows what of the plan it asks for.
export const PadsPanel = (given: PanelProps) => (
  <Fields>
    <SiteChoice editor={given.editor} />
    <PlaceFields {...given} />
    <MatFields {...given} />
  </Fields>
)
export const TracksPanel = (given: PanelProps) => (
  <Fields>
    <SiteChoice editor={given.editor} />
    <PlaceFields {...given} />
  </Fields>
)
export const CutPanel = TracksPanel
export const RoomPanel = (given: PanelProps) => (
  <Fields>
    <SiteChoice editor={given.editor} />
    <PlaceFields {...given} />
    <CarriedFields {...given} />
  </Fields>
)
export const LandingPanel = (given: PanelProps) => (
  <Fields>
    <SiteChoice editor={given.editor} />
    <DunnageFields {...given} />
  </Fields>
)
