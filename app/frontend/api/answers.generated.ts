// Made by script/types.mjs from a JSON Schema. Do not edit.
import type {CraneView, Drawing, Figure, FlightId, Ladder, Line, RungId, Sentence} from "./ladder.generated";
import type {Beam, Chart, Feature, Group, Person, Plan, RuleSet, Site, Sling} from "./plan.generated";

export type Verdict = "holds" | "tight" | "stop" | "not_known";
export type Rungs = {
  differs: boolean;
  label: string;
  rung: string;
  said: {
    [k: string]: {
      note: Sentence | null;
      utilisation: Figure | null;
      verdict: Verdict;
    } | null;
  };
}[];
export type ActName =
  "wrote" | "flight" | "second" | "deviation" | "issued" | "began" | "closed" | "withdrawn" | "archived";
export type WindReading =
  | {
      reading: Wind;
    }
  | {
      no_reading: string;
    };
export type Indication =
  | {
      reading: Reading;
    }
  | {
      no_reading: string;
    };
export type Piece = StoredSling | StoredBeam | StoredOther;
export type CellsSaid =
  | {
      reading: {
        seq: number;
        cells: BothWords[];
      };
    }
  | {
      no_reading: string;
    };
export type LevelSaid =
  | {
      reading: {
        seq: number;
        along_deg: number;
        across_deg: number;
      };
    }
  | {
      no_reading: string;
    };
export type DrillKind =
  "read_angle" | "which_leg" | "find_row" | "on_the_hook" | "stays_out" | "wrong_plan" | "level_it" | "tag_line";
export type DrillCourse = {
  kind: DrillKind;
  topic: string;
  asked: number;
  right: number;
  comes_back: number;
}[];

/**
 * What the server answers, by controller and action; of those that are streamed, each line. Ladders and plans are described by the core's schemas.
 */
export interface Answers {
  "sessions#update"?: SignedIn;
  "passwords#create"?: {
    login: string;
  };
  "people#index"?: PersonLine[];
  "people#create"?: PersonLine;
  "people#update"?: PersonLine;
  "links#create"?: DoorLink;
  "person_sessions#destroy"?: PersonLine;
  "tokens#index"?: ScriptName[];
  "tokens#create"?: ScriptName;
  "tokens#destroy"?: null;
  "days#show"?: DaysPage;
  "waits#show"?: WaitsPage;
  "questions#index"?: QuestionLine[];
  "questions#create"?: QuestionLine;
  "questions#update"?: QuestionLine;
  "changes#show"?: PlanChanges;
  "rule_sets#show"?: RulesPage;
  "rule_sets#create"?: RulesPage;
  "rule_sets#update"?: RulesPage;
  "patterns#update"?: {
    id: number;
    pattern: boolean;
  };
  "sessions#show"?: SignedIn;
  "sessions#create"?: SignedIn;
  "sessions#destroy"?: SignedIn;
  "lives#show"?: PlanLife;
  "lives#create"?: PlanLife;
  "boards#show"?: BoardPage;
  "chart_readings#create"?: ChartPart;
  "charts#create"?: ChartLine[];
  "charts#index"?: ChartLine[];
  "charts#show"?: WholeChart;
  "charts#update"?: WholeChart;
  "checks#create"?: Ladder;
  "comparisons#create"?: ComparisonRow[];
  "anemometers#show"?: WindReading;
  "anemometers#update"?: WindReading;
  "indicated_weights#create"?: Indicated;
  "indicators#show"?: Indication;
  "indicators#update"?: Indication;
  "kept_groups#create"?: KeptGroup;
  "kept_groups#show"?: WholeGroup;
  "level_advices#create"?: LevelAdvice;
  "pieces#create"?: Piece | Piece[];
  "pieces#index"?: PiecePage;
  "pieces#show"?: PieceSheet;
  "pieces#update"?: Piece;
  "plans#create"?: Whole;
  "plans#show"?: Whole;
  "plans#update"?: Saved | Whole;
  "proposals#create"?: ProposalsAnswer;
  "quick_checks#create"?: QuickAnswer;
  "range_diagrams#create"?: Diagram;
  "reaches#show"?: ReachAnswer;
  "revisions#index"?: RevisionLine[];
  "revisions#show"?: KeptRevision;
  "revisions#update"?: RevisionLine;
  "rule_changes#create"?: RuleChanges;
  "rule_sets#index"?: KeptRules[];
  "schools#create"?: SchoolsAnswer;
  "selections#create"?: Selection;
  "shapes#index"?: Vocabulary;
  "sketches#create"?: Sketch;
  "sketches#index"?: Sketch[];
  "standard_parts#index"?: Parts;
  "store_readings#create"?: StoreReading;
  "take_off_readings#create"?: CsvPart;
  "takers#index"?: Takers;
  "ways_out#create"?: WayPart;
  "withdrawals#create"?: WholeChart;
  "chart_papers#show"?: ChartPaper;
  "chart_papers#update"?: ChartPaper;
  "chart_drafts#index"?: ChartDraftLine[];
  "chart_drafts#show"?: ChartDraft;
  "chart_drafts#create"?: ChartDraft;
  "chart_drafts#update"?: ChartDraft;
  "chart_pictures#index"?: Sketch[];
  "chart_pictures#create"?: Sketch;
  "sites#index"?: SiteLine[];
  "sites#show"?: WholeSite;
  "sites#create"?: WholeSite;
  "sites#update"?: WholeSite;
  "site_readings#create"?: SiteReading;
  "best_places#create"?: PlacePart;
  "looks#create"?: {
    look: PieceRecord;
    piece: Piece;
  };
  "tries#create"?: Inspection;
  "acts#create"?: Piece;
  "gear_kinds#index"?: GearKinds;
  "due_pieces#index"?: DuePieces;
  "piece_codes#show"?: Piece;
  "piece_files#index"?: Sketch[];
  "piece_files#create"?: Sketch;
  "fitting_picks#create"?: FittingPick;
  "rigging_lists#create"?: RiggingList;
  "piece_changes#create"?:
    | TogetherShown
    | {
        kept: number;
      };
  "mat_picks#create"?: MatPick;
  "lift_days#show"?: LiftDay;
  "lift_days#create"?: {
    taken: {
      uid: string;
      number: number | null;
      faults: Fault[];
    }[];
    day: LiftDay;
  };
  "trials#create"?: Trial | AsRigged | HooksRead;
  "takings#create"?: {
    id: number;
    revision: string | null;
  };
  "trial_instruments#show"?: TrialInstruments;
  "trial_instruments#update"?: TrialInstruments;
  "todays#show"?: TodayPage;
  "what_ifs#create"?: WhatIfPart;
  "trade_tables#show"?: TradeTables;
  "finds#create"?: FindPart;
  "drills#create"?: DrillAsked;
  "drill_answers#create"?: DrillAnswered;
  "drill_tries#create"?: DrillTry;
  "crew_questions#create"?: CrewSet;
  "rung_helps#show"?: RungHelp;
  "licences#index"?: Licence[];
}
/**
 * who is signed in, or nobody; and in the demo whom one may be
 */
