import type { RungId } from '../../api/ladder.generated'
import { ENDS } from '../../plan/tandem'

// Which panel has the field of a place in the plan.
const PLACES: [RegExp, RungId][] = [
  [/^\/lift_at/, 'gear'],
  [/^\/load\/(rated_points|points\/\d+\/wll)/, 'points'],
  [/^\/site_document/, 'pads'],
  [/^\/cranes\/\d+\/stand\/watcher/, 'power_lines'],
  [/^\/cranes\/\d+\/stand\/(carried|load_)/, 'clearance'],
  [/^\/cranes\/\d+\/stand\/dunnage/, 'landing'],
  [/^\/cranes\/\d+\/stand/, 'pads'],
  [/^\/by_word\/ground/, 'ground'],
  [/^\/by_word\/power_lines/, 'power_lines'],
  [/^\/by_word\/obstacles/, 'obstacles'],
  [/^\/by_word\/crew/, 'crew'],
  [/^\/crew/, 'crew'],
  [/^\/load\/thrust/, 'load'],
  [/^\/cranes\/\d+\/hook/, 'hook'],
  [/^\/rigging\/reeved\/blocks/, 'blocks'],
  [/^\/load/, 'load'],
  [/^\/rigging\/(beam|legs\/\d+\/hole)/, 'beam'],
  [/^\/rigging\/reeved/, 'sharing'],
  [/^\/rigging\/legs\/\d+\/(fittings|load_end)/, 'fittings'],
  [/^\/rigging\/surroundings/, 'surroundings'],
  [/^\/rigging\/(hook_height|set_by|legs\/\d+\/(length|angle))/, 'level'],
  [/^\/rigging/, 'slings'],
  [/^\/cranes\/\d+\/(chart|as_rigged|jib_offset)/, 'chart'],
  [/^\/cranes\/\d+\/(parts_of_line|deductions|deduction_cases|idle_line)/, 'hoist'],
  [/^\/cranes\/\d+\/level/, 'stand'],
  [/^\/cranes\/\d+\/side_pull/, 'side_pull'],
  [/^\/cranes\/\d+\/wind/, 'wind'],
  [/^\/cranes\/\d+\/zones/, 'zones'],
  [/^\/cranes\/\d+\/platform\/aboard/, 'platform'],
  [/^\/cranes\/\d+\/(obstacle_height|stations\/\d+\/support_height)/, 'height'],
  [/^\/cranes/, 'crane'],
]
// Of a load that two cranes carry, what is asked elsewhere of one.
const OF_TWO: [RegExp, RungId][] = [
  [/^\/tandem\/ends\/\d+\/moves/, 'radii'],
  [/^\/tandem\/ends/, 'slings'],
  [/^\/tandem/, 'turn'],
  [/^\/rigging\/legs\/\d+\/length/, 'slings'],
  [/^\/cranes\/\d+\/(stand\/(east|north|ground|bearing)|boom_length|radius_measured)/, 'radii'],
]
// Which of two cranes a place is of; undefined where it is of neither.
export const craneAtPlace = (pointer: string) => {
  const [, at] = /^\/(?:cranes|tandem\/ends)\/(\d)/.exec(pointer) ?? []
  return at === undefined ? undefined : Number(at)
}
// Rungs that are asked of each of two cranes, and those of one alone.
const OF_EACH: RungId[] = [
  'chart', 'hoist', 'hook', 'wraps', 'height', 'side_pull', 'stand', 'pads', 'tracks', 'cut', 'clearance',
  'tail_swing', 'people', 'landing', 'power_lines', 'wind', 'zones', 'radii', 'booms', 'boom_room',
]
export const ofEachCrane = (id: RungId) => OF_EACH.includes(id)
export const ofOneCrane: Partial<Record<RungId, number>> = { head_crane: 0, tail_crane: 1 }

// A rung that is answered in words gives way to those that are worked out on a site, and they to it.
const HEIRS: Partial<Record<RungId, RungId[]>> = {
  level: ['slings'],
  crane: ['tail_crane'],
  ground: ['pads', 'tracks'],
  obstacles: ['clearance'],
  pads: ['tracks', 'ground'],
  tracks: ['pads', 'ground'],
  cut: ['ground'],
  landing: ['ground'],
  clearance: ['obstacles'],
  tail_swing: ['obstacles'],
  people: ['obstacles'],
}
// The rung that is looked at: the chosen one, or what stands in its place now.
export const stillThere = (chosen: RungId, rungs: { id: RungId }[]): RungId | undefined =>
  [chosen, ...(HEIRS[chosen] ?? [])].find((id) => rungs.some((rung) => rung.id === id))
export const panelOf = (pointer: string, two = false): RungId | undefined =>
  [...(two ? OF_TWO : []), ...PLACES].find(([place]) => place.test(pointer))?.[1]
export const fieldId = (pointer: string) => `field${pointer.replaceAll('/', '-')}`

const WORDS: Record<string, string> = {
  bare: 'weight',
  cg: 'centre of gravity',
  as_rigged: 'as rigged',
  '0': 'first',
  '1': 'second',
}
// A place of the plan in plain words, for a list of differences.
export const wordsOf = (pointer: string) =>
  pointer
    .replace('/cranes/0', '/crane')
    .replace('/cranes/1', '/tail crane')
    .replace(/^\/tandem\/ends\/(\d)/, (_all, index) => `/${ENDS[Number(index)] ?? index}`)
    .split('/')
    .slice(1)
    .map((part) => WORDS[part] ?? part.replaceAll('_', ' '))
    .join(', ')
