import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, type RevisionLine } from '../api/client'
import { when } from '../ui/when'
import { figures } from '../ui/theme/tokens'
import { NameRevision } from './NameRevision'
import type { Editor } from '../plan/usePlanEditor'

// Every state that was ever saved. Taking one back is a change like any other: it can be undone.
export function RevisionsDialog({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const revisions = useQuery({
    queryKey: ['revisions', editor.id, editor.revision],
    queryFn: () => api.revisions(editor.id),
    staleTime: 0,
    gcTime: 0,
  })
  const [trouble, setTrouble] = useState('')
  const [naming, setNaming] = useState<RevisionLine | null>(null)
  const take = async (number: number) => {
    try {
      const { document } = await api.revision(editor.id, number)
      editor.change({ '': document }, `revision ${number} taken back`)
      onClose()
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : 'it could not be read')
    }
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Revisions kept</DialogTitle>
      <DialogContent>
        {(trouble || revisions.isError) && (
          <Box role="alert" sx={{ color: 'var(--stop)' }}>
            {trouble || revisions.error?.message}
          </Box>
        )}
        <Box sx={{ color: 'var(--ink2)', mb: 1 }}>
          Of those that nobody named, one an hour stays after a day.
        </Box>
        {naming && (
          <NameRevision
            plan={editor.id}
            revision={naming}
            onClose={() => setNaming(null)}
            onDone={() => {
              setNaming(null)
              void revisions.refetch()
            }}
          />
        )}
        {revisions.isPending && <Box role="status">reading</Box>}
        <Box
          component="table"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            fontFamily: figures,
            typography: 'field',
            '& td': { borderBottom: '1px solid var(--line)', py: '4px' },
          }}
        >
          <tbody>
            {revisions.data?.map((one) => (
              <tr key={one.number}>
                <td>
                  <strong>{one.number}</strong>
                </td>
                <td>
                  {one.name && <strong>{`${one.name} `}</strong>}
                  {one.note}
                </td>
                <td>{one.by ? `${when(one.created_at)}, ${one.by}` : when(one.created_at)}</td>
                <Box component="td" sx={{ textAlign: 'right' }}>
                  <Button size="small" onClick={() => setNaming(one)}>
                    {one.name ? 'Rename' : 'Name it'}
                  </Button>
                  {one.number === editor.revision ? (
                    'now'
                  ) : (
                    <Button size="small" variant="outlined" onClick={() => void take(one.number)}>
                      Take back
                    </Button>
                  )}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  )
}
