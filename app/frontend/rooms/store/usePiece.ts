import { useState } from 'react'
import { api, Refused, type Fault, type Piece, type PieceFields } from '../../api/client'

const NEW: PieceFields = { number: '', kind: 'polyester_round', legs: '1', legible: 'yes', state: 'ready' }
const NO_ANSWER: Fault[] = [{ pointer: '', message: 'it could not be kept', expected: 'an answer' }]

// What somebody else wrote meanwhile, field by field; yours only where you changed the same one.
export interface Overtaken {
  field: string
  before: string
  theirs: string
  yours: string | null
}

// Their fields, with mine where only I changed one; and what is to be looked at.
export function putTogether(before: PieceFields, mine: PieceFields, theirs: PieceFields) {
  // An empty field is left out of what is kept.
  const names = [...new Set([...Object.keys(theirs), ...Object.keys(before)])].filter(
    (name) => (theirs[name] ?? '') !== (before[name] ?? ''),
  )
  const overtaken = names.map((field): Overtaken => {
    const changed =
      (mine[field] ?? '') !== (before[field] ?? '') && (mine[field] ?? '') !== (theirs[field] ?? '')
    return {
      field,
      before: before[field] ?? '',
      theirs: theirs[field] ?? '',
      yours: changed ? (mine[field] ?? '') : null,
    }
  })
  return {
    fields: { ...mine, ...Object.fromEntries(names.map((name) => [name, theirs[name] ?? ''])) },
    overtaken,
  }
}

// The form of one piece. What cannot be read is told at its field, and what was typed stays; where somebody
// was faster, both are put together and nothing is kept before it was looked at.
export function usePiece(piece: Piece | null, onDone: () => void) {
  const [from, setFrom] = useState(piece)
  const [fields, setFields] = useState<PieceFields>(piece?.fields ?? NEW)
  const [faults, setFaults] = useState<Fault[]>([])
  const [overtaken, setOvertaken] = useState<Overtaken[]>([])
  const [saving, setSaving] = useState(false)
  // Numbers of several like pieces stand in the one field.
  const [several, setSeveral] = useState(false)
  const set = (name: string) => (value: string) => setFields((now) => ({ ...now, [name]: value }))
  const save = async () => {
    setSaving(true)
    try {
      await (from
        ? api.changePiece(from.id, fields, from.lock_version)
        : several
          ? api.addPieces(fields, fields.number ?? '')
          : api.addPiece(fields))
      onDone()
    } catch (error) {
      const refused = error instanceof Refused ? error : null
      if (refused?.status === 409 && from && refused.now) {
        const now = refused.now as Piece
        const both = putTogether(from.fields, fields, now.fields)
        setFrom(now)
        setFields(both.fields)
        setOvertaken(both.overtaken)
        setFaults([])
      } else {
        setFaults(refused?.faults ?? NO_ANSWER)
      }
      setSaving(false)
    }
  }
  return { from, fields, several, setSeveral, set, faults, overtaken, saving, save }
}
