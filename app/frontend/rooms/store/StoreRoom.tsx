import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, type Piece } from '../../api/client'
import { Reading } from '../../ui/Reading'

import { useTitle } from '../../ui/useTitle'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { PieceDialog } from './PieceDialog'
import { StoreCsvDialog } from './StoreCsvDialog'
import { KINDS, plain, STATES } from './words'
import '../../ui/tables.css'
import '../../ui/store.css'

import { StoreTable } from './StoreTable'
import { StoreActs } from './StoreActs'

// Every piece of gear by number: what it is, what it may carry, where it hangs, and whether it may be used.
export function StoreRoom() {
  const queries = useQueryClient()
  const store = useQuery({ queryKey: ['pieces'], queryFn: () => api.pieces(), refetchOnMount: 'always' })
  const [wanted, setWanted] = useState('')
  const [kind, setKind] = useState('')
  const [state, setState] = useState('')
  const [open, setOpen] = useState<Piece | 'new' | null>(null)
  const [file, setFile] = useState<File | null>(null)
  useTitle('Gear store')
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  const listed = (store.data ?? []).filter((piece) => {
    const text = [
      piece.fields.number,
      plain(piece.fields.kind ?? ''),
      piece.fields.size,
      piece.fields.place,
      piece.fields.note,
      piece.fields.ends,
    ]
      .join(' ')
      .toLowerCase()
    return (
      words.every((word) => text.includes(word)) &&
      (!kind || piece.fields.kind === kind) &&
      (!state || (state === 'overdue' ? piece.overdue : piece.fields.state === state))
    )
  })
  const done = (close: () => void) => {
    void queries.invalidateQueries({ queryKey: ['pieces'] })
    close()
  }
  return (
    <>
      <RoomBar
        title="Gear store"
        aside={
          store.data &&
          `${listed.length} of ${store.data.length}` +
            ` pieces, ${store.data.filter((piece) => piece.fields.state === 'ready').length} ready`
        }
      >
        <StoreActs read={setFile} add={() => setOpen('new')} />
      </RoomBar>
      <RoomMain>
        <div className="store-find">
          <input
            type="search"
            aria-label="Find a piece"
            placeholder="number, kind, size, rack or note"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
          <select aria-label="Kind" value={kind} onChange={(event) => setKind(event.target.value)}>
            <option value="">every kind</option>
            {KINDS.map((one) => (
              <option key={one} value={one}>
                {plain(one)}
              </option>
            ))}
          </select>
          <select aria-label="State" value={state} onChange={(event) => setState(event.target.value)}>
            <option value="">every state</option>
            {STATES.map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
            <option value="overdue">examination overdue</option>
          </select>
        </div>
        <Reading query={store} what="store" pad={{ py: 3 }} />
        {store.data?.length === 0 && (
          <Box sx={{ py: 3, typography: 'heading' }}>
            The store is empty. Add a piece, or read a CSV file with a line of headings: number, kind, size,
            legs, reach, mass, vertical.
          </Box>
        )}
        {(store.data?.length ?? 0) > 0 && listed.length === 0 && (
          <Box sx={{ py: 3, typography: 'lead' }}>
            No piece is like that.{' '}
            <Button
              variant="outlined"
              onClick={() => {
                setWanted('')
                setKind('')
                setState('')
              }}
            >
              Show all
            </Button>
          </Box>
        )}
        <StoreTable listed={listed} setOpen={setOpen} />
        <Box sx={{ mt: 2, color: 'var(--ink2)' }}>
          The tag on the piece governs: what is written here is what was read from it. A piece without a
          legible rating, out of date, out or quarantined is not offered to any plan.
        </Box>
      </RoomMain>
      {open && (
        <PieceDialog
          piece={open === 'new' ? null : open}
          onClose={() => setOpen(null)}
          onDone={() => done(() => setOpen(null))}
        />
      )}
      {file && (
        <StoreCsvDialog file={file} onClose={() => setFile(null)} onDone={() => done(() => setFile(null))} />
      )}
    </>
  )
}
