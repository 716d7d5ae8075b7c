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
import { api, type Vocabulary } from '../../api/client'
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
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['standard_parts'] }),
  })
  const make = async () => {
    const group = { title: title.trim(), parts: chosen.map((index) => parts[index]!) }
    if (keep) {
      try {
        await keeping.mutateAsync(group)
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
          onChange={(event) => setTitle(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          onKeyDown={(event) => event.key === 'Enter' && !wrong && void make()}
        />
        <FormControlLabel
          control={<Checkbox checked={keep} onChange={(event) => setKeep(event.target.checked)} />}
          label="Keep it for other plans too"
        />
        {keeping.isError && <div role="alert">It could not be kept: {keeping.error.message}</div>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={wrong !== null || keeping.isPending}
          onClick={() => void make()}
        >
          Make the group
        </Button>
      </DialogActions>
    </Dialog>
  )
}