export interface SignedIn {
  person: Somebody | null;
  pick: Somebody[];
}
export interface Somebody {
  id: number;
  name: string;
  roles: ("reader" | "rigger" | "planner" | "keeper" | "appointed" | "engineer" | "admin")[];
}
/**
 * somebody, with what a plan takes of them; the rest for their admin
 */
export interface PersonLine {
  id: number;
  login: string;
  name: string;
  active: boolean;
  competences: CompetenceLine[];
  digest: string;
  data: Person;
  roles?: ("reader" | "rigger" | "planner" | "keeper" | "appointed" | "engineer" | "admin")[];
  lock_version?: number;
  locked?: boolean;
  scripts?: number;
}
export interface CompetenceLine {
  kind: string;
  by: string;
  until: string;
}
export interface DoorLink {
  path: string;
  until: string;
}
export interface ScriptName {
  id: number;
  name: string;
  created_at: string;
  used_at: string | null;
  text?: string;
}
/**
 * the lifts of some days by crane
 */
export interface DaysPage {
  today: string;
  now: string;
  days: string[];
  before: string | null;
  after: string | null;
  lifts: DayLift[];
  more: number;
  undated: number;
  plans: number;
  working: number;
  /**
   * before the first lift has a day: what there is of what it rests on, where any of that is missing or there is no plan
   */
  begun: {
    people: number;
    charts: number;
    checked: number;
    pieces: number;
    sites: number;
  } | null;
}
export interface DayLift {
  id: number;
  title: string;
  state: "draft" | "checked" | "issued" | "lifting" | "closed" | "withdrawn";
  lift_at: string;
  ends: string;
  cranes: {
    id: string;
    name: string;
  }[];
  /**
   * what else wants its crane at its hours
   */
  twice: {
    crane: string;
    from: string;
    until: string;
  }[];
  what: string;
  working: boolean;
  verdict: Verdict;
  rungs: {
    id: string;
    label: string;
    verdict: Verdict;
  }[];
  governs: string[];
  said: string;
  percent?: Figure | null;
}
export interface WaitsPage {
  person: Somebody;
  waits: WaitLine[];
  more: number;
  others: {
    id: number;
    name: string;
    count: number;
  }[];
}
export interface WaitLine {
  act:
    "wrote" | "write" | "mend" | "flight" | "second" | "deviation" | "issued" | "close" | "overlap" | "answer" | "read";
  plan: number | null;
  chart: number | null;
  title: string;
  at: string | null;
  words: BothWords;
  rung: string | null;
}
export interface BothWords {
  metric: string;
  us: string;
}
export interface QuestionLine {
  id: number;
  rung: string;
  revision: number;
  words: string;
  by: string;
  at: string;
  asked: string | null;
  answer: string | null;
  answered_by: string | null;
  answered_at: string | null;
  lock_version: number;
}
/**
 * two revisions side by side
 */
export interface PlanChanges {
  before: RevisionLine;
  after: RevisionLine;
  changes: {
    pointer: string;
    what: string;
    before: string | null;
    after: string | null;
  }[];
  headlines: Headlines;
  verdicts: {
    before: Verdict;
    after: Verdict;
  };
  rungs: Rungs;
}
export interface RevisionLine {
  by: string;
  /**
   * what it changed, in words
   */
  told: string;
  created_at: string;
  note: string;
  number: number;
  /**
   * what a person calls it
   */
  name: string | null;
}
export interface Headlines {
  after: Sentence;
  before: Sentence;
}
/**
 * a rule set with all its places, and how it differs from what ships
 */
export interface RulesPage {
  data: RuleSet;
  own: boolean;
  base: null | {
    id: string;
    version: number;
    title: string;
  };
  leaves: {
    place: string;
    value: number | string | boolean | null;
  }[];
  differs: RuleLeaf[];
  versions: {
    version: number;
    by: string;
    at: string;
    changes: {
      place: string;
      before: number | string | boolean | null;
      after: number | string | boolean | null;
      by: string;
      why: string;
      on: string;
    }[];
  }[];
  plans: {
    id: number;
    title: string;
    lift_at: string | null;
    verdict: string | null;
  }[];
}
export interface RuleLeaf {
  name: string;
  place: string;
  before: number | string | boolean | null;
  after: number | string | boolean | null;
  way: "stricter" | "looser";
  by: string | null;
  why: string | null;
}
/**
 * how a plan stands by its records, and what the reader may do with it next
 */
