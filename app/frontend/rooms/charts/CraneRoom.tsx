import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import { api } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { Reading } from '../../ui/Reading'
import { useMay } from '../../ui/who'
import { useTitle } from '../../ui/useTitle'
import { ChartRoom } from './ChartRoom'
import { ImportDialog } from './ImportDialog'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { FAMILY } from './words'
import '../../ui/tables.css'
import '../../ui/store.css'
import '../../ui/charts.css'

import { Drafts } from './Drafts'
import { Machines } from './Machines'

// The machines and their charts; with an id in the address, one chart.
export function CraneRoom() {
  const { id } = useParams()
  return id && /^\d+$/.test(id) ? <ChartRoom key={id} id={Number(id)} /> : <Library />
}

function Library() {
  const shown = useShown()
  const typist = useMay()('planner', 'appointed')
  const queries = useQueryClient()
  const charts = useQuery({ queryKey: ['charts'], queryFn: api.charts, refetchOnMount: 'always' })
  const [wanted, setWanted] = useState('')
  const [doubtful, setDoubtful] = useState(false)
  const [files, setFiles] = useState<File[]>([])
  const chooser = useRef<HTMLInputElement>(null)
  useTitle('Cranes and charts')
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  const listed = (charts.data ?? []).filter((chart) => {
    const text = [
      chart.title,
      chart.identifier,
      FAMILY[chart.family],
      chart.record?.source,
      ...Object.values(chart.identity),
    ]
      .join(' ')
      .toLowerCase()
    return words.every((word) => text.includes(word)) && (!doubtful || chart.doubt)
  })
  const waiting = (charts.data ?? []).filter((chart) => chart.doubt).length
  const choose = (list: FileList | null) => setFiles([...(list ?? [])])
  return (
    <Box
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        choose(event.dataTransfer.files)
      }}
    >
      <RoomBar
        title="Cranes and charts"
        aside={charts.data && `${charts.data.length} charts, ${waiting} not yet checked`}
      >
        <input
          ref={chooser}
          type="file"
          multiple
          accept=".json,.csv,application/json,text/csv,text/plain"
          hidden
          aria-label="Chart files"
          onChange={(event) => {
            choose(event.target.files)
            event.target.value = ''
          }}
        />
        <Button component={Link} to="/store" sx={{ color: 'inherit', height: '100%' }}>
          Gear store
        </Button>
        {typist && (
          <>
            <Button sx={{ color: 'inherit', height: '100%' }} onClick={() => chooser.current?.click()}>
              Read chart files
            </Button>
            <Button
              component={Link}
              to="/cranes/drafts/new"
              variant="contained"
              sx={{ height: '100%', px: 3 }}
            >
              Type a chart
            </Button>
          </>
        )}
      </RoomBar>
      <RoomMain>
        <div className="store-find">
          <input
            type="search"
            aria-label="Find a chart"
            placeholder="machine, serial, configuration or page"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
          <select
            aria-label="Which"
            value={doubtful ? 'doubt' : ''}
            onChange={(event) => setDoubtful(event.target.value !== '')}
          >
            <option value="">every chart</option>
            <option value="doubt">not yet checked</option>
          </select>
        </div>
        <Reading query={charts} what="library" pad={{ py: 3 }} />
        {charts.data?.length === 0 && (
          <Box sx={{ py: 3, typography: 'heading' }}>
            No chart is here yet. Type one from the binder, or read a chart file.
          </Box>
        )}
        {(charts.data?.length ?? 0) > 0 && listed.length === 0 && (
          <Box sx={{ py: 3, typography: 'lead' }}>
            No chart is like that.{' '}
            <Button
              variant="outlined"
              onClick={() => {
                setWanted('')
                setDoubtful(false)
              }}
            >
              Show all
            </Button>
          </Box>
        )}
        <Drafts />
        <Machines listed={listed} shown={shown} />
        <Box sx={{ mt: 2, color: 'var(--ink2)', maxWidth: 900 }}>
          The chart in the cab governs. What is here was typed from it by one person and read against it by
          another; until then no plan that uses it holds.
        </Box>
      </RoomMain>
      {files.length > 0 && (
        <ImportDialog
          files={files}
          onClose={() => setFiles([])}
          onDone={() => {
            setFiles([])
            void queries.invalidateQueries({ queryKey: ['charts'] })
          }}
        />
      )}
    </Box>
  )
}
