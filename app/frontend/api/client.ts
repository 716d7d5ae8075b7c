import type {
  ActName,
  BoardPage,
  ChartDraft,
  ChartDraftLine,
  ChartLine,
  ChartPaper,
  ChartPart,
  ComparisonRow,
  CsvPart,
  Diagram,
  DaysPage,
  Indicated,
  Indication,
  KeptGroup,
  KeptRevision,
  KeptRules,
  LevelAdvice,
  Licence,
  Parts,
  PlacePart,
  PlanChanges,
  PlanLife,
  ProposalsAnswer,
  QuestionLine,
  QuickAnswer,
  ReachAnswer,
  RevisionLine,
  RuleChanges,
  RungHelp,
  Saved,
  SchoolsAnswer,
  Selection,
  SiteLine,
  SiteReading,
  Sketch,
  Takers,
  Vocabulary,
  WaitsPage,
  Whole,
  WholeChart,
  WholeGroup,
  WholeSite,
  WindReading,
} from './answers.generated'
import type { Ladder, RungId } from './ladder.generated'
import type { Chart, Group, Plan, Site } from './plan.generated'
import { peopleApi, rulesApi } from './people'
import { storeApi } from './store'
import type { TradeTables } from './answers.generated'
import { ask, follow, followed, send, upload } from './wire'

export type { Written } from './people'
export type { ColumnMatch, Examined, Finding, Findings, PiecesAsked } from './store'

export type * from './answers.generated'
export { faultWords, refusal, Refused } from './wire'

// Of a chart: what hangs in the hook, at which radius, with which boom and parts; empty where not asked.
export interface ReachAsked {
  weight: string
  radius: string
  loaded: boolean
  boom: string
  parts: string
}

type CheckedDocument = { document: Plan } | { base: string; changes: Record<string, unknown>; gone: string[] }
export type CheckAsked = CheckedDocument & {
  take_off: { of: number | null; row: number | null } | null
  hasty: boolean
  // Rungs whose working is wanted; of all, when it is null.
  open: RungId[] | null
  // The one system of units that is read.
  units: 'metric' | 'us'
  // The plan that it is of.
  plan: number
}

// What somebody does with a plan, as they saw it.
export interface Done {
  act: ActName
  about: Record<string, string>
  words: string
  seen: PlanLife['seen']
  password: string
}