export interface PlanLife {
  /**
   * is it offered first where another plan begins
   */
  pattern: boolean;
  faults: string[];
  state: "draft" | "checked" | "issued" | "lifting" | "closed" | "withdrawn";
  revision: string | null;
  archived: boolean;
  seen: {
    document: string;
    ladder: string;
  };
  headline: Sentence;
  records: RecordLine[];
  flights: FlightSignature[];
  critical: BothWords[];
  deviations: DeviationLine[];
  bars: BarLine[];
  acts: ActName[];
  asks_password: boolean;
}
export interface RecordLine {
  number: number;
  at: string;
  by: string;
  role: string;
  act: ActName;
  about: {
    [k: string]: string;
  };
  words: string;
  revision: string;
  digest: string;
  short: string;
  lapsed: boolean;
}
export interface FlightSignature {
  id: string;
  label: string;
  by: string | null;
  at: string | null;
}
export interface DeviationLine {
  id: string;
  words: string;
  value: string;
  by: string | null;
}
export interface BarLine {
  words: BothWords;
  way: {
    [k: string]: string;
  };
  roles: string[];
}
export interface BoardPage {
  archived: number;
  asked: number;
  counts: {
    holds: number;
    not_known: number;
    stop: number;
    tight: number;
  };
  cranes: string[];
  lines: (Summary | WorkingLine)[];
  page: number;
  pages: number;
  plans: number;
  working: number;
}
export interface Summary {
  pattern: boolean;
  state: "draft" | "checked" | "issued" | "lifting" | "closed" | "withdrawn";
  chart: string | null;
  governs: string[];
  headline: Sentence;
  id: number;
  legs: number;
  lift_at: string | null;
  load: string;
  needs: string[];
  planned: Figure | null;
  revision: number;
  rungs: {
    id: string;
    label: string;
    percent: Figure | null;
    verdict: Verdict;
  }[];
  site: string;
  title: string;
  verdict: Verdict;
  working: false;
}
export interface WorkingLine {
  pattern: boolean;
  state: "draft" | "checked" | "issued" | "lifting" | "closed" | "withdrawn";
  id: number;
  lift_at: string | null;
  revision: number;
  title: string;
  working: true;
}
export interface ChartPart {
  file: string;
  known: {
    same: boolean;
    version: number;
    title: string;
  } | null;
  reading: ChartReading;
  share: number;
  /**
   * why it may not take the place of the chart of its name
   */
  refused: Fault[];
  /**
   * the page as a CSV grid, where it came so and is whole
   */
  printed: string | null;
}
export interface ChartReading {
  data: Chart | null;
  faults: Fault[];
  tables: ChartPageTable[];
  title: string;
  warnings: ChartWarning[];
}
export interface Fault {
  expected: string;
  message: string;
  pointer: string;
}
export interface ChartPageTable {
  columns: string[];
  corner: string;
  name: string;
  rows: {
    cells: {
      kg: number | null;
      mark: string | null;
      problem: string | null;
      text: string;
    }[];
    line?: number;
    row: string;
  }[];
}
export interface ChartWarning {
  text: string;
  /**
   * whoever enters the chart has to answer it
   */
  answer: boolean;
  /**
   * table, row, column
   */
  cell: number[] | null;
}
export interface ChartLine {
  doubt: string | null;
  family: string;
  id: number;
  identifier: string;
  identity: {
    [k: string]: string;
  };
  most: Figure | null;
  record: ChartRecord | null;
  title: string;
  version: number;
  withdrawn: string | null;
  /**
   * what its family's charts must say of the machine and it does not
   */
  lacking: string[];
}
export interface ChartRecord {
  checked_by: string | null;
  checked_on: string | null;
  entered_by: string;
  entered_on: string | null;
  source: string;
  version: number;
  answers?: {
    what: string;
    word: string;
  }[];
  why?: string;
}
export interface WholeChart {
  data: Chart;
  diagram: Diagram;
  digest: string;
  doubt: string | null;
  family: string;
  id: number;
  identifier: string;
  identity: {
    [k: string]: string;
  };
  most: Figure | null;
  record: ChartRecord | null;
  title: string;
  version: number;
  versions: {
    doubt: string | null;
    id: number;
    record: ChartRecord | null;
    version: number;
  }[];
  warnings: ChartWarning[];
  withdrawn: string | null;
  /**
   * what its family's charts must say of the machine and it does not
   */
  lacking: string[];
  /**
   * from the version before
   */
  differences: ChartDifference[];
  /**
   * plans that rest on it
   */
  rests: {
    id: number;
    title: string;
    lift_at: string | null;
    verdict: string | null;
  }[];
}
export interface Diagram {
  bands: number[];
  family: string;
  /**
   * the row of a machine that has but one, in words
   */
  only_row: string | null;
  /**
   * what a row of the chart is called
   */
  row: string;
  hangs: Figure | null;
  tables: DiagramTable[];
  title: string;
}
export interface DiagramTable {
  arcs: {
    boom: Figure;
    boom_m: number;
    points: [number, number][];
  }[];
  cells: {
    band: number;
    kg: number;
    outline: [number, number][];
  }[];
  name: string;
}
export interface ChartDifference {
  block: string;
  where: string;
  from: string | null;
  to: string | null;
}
export interface ComparisonRow {
  boom: Figure | null;
  capacity: Figure | null;
  changes: {
    [k: string]: unknown;
  };
  current: boolean;
  gross: Figure | null;
  id: string;
  left: Figure | null;
  parts: number | null;
  reasons: {
    label: string;
    note: Sentence | null;
    percent: Figure | null;
    verdict: Verdict;
  }[];
  room: Figure | null;
  title: string;
  unchecked: string | null;
  utilisation: Figure | null;
  verdict: Verdict;
  /**
   * the rung that the verdict and the percentage are of
   */
  governs: string | null;
}
export interface Wind {
  seq: number;
  wind_m_s: number;
  gust_m_s: number;
  heard_s: number;
  now: BothWords;
  gust: BothWords;
  height: BothWords;
  take: BothWords | null;
  wait: string | null;
}
export interface Indicated {
  bare: Figure;
  cautions: Sentence[];
  changes: {
    [k: string]: unknown;
  };
  planned: Figure;
  working: Line[];
}
export interface Reading {
  format?: string;
  ahead_kg?: number | null;
  between: number;
  boom_m: number;
  hook_m: number;
  load_kg: number;
  plan: string | null;
  playing: boolean;
  radius_m: number;
  rated_kg: number | null;
  seq: number;
  share: number;
  slew_deg: number | null;
  state: "normal" | "warning" | "cut_out";
  why: string | null;
  /**
   * tilt, or hundredth of the way, of a lift by two cranes
   */
  at?: number;
  /**
   * what the tail's indicator shows, of two cranes
   */
  other?: {
    boom_m: number;
    radius_m: number;
    slew_deg: number | null;
    hook_m: number;
    load_kg: number;
    rated_kg: number | null;
    state: "normal" | "warning" | "cut_out";
  };
}
export interface KeptGroup {
  id: number;
  rows: number;
  title: string;
  lock_version: number;
}
export interface WholeGroup {
  data: Group;
  id: number;
  title: string;
  lock_version: number;
}
export interface LevelAdvice {
  aim: Figure;
  made_up: Sentence[];
  missing?: string;
  options: {
    changes: {
      [k: string]: unknown;
    };
    headline: Sentence;
    id: string;
    tilt: Figure;
    verdict: Verdict;
    words: Sentence;
    level: Verdict;
  }[];
  tilt: Figure | null;
}
export interface StoredSling {
  data: Sling;
  digest: string;
  due: string | null;
  fields: PieceFields;
  id: number;
  mass: Figure | null;
  overdue: boolean;
  rating: Figure | null;
  reach: Figure | null;
  sort: "sling";
  lock_version: number;
  code: string | null;
}
export interface PieceFields {
  [k: string]: string;
}
export interface StoredBeam {
  data: Beam;
  digest: string;
  due: string | null;
  fields: PieceFields;
  id: number;
  mass: Figure | null;
  overdue: boolean;
  rating: Figure | null;
  reach: Figure | null;
  sort: "beam";
  /**
   * how many holes it has
   */
  holes: number;
  /**
   * how many eyes it has
   */
  eyes: number;
  lock_version: number;
  code: string | null;
}
export interface StoredOther {
  data: {
    number: string;
    kind: string;
    size: string;
    [k: string]: unknown;
  };
  digest: string;
  due: string | null;
  fields: PieceFields;
  id: number;
  mass: Figure | null;
  overdue: boolean;
  rating: Figure | null;
  reach: Figure | null;
  sort: "fitting" | "special" | "support" | "device" | "machine";
  lock_version: number;
  code: string | null;
}
export interface PiecePage {
  pieces: Piece[];
  page: number;
  pages: number;
  asked: number;
  total: number;
  states: {
    [k: string]: number;
  };
  overdue: number;
}
export interface PieceSheet {
  now: Piece;
  kind: string;
  state: string;
  stands: {
    verdict: "holds" | "stop" | "not_known";
    words: {
      metric: string;
      us: string;
    };
  };
  examination: {
    wanted: boolean;
    day: string | null;
    words: string;
  };
  rules: string;
  inspection: Inspection;
  looks: PieceRecord[];
  acts: PieceAct[];
  may: {
    act: string;
    words: string;
    needs: string[];
    looked: boolean;
  }[];
  plans: RestingPlan[];
  twins: {
    id: number;
    number: string;
    due: string | null;
    place: string;
  }[];
  /**
   * the newest change first
   */
  history: {
    at: string;
    event: string;
    note: string;
    changes: FieldChange[];
  }[];
  /**
   * the code of its label, row by row: 1 is dark
   */
  squares: string[];
  /**
   * the site's day
   */
  today: string;
}
export interface Inspection {
  result: "out" | "stays" | "not_whole";
  headline: {
    metric: string;
    us: string;
  };
  looks: InspectionLook[];
  problems: {
    field: string;
    typed: string;
    message: string;
    expected: string;
  }[];
}
export interface InspectionLook {
  id: string;
  title: string;
  words: string;
  where: string;
  read: string | null;
  verdict: "stays" | "out" | "doubt" | "not_looked" | "not_known";
  used: Figure | null;
  limit: {
    metric: string;
    us: string;
  };
  told: {
    metric: string;
    us: string;
  };
  short: string;
}
export interface PieceRecord {
  id: number;
  sort: string;
  day: string;
  at: string;
  by: string;
  result: string;
  rules: string;
  told: {
    metric: string;
    us: string;
  }[];
  measured: {
    [k: string]: number;
  };
  words: string;
  remedy: string;
  due: string | null;
}
export interface PieceAct {
  at: string;
  act: string;
  after: string;
  by: string;
  with: string;
  why: string;
  plan: {
    id: number;
    title: string;
  } | null;
}
export interface RestingPlan {
  id: number;
  title: string;
  lift_at: string | null;
  verdict: string | null;
}
export interface FieldChange {
  field: string;
  from: string;
  to: string;
}
export interface Whole {
  /**
   * as what it stands unchanged, such as issued; null where it may be changed
   */
  held: string | null;
  document: Plan;
  id: number;
  ladder: Ladder;
  lock_version: number;
  revision: number;
  saved_at: string;
}
export interface Saved {
  id: number;
  lock_version: number;
  revision: number;
  saved_at: string;
}
export interface ProposalsAnswer {
  missing?: {
    pointer: string | null;
    what: string;
  };
  proposals: Proposal[];
  vain: {
    why: string;
    words: string;
  }[];
}
export interface Proposal {
  changes: {
    [k: string]: unknown;
  };
  drawing: Drawing | null;
  headline: Sentence;
  hook_height: Figure | null;
  id: string;
  rigging: Verdict;
  slings: string[];
  tilt: Figure | null;
  utilisation: Figure | null;
  verdict: Verdict;
  weakest: {
    label: string;
    note: Sentence | null;
    verdict: Verdict;
  };
  words: Sentence;
}
export interface QuickAnswer {
  angle: string | null;
  capacity: Figure | null;
  factor: Figure | null;
  flat: string | null;
  missing: string | null;
  plan: Plan;
  problems: Problem[];
  tension: Figure | null;
  utilisation: Figure | null;
  verdict: Verdict;
  working: Line[];
}
export interface Problem {
  pointer: string;
  typed: string;
  message: string;
  expected: string;
  choices: string[];
}
export interface ReachAnswer {
  radius: Figure | null;
  tables: ReachTable[];
  weight: Figure | null;
  /**
   * the radius as the chart is read at it, under load
   */
  read_at: Figure | null;
}
export interface ReachTable {
  booms: {
    boom: Figure;
    boom_m: number;
    capacity: Figure | null;
    reach: Figure | null;
    reach_m: number | null;
    deducted: Figure | null;
    /**
     * of line, as asked or the fewest that carry it
     */
    parts: number | null;
    /**
     * why it cannot, or is not known
     */
    why: string | null;
  }[];
  name: string;
}
export interface KeptRevision {
  document: Plan;
  note: string;
  number: number;
}
export interface RuleChanges {
  headlines: Headlines;
  id: string;
  newer: boolean;
  rungs: Rungs;
  snapshot: KeptRules;
  values: {
    [k: string]: {
      after: unknown;
      before: unknown;
      reason: string;
    };
  };
  versions: {
    after: number;
    before: number;
  };
}
export interface KeptRules {
  data: RuleSet;
  digest: string;
}
export interface SchoolsAnswer {
  rungs: {
    differs: boolean;
    label: string;
    rung: string;
    said: {
      [k: string]: {
        note: Sentence | null;
        utilisation: Figure | null;
        verdict: Verdict;
      } | null;
    };
  }[];
  schools: {
    headline: Sentence;
    id: string;
    verdict: Verdict;
  }[];
}
export interface Selection {
  buy: {
    at: {
      [k: string]: {
        rating: Figure;
        size: string;
      } | null;
    };
    kind: string;
    rating: Figure | null;
    size: string | null;
  }[];
  choices: {
    carry: Figure;
    changes: {
      [k: string]: unknown;
    };
    flattest: Figure | null;
    headline: Sentence;
    in_band: boolean;
    kind: string;
    legs: number;
    numbers: string[];
    reach: Figure;
    reasons: Sentence[];
    rigging: Verdict;
    size: string;
    utilisation: Figure;
    verdict: Verdict;
  }[];
  need: {
    assumed: boolean;
    hitch: string;
    legs: number;
    length: Figure | null;
    on: string | null;
    run: Figure | null;
    tension: Figure;
  };
  rejected: {
    kind: string;
    number: string;
    reasons: string[];
    size: string;
  }[];
  rejected_count: number;
  spread: {
    [k: string]: Figure;
  } | null;
}
export interface Vocabulary {
  materials: {
    density: number;
    high: number;
    low: number;
    name: string;
  }[];
  shapes: ShapeWords[];
}
export interface ShapeWords {
  fluid: boolean;
  hints: string[];
  id: string;
  lies: string;
  material: boolean;
  title: string;
  words: string[];
}
export interface Sketch {
  added_at: string;
  address: string;
  bytes: number;
  id: number;
  kind: string;
  name: string;
}
export interface Parts {
  kept: KeptGroup[];
  standard: StandardPart[];
}
export interface StandardPart {
  material: string;
  shape: string;
  size: string;
  title: string;
}
export interface StoreReading {
  columns: {
    field: string | null;
    text: string;
    unit: string | null;
  }[];
  fault: string | null;
  faulty: number;
  notices: string[];
  rows: {
    fields: PieceFields;
    known: boolean;
    line: number;
    problems: FieldProblem[];
    changes: FieldChange[];
    /**
     * of the piece as it was read
     */
    lock_version: number | null;
  }[];
  match: {
    columns?: string[];
    all?: {
      [k: string]: string;
    };
    days?: string;
    values?: {
      [k: string]: {
        [k: string]: string;
      };
    };
  };
  remembered: boolean;
}
export interface FieldProblem {
  expected: string;
  field: string;
  message: string;
  typed: string;
}
export interface CsvPart {
  done?: {
    commas: number;
    fault: string | null;
    faulty: number;
    rows: number;
  };
  head?: {
    columns: {
      field: string | null;
      text: string;
      unit: string | null;
    }[];
    notices: string[];
  };
  read?: number;
  rows?: CsvRow[];
  share?: number;
}
export interface CsvRow {
  /**
   * a row of a take-off, and which group it is of
   */
  cells: {
    name: string;
    shape: string;
    size: string;
    lies: string;
    material: string;
    quantity: string;
    x: string;
    y: string;
    z: string;
    to: string;
    basis: string;
    fluid: string;
    note: string;
    group: string;
  };
  line: number;
  mass: Figure | null;
  problems: {
    expected: string;
    field: string;
    message: string;
  }[];
}
export interface Takers {
  planned: Figure;
  cranes: Taker[];
}
export interface Taker {
  id: string;
  title: string;
  /**
   * did a second person read its chart?
   */
  checked: boolean;
  hangs: Figure | null;
  from_m: number | null;
  to_m: number | null;
  to: Figure | null;
  with: string | null;
  boom: Figure | null;
  /**
   * why no reach is told
   */
  why: string | null;
}
/**
 * one line of the search for ways out
 */
