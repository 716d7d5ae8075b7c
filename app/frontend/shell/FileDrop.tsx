import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import MenuItem from '@mui/material/MenuItem'
import { useQueryClient } from '@tanstack/react-query'
import {
  createContext,
  useCallback,
  useContext,
  useRef,
  useState,
  type DragEvent,
  type ReactNode,
} from 'react'
import { useNavigate } from 'react-router'
import { api, Refused, type Fault } from '../api/client'

const LARGEST = 5 * 1024 * 1024
const Importing = createContext<(file: File) => Promise<void>>(async () => {})

// Takes a plan file that is dropped anywhere on it, or chosen by button, and opens it as a plan of its own. A
// file that is no plan is told place by place; what was open stays as it is.
export function FileDrop({ children, onTable }: { children: ReactNode; onTable?: (file: File) => void }) {
  const [over, setOver] = useState(false)
  const [refused, setRefused] = useState<{ name: string; faults: Fault[] } | null>(null)
  const navigate = useNavigate()
  const queries = useQueryClient()
  const take = useCallback(
    async (file: File) => {
      try {
        if (file.size > LARGEST)
          throw new Refused(413, [
            { pointer: '', message: `the file has ${file.size} bytes`, expected: 'at most 5 MB' },
          ])
        const plan = await api.importFile(file)
        await queries.invalidateQueries({ queryKey: ['board'] })
        await navigate(`/plans/${plan.id}`)
      } catch (error) {
        setRefused({
          name: file.name,
          faults:
            error instanceof Refused
              ? error.faults
              : [{ pointer: '', message: 'the file could not be read', expected: 'a plan file' }],
        })
      }
    },
    [navigate, queries],
  )
  const onDrop = (event: DragEvent) => {
    event.preventDefault()
    setOver(false)
    const file = event.dataTransfer.files[0]
    if (file && onTable && /\.(csv|tsv|txt)$/i.test(file.name)) onTable(file)
    else if (file) void take(file)
  }
  const carries = (event: DragEvent) => event.dataTransfer.types.includes('Files')
  return (
    <Importing value={take}>
      <Box
        onDragOver={(event) => {
          if (carries(event)) {
            event.preventDefault()
            setOver(true)
          }
        }}
        onDragLeave={(event) => {
          if (!event.currentTarget.contains(event.relatedTarget as Node | null)) setOver(false)
        }}
        onDrop={onDrop}
        sx={{ minHeight: '100dvh', position: 'relative' }}
      >
        {children}
        {over && (
          <Box
            sx={{
              position: 'fixed',
              inset: 12,
              border: '3px dashed var(--mark)',
              bgcolor: 'var(--wash)',
              opacity: 0.94,
              display: 'grid',
              placeItems: 'center',
              typography: 'verdict',
              fontWeight: 600,
              zIndex: 2000,
              pointerEvents: 'none',
            }}
          >
            {onTable
              ? 'Drop a CSV file to read it as a take-off, or a plan file to open it'
              : 'Drop a plan file to open it as a plan of its own'}
          </Box>
        )}
      </Box>
      <Dialog open={!!refused} onClose={() => setRefused(null)} fullWidth maxWidth="sm">
        <DialogTitle>{refused?.name} was not taken</DialogTitle>
        <DialogContent>
          <ul role="alert" style={{ margin: 0, paddingLeft: 20, overflowWrap: 'anywhere' }}>
            {refused?.faults.map((fault, index) => (
              <li key={index}>
                <strong>{fault.pointer || 'The whole file'}</strong>: {fault.message}. Expected:{' '}
                {fault.expected}.
              </li>
            ))}
          </ul>
        </DialogContent>
        <DialogActions>
          <Button variant="contained" onClick={() => setRefused(null)}>
            Close
          </Button>
        </DialogActions>
      </Dialog>
    </Importing>
  )
}

export function FileButton({ menu = false, onDone }: { menu?: boolean; onDone?: () => void }) {
  const take = useContext(Importing)
  const input = useRef<HTMLInputElement>(null)
  const choose = () => input.current?.click()
  return (
    <>
      {menu ? (
        <MenuItem onClick={choose}>Open a plan file</MenuItem>
      ) : (
        <Button onClick={choose} sx={{ color: 'inherit', height: '100%' }}>
          Open a file
        </Button>
      )}
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Plan file"
        data-plan-file
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          onDone?.()
          if (file) void take(file)
        }}
      />
    </>
  )
}