export const api = {
  ...peopleApi,
  ...rulesApi,
  ...storeApi,
  board: (asked: URLSearchParams) => ask<BoardPage>(`/board?${asked}`),
  // from: the first day shown; the next with a lift when it is empty.
  days: (from: string) => ask<DaysPage>(from ? `/days?from=${from}` : '/days'),
  // of: whose; one's own when nobody is named.
  waits: (of: number | null) => ask<WaitsPage>(of === null ? '/waits' : `/waits?person=${of}`),
  questions: (id: number) => ask<QuestionLine[]>(`/plans/${id}/questions`),
  askQuestion: (id: number, rung: RungId, words: string, asked: string) =>
    send<QuestionLine>('POST', `/plans/${id}/questions`, { rung, words, asked }),
  answerQuestion: (id: number, question: number, answer: string, lock_version: number) =>
    send<QuestionLine>('PATCH', `/plans/${id}/questions/${question}`, { answer, lock_version }),
  plan: (id: string) => ask<Whole>(`/plans/${id}`),
  // after: the plan of a past lift that it starts from.
  start: (title: string, after: number | null = null) =>
    send<Whole>('POST', '/plans', after === null ? { title } : { title, after }),
  importFile: (file: File) => upload<Whole>('/plans', file),
  save: (id: number, document: Plan, lock_version: number, note: string) =>
    send<Saved>('PATCH', `/plans/${id}`, { document, lock_version, note }),
  // asked: a document, or changes of one that was sent before; and what is wanted of its ladder.
  check: (asked: CheckAsked) => send<Ladder>('POST', '/checks', asked),
  life: (id: number) => ask<PlanLife>(`/plans/${id}/life`),
  act: (id: number, done: Done) => send<PlanLife>('POST', `/plans/${id}/life`, done),
  proposals: (document: Plan) => send<ProposalsAnswer>('POST', '/proposals', { document }),
  selection: (document: Plan, upper: boolean) => send<Selection>('POST', '/selections', { document, upper }),
  levelAdvice: (document: Plan) => send<LevelAdvice>('POST', '/level_advices', { document }),
  schools: (document: Plan) => send<SchoolsAnswer>('POST', '/schools', { document }),
  ruleChanges: (document: Plan) => send<RuleChanges>('POST', '/rule_changes', { document }),
  quickCheck: (given: Record<string, string>) => send<QuickAnswer>('POST', '/quick_checks', given),
  revisions: (id: number) => ask<RevisionLine[]>(`/plans/${id}/revisions`),
  nameRevision: (id: number, number: number, name: string) =>
    send<RevisionLine>('PATCH', `/plans/${id}/revisions/${number}`, { name }),
  setPattern: (id: number, pattern: boolean) =>
    send<{ id: number; pattern: boolean }>('PATCH', `/plans/${id}/pattern`, { pattern }),
  changes: (id: number, from: number, to: number) =>
    ask<PlanChanges>(`/plans/${id}/changes?from=${from}&to=${to}`),
  revision: (id: number, number: number) => ask<KeptRevision>(`/plans/${id}/revisions/${number}`),
  charts: () => ask<ChartLine[]>('/charts'),
  chart: (id: number) => ask<WholeChart>(`/charts/${id}`),
  // answers: chart by chart, what was said of its warnings; why: they take the place of others.
  // printed: their pages in CSV, where they came so; draft, lock_version: what the one chart was typed as.
  enterCharts: (entered: {
    charts: (Chart | null)[]
    printed: (string | null)[]
    answers: Record<string, string>[]
    entered_by: string
    why: string
    draft?: number
    lock_version?: number
  }) => send<ChartLine[]>('POST', '/charts', entered),
  chartPaper: (id: number) => ask<ChartPaper>(`/charts/${id}/paper`),
  // read: false takes it back; differs: what the paper says.
  readBlock: (id: number, asked: { block: string; by: string; read: boolean; differs: string }) =>
    send<ChartPaper>('PATCH', `/charts/${id}/paper`, asked),
  chartDrafts: () => ask<ChartDraftLine[]>('/chart_drafts'),
  chartDraft: (id: number) => ask<ChartDraft>(`/chart_drafts/${id}`),
  // of: the chart that is mended.
  beginDraft: (sheet: object, saved_by: string, of?: number) =>
    send<ChartDraft>('POST', '/chart_drafts', { sheet, saved_by, of }),
  saveDraft: (id: number, sheet: object, saved_by: string, lock_version: number) =>
    send<ChartDraft>('PATCH', `/chart_drafts/${id}`, { sheet, saved_by, lock_version }),
  discardDraft: (id: number, lock_version: number) =>
    send<null>('DELETE', `/chart_drafts/${id}`, { lock_version }),
  blankAddress: (family: string, us: boolean) => `/api/chart_blanks/${family}?units=${us ? 'us' : 'metric'}`,
  // at: "/charts/3" or "/chart_drafts/5", whose pictures they are.
  pictures: (at: string) => ask<Sketch[]>(`${at}/pictures`),
  addPicture: (at: string, file: File) => upload<Sketch>(`${at}/pictures`, file),
  removePicture: (at: string, picture: number) =>
    ask<null>(`${at}/pictures/${picture}`, { method: 'DELETE' }),
  withdrawChart: (id: number, withdrawn_by: string, why: string) =>
    send<WholeChart>('POST', `/charts/${id}/withdrawal`, { withdrawn_by, why }),
  checkChart: (id: number, checked_by: string) => send<WholeChart>('PATCH', `/charts/${id}`, { checked_by }),
  chartAddress: (id: number) => `/api/charts/${id}/file`,
  reach: (id: number, asked: ReachAsked) =>
    ask<ReachAnswer>(
      `/charts/${id}/reach?${new URLSearchParams({ ...asked, loaded: String(asked.loaded) }).toString()}`,
    ),
  readCharts: (files: File[], take: (part: ChartPart) => void, signal: AbortSignal) => {
    const form = new FormData()
    files.forEach((file) => form.append('files[]', file))
    return follow('/chart_readings', { method: 'POST', body: form, signal }, take)
  },
  takers: (plannedKg: number) => ask<Takers>(`/takers?planned_kg=${plannedKg}`),
  diagram: (data: Chart) => send<Diagram>('POST', '/range_diagrams', { data }),
  comparison: (document: Plan) => send<ComparisonRow[]>('POST', '/comparisons', { document }),
  indicator: (signal?: AbortSignal) => ask<Indication>('/indicator', { signal: signal ?? null }),
  tellIndicator: (words: Record<string, unknown>) => send<Indication>('PATCH', '/indicator', words),
  anemometer: (signal?: AbortSignal) => ask<WindReading>('/anemometer', { signal: signal ?? null }),
  tradeTables: (rules: string) => ask<TradeTables>(`/rule_sets/${encodeURIComponent(rules)}/tables`),
  ruleSets: () => ask<KeptRules[]>('/rule_sets'),
  vocabulary: () => ask<Vocabulary>('/shapes'),
  licences: () => ask<Licence[]>('/licences'),
  rungHelp: () => ask<RungHelp>('/rung_help'),
  standardParts: (query: string) => ask<Parts>(`/standard_parts?q=${encodeURIComponent(query)}`),
  // Hands on each line of the search as it is found.
  bestPlaces: (document: Plan, take: (part: PlacePart) => void, signal: AbortSignal) =>
    followed<PlacePart>('/best_places', { document }, take, signal),
  sites: () => ask<SiteLine[]>('/sites'),
  site: (id: number) => ask<WholeSite>(`/sites/${id}`),
  enterSite: (data: Site) => send<WholeSite>('POST', '/sites', { data }),
  readSite: (file: File) => upload<SiteReading>('/site_readings', file),
  changeSite: (id: number, data: Site, lock_version: number) =>
    send<WholeSite>('PATCH', `/sites/${id}`, { data, lock_version }),
  keptGroup: (id: number) => ask<WholeGroup>(`/kept_groups/${id}`),
  // lock_version: of the group that it replaces, as it was seen.
  keepGroup: ({ group, lock_version }: { group: Group; lock_version?: number }) =>
    send<KeptGroup>('POST', '/kept_groups', { title: group.title, data: group, lock_version }),
  readCsv: (
    file: File,
    { decimalComma, groups }: { decimalComma: boolean; groups: string[] },
    take: (part: CsvPart) => void,
    signal: AbortSignal,
  ) => {
    const form = new FormData()
    form.append('file', file)
    form.append('decimal_comma', String(decimalComma))
    groups.forEach((title) => form.append('groups[]', title))
    return follow('/take_off_readings', { method: 'POST', body: form, signal }, take)
  },
  indicated: (document: Plan, asked: { reading: string; shows: string; at: string }) =>
    send<Indicated>('POST', '/indicated_weights', { document, ...asked }),
  sketches: (id: number) => ask<Sketch[]>(`/plans/${id}/sketches`),
  addSketch: (id: number, file: File) => upload<Sketch>(`/plans/${id}/sketches`, file),
  removeSketch: (id: number, sketch: number) =>
    ask<null>(`/plans/${id}/sketches/${sketch}`, { method: 'DELETE' }),
  takeOffAddress: (id: number) => `/api/plans/${id}/take_off_file`,
  fileAddress: (id: number) => `/api/plans/${id}/file`,
}