export interface WayPart {
  way: WayOut | null;
  far: {
    stage: "pairs" | "slow";
    done: number;
    of: number;
  } | null;
  told: {
    question: RungId[];
    tried: string[];
    misses: WayMiss[];
    pairs: number;
    left: number;
    cut: string | null;
  } | null;
}
export interface WayOut {
  id: string;
  words: Sentence;
  steps: WayStep[];
  minutes: number;
  changes: {
    [k: string]: unknown;
  };
  cures: boolean;
  verdict: Verdict;
  headline: Sentence;
  rungs: WayRung[];
}
/**
 * one thing to do; minutes: about how long until it is done
 */
export interface WayStep {
  id: string;
  act: "say" | "fit" | "move" | "fetch" | "wait" | "weigh" | "hire";
  minutes: number;
  words: Sentence;
}
export interface WayRung {
  id: RungId;
  verdict: Verdict;
  utilisation: Figure | null;
}
/**
 * what was tried and is not enough; left: the rung that is in its way, worse: made so by the change itself
 */
export interface WayMiss {
  id: string;
  changes: WayStep[];
  left: {
    rung: RungId;
    label: string;
    verdict: Verdict;
    utilisation: Figure | null;
    note: Sentence | null;
    worse: boolean;
  } | null;
}
export interface ChartPaper {
  blocks: PaperBlock[];
  tables: ChartPageTable[];
  lines: string[][];
  /**
   * as it was typed; otherwise in m and kg
   */
  printed: boolean;
  /**
   * what keeps it from being shown whole
   */
  faults: Fault[];
}
/**
 * a part of a chart that is read in one go; of: which of its tables, from and to: which rows of it
 */
