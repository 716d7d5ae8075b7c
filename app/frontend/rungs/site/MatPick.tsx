import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal } from '../../api/client'
import { COLOUR, WORD } from '../../ladder/verdict'
import type { Editor } from '../../plan/usePlanEditor'
import { useShown } from '../../ui/preferences'
import { CannotServe } from '../shared/CannotServe'

// Mats of the store under the pads, with the word of the pads' rung on each.
export function MatPick({ editor }: { editor: Editor }) {
  const [open, setOpen] = useState(false)
  return (
    <div className="fitting-pick">
      <Button variant="outlined" fullWidth aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close the store' : 'Mats from the store'}
      </Button>
      {open && <Choices editor={editor} close={() => setOpen(false)} />}
    </div>
  )
}

function Choices({ editor, close }: { editor: Editor; close: () => void }) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['mat_pick', editor.id, editor.document],
    queryFn: () => api.matPick(editor.document),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  if (asked.isPending) return <div role="status">Looking through the store</div>
  if (asked.isError)
    return <div role="alert">{`It cannot be told: ${refusal(asked.error, 'no answer')}.`}</div>
  const { choices, rejected } = asked.data
  return (
    <div>
      {choices.map((choice) => (
        <div key={choice.numbers[0]} className="fitting-choice" data-mats={choice.numbers.join(' ')}>
          <div>
            <strong>{choice.numbers.join(', ')}</strong>
            <span className="small">
              {[
                choice.size,
                `${shown(choice.side)} a side`,
                `${shown(choice.mass)} each`,
                choice.rated ? `bears ${shown(choice.rated)}` : 'what it bears is not known',
                choice.place,
              ]
                .filter(Boolean)
                .join(', ')}
            </span>
          </div>
          <strong style={{ color: COLOUR[choice.verdict] }}>
            {`${WORD[choice.verdict]} ${shown(choice.utilisation)}`}
          </strong>
          <Button
            variant="contained"
            onClick={() => {
              editor.change(choice.changes, `mats ${choice.numbers.join(', ')}`)
              close()
            }}
          >
            Take
          </Button>
        </div>
      ))}
      {choices.length === 0 && <div role="status">The store has no four mats alike that may be used.</div>}
      <CannotServe words={`${rejected.length} that cannot serve`} pieces={rejected} />
    </div>
  )
}
