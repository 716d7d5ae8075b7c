import Button from '@mui/material/Button'
import { useState } from 'react'
import { api, refusal, type PieceSheet } from '../../../api/client'
import { useMay } from '../../../ui/who'
import type { Looking } from './useInspection'

// One button under the looks: it says what will become of the piece.
export function KeepLook({
  sheet,
  looking,
  next,
  done,
}: {
  sheet: PieceSheet
  looking: Looking
  next: () => void
  done: () => void
}) {
  const may = useMay()('keeper', 'rigger')
  const [fault, setFault] = useState('')
  const [saving, setSaving] = useState(false)
  const { inspection, pending, begun, findings, failed } = looking
  const { number } = sheet.now.fields
  const out = inspection.result === 'out'
  const keep = async () => {
    setSaving(true)
    try {
      await api.keepLook(sheet.now.id, findings, '')
      looking.clear()
      setFault('')
      done()
    } catch (error) {
      setFault(refusal(error, 'no answer: what was found stays here'))
    }
    setSaving(false)
  }
  const words = out
    ? `Take ${number} out`
    : inspection.result === 'stays'
      ? `${number} stays: keep the look`
      : 'Keep what was looked at'
  return (
    <div className="keep-look">
      {(fault || failed) && (
        <div role="alert" style={{ color: 'var(--stop)' }}>
          {fault || 'No answer from the rules: nothing is judged until there is one.'}
        </div>
      )}
      {out && begun && (
        <span className="small">
          {`Taking it out tells whoever plans ${
            sheet.plans.length === 0
              ? 'with it: nobody now'
              : sheet.plans
                  .slice(0, 3)
                  .map(({ title }) => title)
                  .join(', ')
          }.`}
        </span>
      )}
      <div className="keep-buttons">
        <Button
          variant="contained"
          disabled={!may || !begun || pending || saving || inspection.problems.length > 0}
          onClick={() => void keep()}
        >
          {words}
        </Button>
        <Button variant="outlined" onClick={next}>
          Next look
        </Button>
        {begun && (
          <Button variant="outlined" onClick={looking.clear}>
            Begin again
          </Button>
        )}
      </div>
      {!may && <span className="small">A look is kept by a rigger or a keeper.</span>}
    </div>
  )
}