export interface PaperBlock {
  id: string;
  title: string;
  rows: string[][];
  of: number | null;
  from: number | null;
  to: number | null;
  said: ReadBlock | null;
}
/**
 * who has read a block of a chart against the paper, and what it says otherwise
 */
export interface ReadBlock {
  by: string;
  at: string;
  differs: string | null;
}
export interface ChartDraftLine {
  id: number;
  title: string;
  family: string;
  saved_by: string;
  saved_at: string;
  lock_version: number;
}
export interface ChartDraft {
  id: number;
  title: string;
  family: string;
  saved_by: string;
  saved_at: string;
  lock_version: number;
  sheet: {};
}
export interface SiteLine {
  id: number;
  identifier: string;
  title: string;
  version: number;
  features: number;
  lock_version: number;
  changed_at: string;
}
export interface WholeSite {
  id: number;
  identifier: string;
  title: string;
  version: number;
  features: number;
  lock_version: number;
  changed_at: string;
  snapshot: {
    digest: string;
    data: Site;
  };
  plans: {
    id: number;
    title: string;
    lift_at: string | null;
    verdict: string | null;
  }[];
}
export interface SiteReading {
  /**
   * what the file says of the site itself
   */
  whole: {};
  boundary: number[][] | null;
  features: Feature[];
  faults: Fault[];
}
/**
 * one line of the search for the best place
 */
