export const SLING_KINDS = [
  'alloy_chain',
  'wire_rope',
  'polyester_round',
  'polyester_web',
  'nylon_web',
  'high_modulus_round',
  'mesh',
  'fibre_rope',
  'unclear',
]
export const BEAM_KINDS = ['spreader', 'lifting_beam']
export const KINDS = [...SLING_KINDS, ...BEAM_KINDS]
export const STATES = ['ready', 'out', 'quarantined', 'scrapped']
export const plain = (kind: string) => kind.replaceAll('_', ' ')

// Fields of a piece with their labels, by what it is; an example shows how each is written.
export interface FieldWords {
  name: string
  label: string
  example: string
}
const field = (name: string, label: string, example = ''): FieldWords => ({ name, label, example })
export const SLING_FIELDS = [
  field('size', 'Size', '10 mm, gr. 100'),
  field('legs', 'Legs', '2'),
  field('reach', 'Reach, bearing to bearing', '6 m'),
  field('mass', 'Mass', '32 kg'),
  field('ends', 'Ends', 'hooks below, ring above'),
  field('grade', 'Grade, of chain', '80, 100, 120, transport'),
  field('core', 'Core, of wire rope', 'steel, fibre'),
  field('construction', 'Construction', '6x36'),
  field('splice', 'End splice', 'hand, mechanical'),
  field('coating', 'Coating', ''),
  field('stretch', 'Stretch at its rating, by its maker', '3 %'),
]
export const TAG_FIELDS = [
  field('vertical', 'Straight, one leg', '4 t'),
  field('choker', 'Choker', '3.2 t'),
  field('basket', 'Basket', '8 t'),
  field('bands', 'All legs, by band from plumb', '45°: 5.6 t; 60°: 4 t'),
  field('link_pitch', 'Link pitch, of chain', '30 mm'),
  field('diameter', 'Diameter of rope or link', '16 mm'),
]
export const BEAM_FIELDS = [
  field('size', 'Size', 'spreader, 2.4 to 4.0 m'),
  field('mass', 'Mass', '180 kg'),
  field('depth', 'Upper eyes to holes, upright', '0.30 m'),
  field('span_ratings', 'Rating by span', '3.0 m: 6 t; 3.6 m: 5 t'),
  field('end_rating', 'Rating of one end or hole', '3 t'),
  field('compression', 'Greatest push along it', '4 t'),
  field('least_angle', 'Upper slings no flatter than, from horizontal', '45°'),
  field('holes', 'Holes from its middle (lifting beam)', '-1.5 m; 1.5 m'),
  field('eyes', 'Upper eyes from its middle (lifting beam; none for a bail)', '0 m'),
  field('bails', 'Holes for its bail from its middle (none: fixed there)', '-0.1 m; -0.05 m; 0 m; 0.05 m'),
]
export const STORE_FIELDS = [
  field('examined', 'Last thorough examination', '2026-09-14'),
  field('due', 'Next examination due', 'six months after, when left empty'),
  field('place', 'Where it is', 'rack 2'),
  field('note', 'Note', ''),
]

const LABELS = new Map(
  [...SLING_FIELDS, ...TAG_FIELDS, ...BEAM_FIELDS, ...STORE_FIELDS].map(({ name, label }) => [name, label]),
)
export const labelOf = (name: string) => LABELS.get(name) ?? plain(name)
