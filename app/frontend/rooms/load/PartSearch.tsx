import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { api, type KeptGroup, type StandardPart } from '../../api/client'

interface Props {
  onClose: () => void
  onPart: (part: StandardPart) => void
  onKept: ((kept: KeptGroup) => void) | null
}

// Plain shapes by dimension and, where they may stand, groups that were kept, found by words.
export function PartSearch({ onClose, onPart, onKept }: Props) {
  const [query, setQuery] = useState('')
  const asked = useDeferredValue(query.trim())
  const found = useQuery({
    queryKey: ['standard_parts', asked],
    queryFn: () => api.standardParts(asked),
    placeholderData: keepPreviousData,
  })
  const standard = found.data?.standard ?? []
  const kept = onKept ? (found.data?.kept ?? []) : []
  const first = () => {
    if (onKept && kept[0]) onKept(kept[0])
    else if (standard[0]) onPart(standard[0])
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Find a part</DialogTitle>
      <DialogContent sx={{ minHeight: 420 }}>
        <TextField
          variant="filled"
          fullWidth
          autoFocus
          label="Words and sizes"
          placeholder="angle 100x100"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && first()}
          helperText="plain shapes by their own dimensions; a maker's section goes in by its mass per length"
        />
        <Box
          component="ul"
          sx={{ listStyle: 'none', m: 0, p: 0, fontFamily: 'var(--figures)', typography: 'field' }}
          aria-label="Parts found"
        >
          {kept.map((group) => (
            <li key={`kept-${group.id}`}>
              <Button fullWidth sx={{ justifyContent: 'space-between' }} onClick={() => onKept?.(group)}>
                <span>{group.title}</span>
                <span>kept group, {group.rows} rows</span>
              </Button>
            </li>
          ))}
          {standard.map((part) => (
            <li key={part.title}>
              <Button
                fullWidth
                sx={{ justifyContent: 'space-between', fontWeight: 500, minHeight: 34 }}
                onClick={() => onPart(part)}
              >
                <span>{part.title}</span>
                <span>{part.size}</span>
              </Button>
            </li>
          ))}
        </Box>
        {found.isError && <Box role="alert">The parts could not be read: {found.error.message}</Box>}
        {found.data && standard.length + kept.length === 0 && (
          <Box sx={{ p: 1 }}>
            Nothing is called that. Write it as a shape and a size, or as a section by its mass per length.
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
      </DialogActions>
    </Dialog>
  )
}