export interface PlacePart {
  refused: {
    tried: number;
    headline: Sentence;
  } | null;
  share: number;
  cell_m: number;
  places: PlaceFound[] | null;
  best: PlaceOffered[] | null;
  missing: {
    what: string;
    pointer: string | null;
  } | null;
}
/**
 * margin: share left, below nothing where something stops; null where the crane cannot stand
 */
export interface PlaceFound {
  at: number[];
  margin: number | null;
  governs: string;
}
export interface PlaceOffered {
  at: number[];
  words: Sentence;
  changes: {
    [k: string]: unknown;
  };
  verdict: Verdict;
  headline: Sentence;
}
export interface GearKinds {
  kinds: {
    name: string;
    words: string;
    sort: string;
    fields: string[];
    needs: string[];
  }[];
  fields: {
    name: string;
    label: string;
    group: "head" | "is" | "tag" | "new" | "store";
    example: string | null;
    choices: string[] | null;
  }[];
  states: string[];
}
export interface DuePieces {
  today: string;
  until: string;
  due: Piece[];
  due_count: number;
  never: Piece[];
  never_count: number;
}
export interface FittingPick {
  kind: string;
  tension: Figure;
  wanted: Figure | null;
  stop: string | null;
  choices: {
    number: string;
    kind: string;
    size: string;
    place: string;
    rating: Figure;
    mass: Figure | null;
    utilisation: Figure;
    due: string | null;
    changes: {
      [k: string]: unknown;
    };
  }[];
  rejected: {
    number: string;
    kind: string;
    size: string;
    place: string;
    reasons: string[];
  }[];
  rejected_count: number;
  in_store: number;
}
export interface RiggingList {
  lines: {
    what: string;
    number: string | null;
    count: number;
    due: string | null;
    place: string | null;
    to_do: string | null;
    verdict: "holds" | "stop" | "not_known";
    mass: Figure | null;
    all: Figure | null;
  }[];
  total: Figure;
  whole: boolean;
  to_do: number;
}
export interface TogetherShown {
  count: number;
  changing: number;
  faulty: number;
  seen: string;
  rows: {
    number: string;
    changes: FieldChange[];
    problems: FieldProblem[];
  }[];
}
export interface MatPick {
  choices: {
    numbers: string[];
    size: string;
    place: string;
    side: Figure;
    mass: Figure;
    rated: Figure | null;
    verdict: "holds" | "tight" | "stop" | "not_known";
    utilisation: Figure | null;
    changes: {
      [k: string]: unknown;
    };
  }[];
  rejected: {
    number: string;
    kind: string;
    size: string;
    place: string;
    reasons: string[];
  }[];
}
/**
 * the day of a plan's lift, as it stands by its events
 */
