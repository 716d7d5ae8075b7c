// What the server answers, in the front end's terms; a ladder and a plan have types made from their schemas.
import type { Drawing, Ladder, Figure, Line, Sentence } from './ladder.generated'
import type { Beam, Chart, Part, Plan, RuleSet, Sling } from './plan.generated'

export interface Fault {
  pointer: string
  message: string
  expected: string
}
export interface Saved {
  id: number
  lock_version: number
  revision: number
  saved_at: string
}
export interface Whole extends Saved {
  document: Plan
  ladder: Ladder
}
// A line of the board that is still being worked out has no more than its plan's own words.
export interface WorkingLine {
  id: number
  title: string
  lift_at: string | null
  revision: number
  working: true
}
export interface Summary {
  id: number
  title: string
  site: string
  lift_at: string | null
  revision: number
  working: false
  load: string
  legs: number
  chart: string | null
  planned: Figure | null
  verdict: Ladder['verdict']
  headline: Sentence
  governs: string[]
  needs: string[]
  rungs: { id: string; label: string; verdict: Ladder['verdict']; percent: Figure | null }[]
}
export interface BoardPage {
  lines: (Summary | WorkingLine)[]
  page: number
  pages: number
  asked: number
  plans: number
  counts: Record<Ladder['verdict'], number>
  working: number
  cranes: string[]
}
export interface RevisionLine {
  number: number
  note: string
  created_at: string
}
export interface QuickAnswer {
  verdict: Ladder['verdict']
  missing: string | null
  angle: string | null
  factor: Figure | null
  tension: Figure | null
  capacity: Figure | null
  utilisation: Figure | null
  flat: string | null
  working: Line[]
  problems: Ladder['problems']
  plan: Plan
}
export interface WayOut {
  id: string
  words: Sentence
  changes: Record<string, unknown>
  verdict: Ladder['verdict']
  headline: Sentence
}
export interface ShapeWords {
  id: string
  title: string
  words: string[]
  hints: string[]
  lies: string
  material: boolean
  fluid: boolean
}
export interface Vocabulary {
  shapes: ShapeWords[]
  materials: { name: string; density: number; low: number; high: number }[]
}
export interface StandardPart {
  title: string
  shape: string
  size: string
  material: string
}
export interface KeptGroup {
  id: number
  title: string
  rows: number
}
export interface Indicated {
  bare: Figure
  planned: Figure
  working: Line[]
  cautions: Sentence[]
  changes: Record<string, unknown>
}
export interface Sketch {
  id: number
  name: string
  kind: string
  bytes: number
  added_at: string
  address: string
}
export interface CsvRow {
  line: number
  cells: Part & { group: string }
  mass: Figure | null
  problems: { field: string; message: string; expected: string }[]
}
// One line of what is said while a CSV file is read.
export interface CsvPart {
  head?: { columns: { text: string; field: string | null; unit: string | null }[]; notices: string[] }
  rows?: CsvRow[]
  read?: number
  share?: number
  done?: { rows: number; faulty: number; fault: string | null; commas: number }
}
export interface Snapshot<T> {
  digest: string
  data: T
}
type Word = Ladder['verdict']
export type PieceFields = Record<string, string>
interface Stored {
  id: number
  fields: PieceFields
  due: string | null
  // As of today, where the server is.
  overdue: boolean
  reach: Figure | null
  rating: Figure | null
  mass: Figure | null
}
export type StoredSling = Snapshot<Sling> & Stored & { sort: 'sling' }
export type StoredBeam = Snapshot<Beam> & Stored & { sort: 'beam' }
export type Piece = StoredSling | StoredBeam
export interface FieldProblem {
  field: string
  typed: string
  message: string
  expected: string
}
export interface StoreReading {
  notices: string[]
  columns: { text: string; field: string | null; unit: string | null }[]
  rows: { line: number; fields: PieceFields; problems: FieldProblem[]; known: boolean; changed: string[] }[]
  faulty: number
  fault: string | null
}
export interface Proposal {
  id: string
  words: Sentence
  changes: Record<string, unknown>
  rigging: Word
  verdict: Word
  headline: Sentence
  slings: string[]
  hook_height: Figure | null
  utilisation: Figure | null
  tilt: Figure | null
  weakest: { label: string; verdict: Word; note: Sentence | null }
  drawing: Drawing | null
}
export interface Selection {
  need: {
    tension: Figure
    length: Figure | null
    run: Figure | null
    hitch: string
    legs: number
    on: string | null
    assumed: boolean
  }
  choices: {
    numbers: string[]
    kind: string
    size: string
    legs: number
    reach: Figure
    utilisation: Figure
    in_band: boolean
    carry: Figure
    reasons: Sentence[]
    flattest: Figure | null
    changes: Record<string, unknown>
    rigging: Word
    verdict: Word
    headline: Sentence
  }[]
  rejected: { number: string; kind: string; size: string; reasons: string[] }[]
  rejected_count: number
  buy: {
    kind: string
    size: string | null
    rating: Figure | null
    at: Record<string, { size: string; rating: Figure } | null>
  }[]
  spread: Record<string, Figure> | null
}
export interface LevelAdvice {
  tilt: Figure | null
  aim: Figure
  options: {
    id: string
    words: Sentence
    changes: Record<string, unknown>
    tilt: Figure
    verdict: Word
    headline: Sentence
  }[]
  made_up: Sentence[]
  missing?: string
}
export interface SchoolsAnswer {
  schools: { id: string; verdict: Word; headline: Sentence }[]
  rungs: {
    rung: string
    label: string
    differs: boolean
    said: Record<string, { verdict: Word; utilisation: Figure | null; note: Sentence | null } | null>
  }[]
}

