import Autocomplete from '@mui/material/Autocomplete'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../../api/client'

type Past = { id: number; title: string; lift_at: string | null; pattern: boolean }

// A new plan: blank, or after a past lift, of which every word is asked again.
export function NewLift({ onClose }: { onClose: () => void }) {
  const [title, setTitle] = useState('')
  const [past, setPast] = useState<Past | null>(null)
  const navigate = useNavigate()
  const start = useMutation({
    mutationFn: () => api.start(title.trim(), past?.id ?? null),
    onSuccess: (plan) => navigate(`/plans/${plan.id}`),
  })
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (title.trim()) start.mutate()
        }}
      >
        <DialogTitle>New lift</DialogTitle>
        <DialogContent>
          <TextField
            variant="filled"
            fullWidth
            autoFocus
            label="What is lifted, and where to"
            value={title}
            onChange={(event) => setTitle(event.target.value)}
            error={start.isError}
            helperText={start.isError ? `not started: ${start.error.message}` : ' '}
            slotProps={{ htmlInput: { maxLength: 200 } }}
          />
          <PastLift past={past} take={setPast} />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Leave</Button>
          <Button type="submit" variant="contained" disabled={!title.trim() || start.isPending}>
            Start
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  )
}

// The plan of a past lift, found by its words.
function PastLift({ past, take }: { past: Past | null; take: (past: Past | null) => void }) {
  const [words, setWords] = useState('')
  const found = useQuery({
    queryKey: ['past_lifts', words],
    queryFn: () => api.board(new URLSearchParams({ words, archived: 'any' })),
    placeholderData: keepPreviousData,
  })
  const patterns = useQuery({
    queryKey: ['patterns', words],
    queryFn: () => api.board(new URLSearchParams({ words, archived: 'any', pattern: 'yes' })),
    placeholderData: keepPreviousData,
  })
  const first: Past[] = patterns.data?.lines ?? []
  const lines: Past[] = [...first, ...(found.data?.lines ?? []).filter(({ pattern }) => !pattern)]
  return (
    <Autocomplete<Past>
      options={lines}
      value={past}
      onChange={(_, value) => take(value)}
      inputValue={words}
      onInputChange={(_, value) => setWords(value)}
      filterOptions={(all) => all}
      groupBy={(one) => (one.pattern ? 'Patterns' : 'Past lifts')}
      getOptionLabel={(one) => one.title}
      getOptionKey={(one) => one.id}
      isOptionEqualToValue={(one, other) => one.id === other.id}
      loading={found.isFetching}
      noOptionsText={found.isError ? `not found: ${found.error.message}` : 'no plan has these words'}
      renderInput={(params) => (
        <TextField
          {...params}
          variant="filled"
          label="After a pattern or a past lift, or leave it blank"
          helperText={
            past ? 'Sizes, places and slings stay. Every word, the chart and the day are asked again.' : ' '
          }
        />
      )}
    />
  )
}
