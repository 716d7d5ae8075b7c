// The only place with colours and sizes. Day and night; see docs/design.md.
export const day = {
  dust: '#E4D9C3',
  bone: '#F5EFE2',
  chalk: '#FDFAF3',
  wash: '#D8D5E4',
  ink: '#1C1610',
  ink2: '#544838',
  mark: '#2B2879',
  onMark: '#FDFAF3',
  tight: '#7F4E00',
  tightFill: '#C58416',
  stop: '#9C2612',
  stopGround: '#9C2612',
  onStop: '#FDFAF3',
  bar: '#1C1610',
  onBar: '#F5EFE2',
  barSelected: '#F5EFE2',
  onBarSelected: '#1C1610',
  line: '#9C8C71',
}
export type Tokens = typeof day
// On paper no ground is printed: what stood in light on a dark one stands in black.
export const paper = {
  dust: '#fff',
  bone: '#fff',
  chalk: '#fff',
  onBar: '#000',
  onBarSelected: '#000',
  onMark: '#000',
  onStop: '#000',
}

export const night: Tokens = {
  dust: '#120E0A',
  bone: '#1B1611',
  chalk: '#292219',
  wash: '#322F55',
  ink: '#F3EAD8',
  ink2: '#C6B9A2',
  mark: '#B9B6FF',
  onMark: '#1B1611',
  tight: '#EDB44C',
  tightFill: '#D99A2B',
  stop: '#FF8468',
  stopGround: '#7E2210',
  onStop: '#FFEDE6',
  bar: '#2B231A',
  onBar: '#F3EAD8',
  barSelected: '#C6B9A2',
  onBarSelected: '#120E0A',
  line: '#7D705C',
}

export const BAR_HEIGHT = 52
export const LADDER_WIDTH = 272
export const PANEL_WIDTH = 344
export const STRIP_HEIGHT = 206
export const GROUND_FROM_BOTTOM = 42
// Of a sheet lower than this the leg's card has its angles, and no triangle of forces.
export const ROOM_FOR_FORCES = 660
export const STILES = { left: 40, right: 252 }

export const text = "'Barlow', 'Barlow fallback', sans-serif"
export const figures = "'Barlow Condensed', 'Barlow', sans-serif"
