import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import FormControlLabel from '@mui/material/FormControlLabel'
import TextField from '@mui/material/TextField'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused, type KeptGroup, type Vocabulary } from '../../api/client'
import type { Plan } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'
import { under } from './rows'

// Puts rows together under one title, with one row in their place; and keeps the group for other plans.
export function GroupDialog({
  plan,
  chosen,
  change,
  onClose,
}: {
  plan: Plan
  chosen: number[]
  change: Editor['change']
  onClose: () => void
}) {
  const [title, setTitle] = useState('')
  const [keep, setKeep] = useState(true)
  // The kept group of this title that somebody was told of, and asked about.
  const [replaced, setReplaced] = useState<KeptGroup | null>(null)
  const queries = useQueryClient()
  const { parts = [], groups = [] } = plan.load.take_off ?? {}
  const words =
    queries
      .getQueryData<Vocabulary>(['shapes'])
      ?.shapes.flatMap((shape) => [shape.id, shape.title.toLowerCase(), ...shape.words]) ?? []
  const name = title.trim().toLowerCase()
  const wrong =
    name === ''
      ? 'a group needs a title'
      : words.includes(name)
        ? 'this is the name of a shape'
        : groups.some((group) => group.title.toLowerCase() === name)
          ? 'there is a group of this title'
          : chosen.some((index) =>
                groups.some(
                  (group) => group.title.toLowerCase() === parts[index]?.shape.trim().toLowerCase(),
                ),
              )
            ? 'a group cannot stand in a group'
            : null
  const keeping = useMutation({
    mutationFn: api.keepGroup,
    onError: (error) =>
      error instanceof Refused && error.status === 409 && setReplaced(error.now as KeptGroup),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['standard_parts'] }),
  })
  const make = async () => {
    const group = { title: title.trim(), parts: chosen.map((index) => parts[index]!) }
    if (keep) {
      try {
        await keeping.mutateAsync({ group, lock_version: replaced?.lock_version })
      } catch {
        return
      }
    }
    const left = parts.filter((_, index) => !chosen.includes(index))
    const row = under(undefined, { name: group.title, shape: group.title, x: '0 m', y: '0 m', z: '0 m' })
    change(
      {
        '/load/take_off': {
          ...plan.load.take_off!,
          parts: [...left.slice(0, chosen[0]), row, ...left.slice(chosen[0])],
          groups: [...groups, group],
        },
      },
      `${group.title} made a group`,
    )
    onClose()
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>
        {chosen.length} {chosen.length === 1 ? 'row' : 'rows'} as one group
      </DialogTitle>
      <DialogContent>
        <TextField
          variant="filled"
          fullWidth
          autoFocus
          label="Title"
          value={title}
          error={wrong !== null && title !== ''}
          helperText={
            (title !== '' && wrong) ||
            'such as Equipment rack; its rows keep their places, the group starts at 0, 0, 0'
          }
          onChange={(event) => {
            setTitle(event.target.value)
            setReplaced(null)
            keeping.reset()
          }}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          onKeyDown={(event) => event.key === 'Enter' && !wrong && void make()}
        />
        <FormControlLabel
          control={<Checkbox checked={keep} onChange={(event) => setKeep(event.target.checked)} />}
          label="Keep it for other plans too"
        />
        {replaced && (
          <div role="alert">
            {`A group “${replaced.title}” is kept for other plans already, rows: ${replaced.rows}. ` +
              'Take another title, keep this one to the plan alone, or replace it.'}
          </div>
        )}
        {keeping.isError && !replaced && (
          <div role="alert">It could not be kept: {keeping.error.message}</div>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={wrong !== null || keeping.isPending}
          onClick={() => void make()}
        >
          {replaced && keep ? 'Replace the kept one' : 'Make the group'}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