// What a newer rule set of the same name would change.
export interface RuleChanges {
  id: string
  versions: { before: number; after: number }
  newer: boolean
  snapshot: Snapshot<RuleSet>
  values: Record<string, { before: unknown; after: unknown; reason: string }>
  headlines: { before: Sentence; after: Sentence }
  rungs: SchoolsAnswer['rungs']
}

// The library of cranes and charts.
export interface ChartRecord {
  version: number
  entered_by: string
  entered_on: string | null
  checked_by: string | null
  checked_on: string | null
  source: string
}
export interface ChartLine {
  id: number
  identifier: string
  version: number
  title: string
  family: string
  identity: Record<string, string>
  record: ChartRecord | null
  doubt: string | null
  most: Figure | null
}
export interface DiagramTable {
  name: string
  cells: { kg: number; band: number; outline: [number, number][] }[]
  arcs: { boom: Figure; boom_m: number; points: [number, number][] }[]
}
export interface Diagram {
  family: string
  title: string
  bands: number[]
  hangs: Figure | null
  tables: DiagramTable[]
}
export interface WholeChart extends ChartLine, Snapshot<Chart> {
  diagram: Diagram
  warnings: string[]
  versions: { id: number; version: number; record: ChartRecord | null; doubt: string | null }[]
}
export interface ReachTable {
  name: string
  booms: {
    boom: Figure
    boom_m: number
    reach: Figure | null
    reach_m: number | null
    capacity: Figure | null
  }[]
}
export interface ReachAnswer {
  weight: Figure | null
  radius: Figure | null
  tables: ReachTable[]
}
export interface ChartReading {
  title: string
  data: Chart | null
  faults: Fault[]
  warnings: string[]
  tables: {
    name: string
    corner: string
    columns: string[]
    rows: {
      row: string
      line?: number
      cells: { text: string; kg: number | null; mark: string | null; problem: string | null }[]
    }[]
  }[]
}
// One line of what is said while chart files are read.
export interface ChartPart {
  file: string
  share: number
  reading: ChartReading
  known: { version: number; same: boolean } | null
}
export interface ComparisonRow {
  id: string
  title: string
  boom: Figure | null
  parts: number | null
  current: boolean
  verdict: Word
  utilisation: Figure | null
  gross: Figure | null
  capacity: Figure | null
  left: Figure | null
  room: Figure | null
  reasons: { label: string; verdict: Word; percent: Figure | null; note: Sentence | null }[]
  unchecked: string | null
  changes: Record<string, unknown>
}
export interface Reading {
  seq: number
  boom_m: number
  radius_m: number
  slew_deg: number | null
  hook_m: number
  load_kg: number
  rated_kg: number | null
  state: 'normal' | 'warning' | 'cut_out'
  why: string | null
  ahead_kg?: number | null
  plan: string | null
  between: number
  share: number
  playing: boolean
}
export type Indication =
  { reading: Reading; no_reading?: undefined } | { reading?: undefined; no_reading: string }