export interface LiftDay {
  title: string;
  state: "draft" | "checked" | "issued" | "lifting" | "closed" | "withdrawn";
  revision: string | null;
  why: string | null;
  at: string | null;
  number: number;
  headline: Sentence;
  names: string[];
  brief: {
    crew: {
      role: string;
      name: string;
    }[];
    route: Sentence[];
    stops: Sentence[];
    cautions: Sentence[];
    signals: HandSignal[];
  };
  phases: DayPhase[];
  open: string | null;
  signaller: string | null;
  stop: null | {
    words: string;
    name: string;
    by: string;
    at: string;
    number: number;
  };
  trial: null | Trial;
  rigged: null | AsRigged;
  turning: null | Turning;
  wind: {
    limit: null | Figure;
    said: null | {
      gust: string;
      name: string;
      by: string;
      at: string;
      number: number;
      over: boolean | null;
    };
  };
  closed: null | {
    lifted: "yes" | "no";
    why: string;
    name: string;
    by: string;
    at: string;
    number: number;
  };
  lines: DayLine[];
  points: (null | [number, number])[];
  size: null | [number, number];
  limits: {
    tilt: number;
    aim: number;
  };
  gear: string[];
  /**
   * tries of the revision that stands
   */
  tried: number;
  measures: null | ToMeasure;
}
export interface HandSignal {
  name: string;
  words: string;
  /**
   * @minItems 2
   * @maxItems 2
   */
  left: [number, number];
  /**
   * @minItems 2
   * @maxItems 2
   */
  right: [number, number];
  does: "circle" | "up" | "down" | "left" | "right" | "across" | "still";
  at: "left" | "right" | "both";
}
export interface DayPhase {
  id: string;
  label: string;
  by: string;
  items: {
    id: string;
    ask: string;
    said: null | DayAnswer;
  }[];
  heard: {
    role: string;
    name: string;
    said: null | DayAnswer;
  }[];
  held: null | DayAnswer;
  done: boolean;
  no: boolean;
  trial: boolean;
  measured: boolean;
}
export interface DayAnswer {
  answer: "yes" | "no";
  word: string;
  name: string;
  by: string;
  at: string;
  number: number;
  against: {
    answer: "yes" | "no";
    name: string;
    by: string;
    at: string;
    number: number;
  }[];
}
export interface Trial {
  names: string[];
  tries: TrialTry[];
  learnt: null | TrialLearnt;
  missing: string | null;
  advice: null | TrialAdvice;
  taken: null | {
    changes: {
      [k: string]: unknown;
    };
    verdict: Verdict;
    headline: Sentence;
  };
  at?: DaySaid[];
  read?: {
    [k: string]: unknown;
  }[];
}
export interface TrialTry {
  verdict: Verdict;
  worst: Sentence;
  findings: TrialFinding[];
  tilt: null | Figure;
  cells: (null | Figure)[];
}
export interface TrialFinding {
  id: "weight" | "leg" | "tilt" | "brakes" | "swing" | "rigged";
  leg: number | null;
  verdict: Verdict;
  words: Sentence;
  share: number | null;
}
export interface TrialLearnt {
  weight: null | ToldFigure;
  cg: (null | ToldPlace)[];
  cannot_tell: Sentence[];
  doubt: null | Sentence;
}
export interface ToldFigure {
  figure: Figure;
  error: Figure;
}
export interface ToldPlace {
  figure: Figure;
  error: Figure;
  off: Figure;
  outside: boolean;
}
export interface TrialAdvice {
  id: "look" | "weigh" | "nothing" | "links" | "other" | "points" | "share" | "down";
  words: Sentence;
  detail: null | Sentence;
  changes: {
    [k: string]: unknown;
  };
  lengths: null | (string | null)[];
  expected: null | {
    tilt: Figure;
    pulls: Figure[];
  };
}
/**
 * who said something on the day: by name, signed in as, when by the device, as which event
 */
export interface DaySaid {
  name: string;
  by: string;
  at: string;
  number: number;
}
export interface AsRigged {
  verdict: Verdict;
  beyond: Sentence[];
  changed: {
    id: string;
    label: string;
    planned: {
      verdict: Verdict;
      utilisation: null | Figure;
      note: null | Sentence;
    };
    measured: {
      verdict: Verdict;
      utilisation: null | Figure;
      note: null | Sentence;
    };
    worse: boolean;
  }[];
  missing?: string;
  said?: DaySaid;
  measured?: {
    [k: string]: unknown;
  };
  note: null | Sentence;
}
export interface Turning {
  points: {
    at: number;
    words: string;
    head: {
      planned: null | Figure;
      most: null | Figure;
    };
    tail: {
      planned: null | Figure;
      most: null | Figure;
    };
  }[];
  open: string[];
  carry: boolean;
  readings: {
    at: string | null;
    verdict: Verdict;
    findings: {
      id: "head" | "tail" | "both";
      verdict: Verdict;
      words: Sentence;
    }[];
    said: DaySaid;
  }[];
}
export interface DayLine {
  id: string;
  kind: string;
  about: {
    [k: string]: unknown;
  };
  why: string | null;
  got: string;
  name: string;
  by: string;
  at: string;
  number: number;
  aside: string | null;
}
export interface ToMeasure {
  lengths: (null | Figure)[];
  spread: {
    label: string;
    planned: null | Figure;
  }[];
  uppers: {
    label: string;
    planned: null | Figure;
  }[];
  places: Figure[];
  holes: number[];
  bails: Figure[];
  bail: number | null;
  span: null | Figure;
}
export interface HooksRead {
  at: string | null;
  verdict: Verdict;
  findings: {
    id: "head" | "tail" | "both";
    verdict: Verdict;
    words: Sentence;
  }[];
}
export interface TrialInstruments {
  cells: CellsSaid;
  level: LevelSaid;
  indicator: Indication;
}
export interface TodayPage {
  on: string;
  lifts: TodayLift[];
  more: number;
}
export interface TodayLift {
  id: number;
  title: string;
  at: string;
  ends: string | null;
  state: "draft" | "checked" | "issued" | "lifting" | "closed" | "withdrawn";
  why: string | null;
  crane: string | null;
  phase: string | null;
  done: number;
  phases: number;
  no: boolean;
  stop: null | {
    words: string;
    name: string;
    at: string;
  };
  signaller: string | null;
  wind: {
    limit: null | Figure;
    gust: string | null;
    over: boolean | null;
  };
  waits_for: null | {
    id: number;
    title: string;
  };
}
/**
 * one line of what the ladder says over a range
 */
