import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { api, type PiecesAsked } from '../../api/client'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { usePreferences } from '../../ui/preferences'
import { Reading } from '../../ui/Reading'
import { useTitle } from '../../ui/useTitle'
import { useMay } from '../../ui/who'
import { PieceRoom } from './piece/PieceRoom'
import { DueList } from './DueList'
import { PieceDialog } from './PieceDialog'
import { StoreActs } from './StoreActs'
import { StoreCsvDialog } from './StoreCsvDialog'
import { StoreFind } from './StoreFind'
import { StoreTable } from './StoreTable'
import { TogetherDialog } from './TogetherDialog'
import '../../ui/tables.css'
import '../../ui/store.css'

// Page by page through what was found.
function Pages({ page, pages, turn }: { page: number; pages: number; turn: (page: number) => void }) {
  if (pages < 2) return null
  return (
    <Box component="nav" aria-label="Pages" sx={{ display: 'flex', gap: 2, alignItems: 'center', py: 1 }}>
      <Button variant="outlined" disabled={page <= 1} onClick={() => turn(page - 1)}>
        Back
      </Button>
      <span>{`page ${page} of ${pages}`}</span>
      <Button variant="outlined" disabled={page >= pages} onClick={() => turn(page + 1)}>
        Next
      </Button>
    </Box>
  )
}

const MOST_PRINTED = 1000

// What is printed of the pieces that are listed, and done with all of them.
function Papers({ asked, count, done }: { asked: PiecesAsked; count: number; done: () => void }) {
  const keeper = useMay()('keeper')
  const { preferences } = usePreferences()
  const [changing, setChanging] = useState(false)
  const { words = '', kind = '', state = '' } = asked
  const what = { words, kind, state }
  return (
    <Box sx={{ display: 'flex', gap: 1, py: 2, flexWrap: 'wrap' }}>
      {count > MOST_PRINTED ? (
        <span className="small">{`Of ${MOST_PRINTED} at most labels and register are printed.`}</span>
      ) : (
        <>
          <a className="as-button" href={api.paperAddress('labels', { ...what, units: preferences.system })}>
            Labels of these, PDF
          </a>
          <a className="as-button" href={api.paperAddress('register', what)}>
            Register of these, PDF
          </a>
        </>
      )}
      <a className="as-button" href={api.paperAddress('records', what)}>
        Register, CSV
      </a>
      {keeper && (
        <Button variant="outlined" sx={{ minHeight: 44 }} onClick={() => setChanging(true)}>
          Change all of these
        </Button>
      )}
      {changing && (
        <TogetherDialog
          asked={what}
          onClose={() => setChanging(false)}
          onDone={() => {
            setChanging(false)
            done()
          }}
        />
      )}
    </Box>
  )
}

function List({ asked, ask }: { asked: PiecesAsked; ask: (change: PiecesAsked) => void }) {
  const store = useQuery({
    queryKey: ['pieces', asked],
    queryFn: () => api.pieces(asked),
    refetchOnMount: 'always',
    placeholderData: keepPreviousData,
  })
  const { data } = store
  return (
    <>
      <StoreFind asked={asked} ask={ask} />
      <Reading query={store} what="store" pad={{ py: 3 }} />
      {data?.total === 0 && (
        <Box sx={{ py: 3, typography: 'heading' }}>
          The store is empty. Add a piece, or read a CSV file with a line of headings: number, kind, size,
          legs, reach, mass, vertical.
        </Box>
      )}
      {data && data.total > 0 && data.asked === 0 && (
        <Box sx={{ py: 3, typography: 'lead' }}>
          No piece is like that.{' '}
          <Button variant="outlined" onClick={() => ask({ words: '', kind: '', state: '', page: '' })}>
            Show all
          </Button>
        </Box>
      )}
      {data && (
        <>
          <Box role="status" className="small" sx={{ mb: 1, opacity: store.isPlaceholderData ? 0.6 : 1 }}>
            {`${data.asked} of ${data.total} pieces, ${data.states['ready'] ?? 0} ready, ` +
              `${data.overdue} overdue`}
          </Box>
          <StoreTable listed={data.pieces} />
          <Papers asked={asked} count={data.asked} done={() => void store.refetch()} />
          <Pages page={data.page} pages={data.pages} turn={(page) => ask({ page: String(page) })} />
        </>
      )}
      <Box sx={{ mt: 2, color: 'var(--ink2)' }}>
        The tag on the piece governs: what is written here is what was read from it. A piece without a legible
        rating, out of date, out or quarantined is not offered to any plan.
      </Box>
    </>
  )
}

const ASKED = ['words', 'kind', 'state', 'page'] as const
const askedIn = (params: URLSearchParams): PiecesAsked =>
  Object.fromEntries(ASKED.map((name) => [name, params.get(name) ?? '']))

// Every piece of gear by number: what it is, what it may carry, where it hangs, and whether it may be used.
function Store() {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [params, setParams] = useSearchParams()
  const due = params.get('list') === 'due'
  // What is typed counts at once; the address follows.
  const [asked, setAsked] = useState(() => askedIn(params))
  const ask = (change: PiecesAsked) => setAsked((now) => ({ ...now, ...change }))
  useEffect(() => {
    if (due) return
    const next = Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== ''))
    setParams(next, { replace: true })
  }, [asked, due, setParams])
  const [adding, setAdding] = useState(false)
  const [file, setFile] = useState<File | null>(null)
  const done = (close: () => void) => {
    void queries.invalidateQueries({ queryKey: ['pieces'] })
    close()
  }
  useTitle('Gear store')
  return (
    <>
      <RoomBar title="Gear store">
        <StoreActs read={setFile} add={() => setAdding(true)} open={(id) => void navigate(`/store/${id}`)} />
      </RoomBar>
      <RoomMain>
        <Box component="nav" aria-label="Lists" className="store-lists">
          <Link to="/store" aria-current={due ? undefined : 'page'}>
            All pieces
          </Link>
          <Link to="/store?list=due" aria-current={due ? 'page' : undefined}>
            To be examined
          </Link>
        </Box>
        {due ? <DueList /> : <List asked={asked} ask={ask} />}
      </RoomMain>
      {adding && (
        <PieceDialog
          piece={null}
          onClose={() => setAdding(false)}
          onDone={() => done(() => setAdding(false))}
        />
      )}
      {file && (
        <StoreCsvDialog file={file} onClose={() => setFile(null)} onDone={() => done(() => setFile(null))} />
      )}
    </>
  )
}

// The store as a list, or one piece of it.
export function StoreRoom() {
  const { id } = useParams()
  return id ? <PieceRoom key={id} id={Number(id)} /> : <Store />
}
