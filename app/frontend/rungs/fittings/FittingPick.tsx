import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, refusal } from '../../api/client'
import type { Fitting } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'
import { useShown } from '../../ui/preferences'
import { CannotServe } from '../shared/CannotServe'

interface Props {
  editor: Editor
  leg: number
  place: number
  one: Fitting
  note: string
}

// Which pieces of the store serve as this fitting, best first; and which one it is, once one was taken.
export function FittingPick({ editor, leg, place, one, note }: Props) {
  const [open, setOpen] = useState(false)
  const at = `/rigging/legs/${leg}/fittings/${place}`
  return (
    <div className="fitting-pick">
      {one.piece && (
        <div className="fitting-piece">
          <span>
            <strong>{one.piece}</strong> of the store
          </span>
          <Button
            variant="outlined"
            onClick={() => editor.change({ [`${at}/piece`]: null }, `${note}: not of the store`)}
          >
            Not this one
          </Button>
        </div>
      )}
      <Button variant="outlined" fullWidth aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close the store' : 'From the store'}
      </Button>
      {open && (
        <Choices
          editor={editor}
          leg={leg}
          place={place}
          take={(changes, number) => {
            editor.change(changes, `${number} as ${note}`)
            setOpen(false)
          }}
        />
      )}
    </div>
  )
}

function Choices({
  editor,
  leg,
  place,
  take,
}: Pick<Props, 'editor' | 'leg' | 'place'> & {
  take: (changes: Record<string, unknown>, number: string) => void
}) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['fitting_pick', editor.id, editor.document, leg, place],
    queryFn: () => api.fittingPick(editor.document, leg, place),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  if (asked.isPending) return <div role="status">Looking through the store</div>
  if (asked.isError)
    return <div role="alert">{`It cannot be told: ${refusal(asked.error, 'no answer')}.`}</div>
  const { choices, rejected, rejected_count, wanted, stop, tension, in_store } = asked.data
  return (
    <div>
      <span className="small">
        {stop
          ? `Pulled so, none serves: ${stop}.`
          : `${shown(tension)} on it; a rating of ${shown(wanted)} or more as it is pulled.`}
      </span>
      {choices.map((choice) => (
        <div key={choice.number} className="fitting-choice" data-fitting-choice={choice.number}>
          <div>
            <strong>{choice.number}</strong>
            <span className="small">
              {[
                choice.size,
                shown(choice.rating),
                choice.mass ? shown(choice.mass) : 'mass not known',
                choice.due && `due ${choice.due}`,
                choice.place,
              ]
                .filter(Boolean)
                .join(', ')}
            </span>
          </div>
          <strong>{shown(choice.utilisation)}</strong>
          <Button variant="contained" onClick={() => take(choice.changes, choice.number)}>
            Take
          </Button>
        </div>
      ))}
      {choices.length === 0 && (
        <div role="status">
          {in_store === 0 ? 'The store has none of this kind: hire or buy.' : 'None of the store serves.'}
        </div>
      )}
      <CannotServe
        words={`${rejected_count} looked at that cannot serve, of ${in_store}`}
        pieces={rejected}
      />
    </div>
  )
}