export interface WhatIfPart {
  inputs: WhatIfInput[] | null;
  limit: WhatIfLimit | null;
  look: {
    value: number;
    verdict: Verdict;
    rung: RungId | null;
  } | null;
  strip: WhatIfStrip | null;
  row: {
    value: number;
    shown: Figure;
    columns: number[];
    cells: [string | null, string | null][];
  } | null;
  cut: string | null;
  done: boolean;
  aside: string[] | null;
}
export interface WhatIfInput {
  id: string;
  label: string;
  kind: "mass" | "length" | "place" | "speed";
  now: Figure;
  pointer: string;
}
/**
 * how far one figure may go: the last value at which nothing stops, and what does at the next; of a plan that stops now, the first at which nothing does
 */
export interface WhatIfLimit {
  input: WhatIfInput;
  way: "up" | "down";
  stops_now: boolean;
  holds: Figure | null;
  past: Figure | null;
  rung: RungId | null;
  label: string | null;
  subject: string | null;
  verdict: Verdict | null;
  note: Sentence | null;
}
export interface WhatIfStrip {
  bands: WhatIfBand[];
  values: number[];
  curves: WhatIfCurve[];
  spacing: Figure;
  now: Figure;
  aside: string[];
}
export interface WhatIfBand {
  from_value: number;
  to_value: number;
  from: Figure;
  to: Figure;
  verdict: Verdict;
  rung: RungId | null;
  label: string | null;
  subject: string | null;
}
export interface WhatIfCurve {
  id: RungId;
  label: string;
  shares: (number | null)[];
  verdicts: (Verdict | null)[];
}
export interface TradeTables {
  rules: {
    id: string;
    title: string;
    version: number;
  };
  planning: string;
  tables: TradeTable[];
  by: string;
  on: string;
}
export interface TradeTable {
  id: string;
  title: string;
  why: string;
  heads: string[];
  rows: Sentence[][];
  note: string | null;
}
/**
 * one line of a search for lifts that hold
 */
export interface FindPart {
  lift: FindLift | null;
  far: {
    done: number;
    of: number;
    found: number;
    passed: number;
    fallen: number;
    minutes: number | null;
  } | null;
  few:
    | {
        id: string;
        why: Sentence;
        front: boolean;
      }[]
    | null;
  position: FindPosition | null;
  fallen:
    | {
        id: string;
        label: string;
        count: number;
      }[]
    | null;
  nearest: {
    words: Sentence;
    rung: string;
    label: string;
    utilisation: Figure;
  } | null;
  wider:
    | {
        words: string;
        count: number;
      }[]
    | null;
  anew: boolean;
  cut: string | null;
  done: boolean;
}
/**
 * a lift that holds on what is known
 */
export interface FindLift {
  id: string;
  kind: "bridle" | "spreader" | "baskets" | "beam" | "planned";
  machine: string | null;
  words: Sentence;
  needs: WayStep[];
  minutes: number;
  margin: {
    kg: number;
    figure: Figure;
    ends: {
      rung: string;
      label: string;
    } | null;
  };
  verdict: Verdict;
  headline: Sentence;
  governs: {
    rung: RungId;
    label: string;
    subject: string | null;
    verdict: Verdict;
    utilisation: Figure | null;
  } | null;
  unknown: string[];
  rungs: {
    id: RungId;
    label: string;
    flight: FlightId;
    verdict: Verdict;
    utilisation: Figure | null;
  }[];
  changes: {
    [k: string]: unknown;
  };
  views: {
    drawing: Drawing | null;
    crane: CraneView | null;
  };
  weight: WhatIfInput | null;
}
export interface FindPosition {
  mark: string;
  at: number;
  kept: FindKept[];
}
export interface FindKept {
  id: string;
  minutes: number;
  kg: number;
  hold: string;
  machine: string | null;
}
export interface DrillAsked {
  drill: Drill;
  course: DrillCourse;
}
export interface Drill {
  kind: DrillKind;
  topic: string;
  seed: number;
  words: Sentence;
  answered_by: "choice" | "order" | "tries";
  choices: DrillChoice[];
  views: {
    drawing?: Drawing | null;
    chart?: {
      [k: string]: unknown;
    };
    facts?: Sentence[];
    first?: DrillTry;
    /**
     * of levelling: links either way of each leg, and tries
     */
    most?: {
      links: number;
      tries: number;
    };
  };
}
export interface DrillChoice {
  id: string;
  words: Sentence;
}
/**
 * how the simulated load hangs at one try
 */
export interface DrillTry {
  links: number[];
  deg: Figure;
  low: number | null;
  tensions: Figure[];
  level: boolean;
}
export interface DrillAnswered {
  judged: DrillJudged;
  course: DrillCourse;
}
export interface DrillJudged {
  right: boolean;
  answer: unknown;
  said: Sentence;
  working: Sentence[];
}
export interface CrewSet {
  questions: CrewQuestion[];
  judged: DrillJudged | null;
}
export interface CrewQuestion {
  id: string;
  words: Sentence;
  choices: DrillChoice[];
}
/**
 * by rung
 */
export interface RungHelp {
  [k: string]: {
    asks: string;
    from: string;
    measure: string;
  };
}
/**
 * of what others made that ships with the application
 */
export interface Licence {
  name: string;
  version: string;
  licence: string;
  of: "server" | "page";
}
