import type {
  DuePieces,
  FittingPick,
  GearKinds,
  Inspection,
  MatPick,
  Piece,
  PieceFields,
  PiecePage,
  PieceRecord,
  PieceSheet,
  RiggingList,
  Sketch,
  StoreReading,
  TogetherShown,
} from './answers.generated'
import type { Plan } from './plan.generated'
import { ask, send, upload } from './wire'

// What is asked of the store: words, kind, state, sort, the day, a page; numbers are listed whatever else is
// asked.
export type PiecesAsked = Partial<
  Record<'words' | 'kind' | 'state' | 'sort' | 'on' | 'page' | 'limit' | 'numbers', string>
>

// What was found at a look: seen as fine, bad or in doubt, or measured, as it was typed.
export interface Finding {
  seen?: string
  measured?: string
  words?: string
}
export type Findings = Record<string, Finding>

// A thorough examination or a retest, as it is written down.
export interface Examined {
  sort: string
  day: string
  by: string
  result: string
  words: string
  remedy: string
  due: string
}

const asked = (what: PiecesAsked) =>
  new URLSearchParams(Object.entries(what).filter(([, value]) => value !== '')).toString()

// What the columns and words of somebody else's list mean here.
export type ColumnMatch = StoreReading['match']

// The same fields of all pieces that a list is narrowed to.
interface Together {
  asked: PiecesAsked
  fields: PieceFields
}

type Kept = { look: PieceRecord; piece: Piece }

export const storeApi = {
  pieces: (what: PiecesAsked = {}) => ask<PiecePage>(`/pieces?${asked(what)}`),
  gearKinds: () => ask<GearKinds>('/gear_kinds'),
  duePieces: (within: string) => ask<DuePieces>(`/due_pieces?within=${within}`),
  pieceOfCode: (code: string) => ask<Piece>(`/piece_codes/${encodeURIComponent(code)}`),
  addPiece: (fields: PieceFields) => send<Piece>('POST', '/pieces', { fields }),
  // Several like pieces at once; numbers: such as "S-31 to S-40".
  addPieces: (fields: PieceFields, numbers: string) => send<Piece[]>('POST', '/pieces', { fields, numbers }),
  piece: (id: number) => ask<PieceSheet>(`/pieces/${id}`),
  // lock_version: of the piece as it was when the change began.
  changePiece: (id: number, fields: PieceFields, lock_version: number) =>
    send<Piece>('PATCH', `/pieces/${id}`, { fields, lock_version }),
  // match: what the columns of these headings meant, to be remembered.
  takePieces: (taken: {
    rows: { fields: PieceFields; lock_version: number | null }[]
    file: string
    headings: string[]
    match: ColumnMatch
  }) => send<Piece[]>('POST', '/pieces', taken),
  // match: what its columns mean; null where nothing was said yet.
  readStore: (file: File, match: ColumnMatch | null) =>
    upload<StoreReading>('/store_readings', file, match ? { match: JSON.stringify(match) } : {}),
  storeAddress: '/api/store_file',
  // A paper of what a list is narrowed to, or of some pieces.
  paperAddress: (name: 'labels' | 'card' | 'register' | 'records', what: Record<string, string>) =>
    `/api/papers/${name}?${asked(what)}`,
  // What the rules make of findings while they are typed; nothing is kept.
  tryLook: (id: number, findings: Findings) => send<Inspection>('POST', `/pieces/${id}/tries`, { findings }),
  keepLook: (id: number, findings: Findings, words: string) =>
    send<Kept>('POST', `/pieces/${id}/looks`, { sort: 'before_use', findings, words }),
  keepExamination: (id: number, examined: Examined) => send<Kept>('POST', `/pieces/${id}/looks`, examined),
  // plan: the lift that it goes out for, or null.
  actOnPiece: (
    id: number,
    done: {
      act: string
      with: string
      why: string
      place: string
      lock_version: number
      plan: number | null
    },
  ) => send<Piece>('POST', `/pieces/${id}/acts`, done),
  showTogether: (what: Together) => send<TogetherShown>('POST', '/piece_changes', what),
  // seen: the mark of what was shown.
  changeTogether: (what: Together & { seen: string }) =>
    send<{ kept: number }>('POST', '/piece_changes', what),
  // What of the store serves as one fitting of a leg.
  fittingPick: (document: Plan, leg: number, fitting: number) =>
    send<FittingPick>('POST', '/fitting_picks', { document, leg, fitting }),
  matPick: (document: Plan) => send<MatPick>('POST', '/mat_picks', { document }),
  riggingList: (document: Plan) => send<RiggingList>('POST', '/rigging_lists', { document }),
  pieceFiles: (id: number) => ask<Sketch[]>(`/pieces/${id}/files`),
  addPieceFile: (id: number, file: File) => upload<Sketch>(`/pieces/${id}/files`, file),
}
