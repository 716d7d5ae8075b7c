import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { api, refusal } from '../../api/client'
import { Picture } from '../../ui/Picture'

// Photos and sketches of the load, kept with the plan.
export function SketchesDialog({ id, onClose }: { id: number; onClose: () => void }) {
  const queries = useQueryClient()
  const key = ['sketches', id]
  const sketches = useQuery({ queryKey: key, queryFn: () => api.sketches(id) })
  const input = useRef<HTMLInputElement>(null)
  const renew = () => queries.invalidateQueries({ queryKey: key })
  const adding = useMutation({ mutationFn: (file: File) => api.addSketch(id, file), onSuccess: renew })
  const removing = useMutation({
    mutationFn: (sketch: number) => api.removeSketch(id, sketch),
    onSuccess: renew,
  })
  const error = adding.error ?? removing.error ?? sketches.error
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md">
      <DialogTitle>Photos and sketches</DialogTitle>
      <DialogContent>
        {error && (
          <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>
            {refusal(error, error.message)}
          </Box>
        )}
        {sketches.isPending && <Box role="status">Reading</Box>}
        {sketches.data?.length === 0 && (
          <Box sx={{ py: 2 }}>
            None yet. JPEG, PNG, WebP or PDF, at most 12 MB each. They stay in this tool and do not go into
            the plan file.
          </Box>
        )}
        <Box
          component="ul"
          sx={{
            listStyle: 'none',
            m: 0,
            p: 0,
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fill, minmax(220px, 1fr))',
            gap: '14px',
          }}
        >
          {sketches.data?.map((sketch) => (
            <Box
              component="li"
              key={sketch.id}
              sx={{ border: '1.5px solid var(--ink)', p: '8px', minWidth: 0 }}
            >
              <a href={sketch.address} target="_blank" rel="noreferrer" style={{ color: 'inherit' }}>
                {sketch.kind === 'application/pdf' ? (
                  <Box sx={{ height: 140, display: 'grid', placeItems: 'center', bgcolor: 'var(--dust)' }}>
                    PDF
                  </Box>
                ) : (
                  <Picture
                    address={sketch.address}
                    name={sketch.name}
                    style={{ width: '100%', height: 140, objectFit: 'contain', background: 'var(--dust)' }}
                  />
                )}
                <Box sx={{ fontFamily: 'var(--figures)', typography: 'plain', overflowWrap: 'anywhere' }}>
                  {sketch.name}
                </Box>
              </a>
              <Button
                size="small"
                onClick={() => removing.mutate(sketch.id)}
                aria-label={`Take ${sketch.name} out`}
              >
                Take out
              </Button>
            </Box>
          ))}
        </Box>
        <input
          ref={input}
          type="file"
          hidden
          accept="image/jpeg,image/png,image/webp,application/pdf"
          aria-label="Photo or sketch"
          data-sketch-file
          onChange={(event) => {
            const file = event.target.files?.[0]
            event.target.value = ''
            if (file) adding.mutate(file)
          }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        <Button variant="contained" disabled={adding.isPending} onClick={() => input.current?.click()}>
          {adding.isPending ? 'Adding' : 'Add one'}
        </Button>
      </DialogActions>
    </Dialog>
  )
}
