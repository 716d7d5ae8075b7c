import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { api, Refused, type Whole } from '../../api/client'
import { FileDrop } from '../../shell/FileDrop'
import { CabScreen } from '../cab/CabScreen'
import { FindScreen } from '../find/FindScreen'
import { CrewScreen } from '../practice/CrewScreen'
import { WhatIfScreen } from '../what_if/WhatIfScreen'
import { HistoryScreen } from '../history/HistoryScreen'
import { LifeScreen } from '../life/LifeScreen'
import { LoadRoom } from '../load/LoadRoom'
import { WorkingSheet } from '../working/WorkingSheet'
import { useMeanwhile } from '../../plan/useMeanwhile'
import { usePlanEditor, type Editor } from '../../plan/usePlanEditor'
import { Workbench } from './Workbench'

// Fetches a plan and opens it. Each visit reads it afresh.
export function PlanScreen() {
  const { id = '' } = useParams()
  const plan = useQuery({
    queryKey: ['plan', id],
    queryFn: () => api.plan(id),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  if (plan.data) return <Rooms key={id} whole={plan.data} />
  const missing = plan.error instanceof Refused && plan.error.status === 404
  return (
    <Box component="main" sx={{ p: 4 }} role={plan.isError ? 'alert' : 'status'}>
      <Box component="h1" sx={{ typography: 'heading' }}>
        {plan.isError
          ? missing
            ? 'There is no plan at this address.'
            : `The plan could not be read: ${plan.error.message}`
          : 'Reading the plan'}
      </Box>
      {plan.isError && (
        <Box sx={{ display: 'flex', gap: 2 }}>
          {!missing && (
            <Button variant="outlined" onClick={() => void plan.refetch()}>
              Read it again
            </Button>
          )}
          <Button variant="contained" component={Link} to="/">
            To the board
          </Button>
        </Box>
      )}
    </Box>
  )
}

// The rooms of one plan share what is being edited: undo, what is not yet saved, and the live ladder.
function Rooms({ whole }: { whole: Whole }) {
  const editor = usePlanEditor(whole)
  return (
    <>
      <Meanwhile whole={whole} editor={editor} />
      <Room editor={editor} />
    </>
  )
}

// Apart, so that the rooms are not drawn again whenever the hand goes into a field.
function Meanwhile({ whole, editor }: { whole: Whole; editor: Editor }) {
  useMeanwhile(whole, editor)
  return null
}

function Room({ editor }: { editor: Editor }) {
  const { room } = useParams()
  const [table, setTable] = useState<File | null>(null)
  if (room === 'cab') return <CabScreen editor={editor} />
  if (room === 'history') return <HistoryScreen editor={editor} />
  if (room === 'crew') return <CrewScreen editor={editor} />
  if (room === 'find') return <FindScreen editor={editor} />
  if (room === 'what-if') return <WhatIfScreen editor={editor} />
  if (room === 'life') return <LifeScreen editor={editor} />
  if (room === 'working') return <WorkingSheet editor={editor} />
  return room === 'load' ? (
    <FileDrop onTable={setTable}>
      <LoadRoom editor={editor} table={table} onTable={setTable} />
    </FileDrop>
  ) : (
    <FileDrop>
      <Workbench editor={editor} />
    </FileDrop>
  )
}
