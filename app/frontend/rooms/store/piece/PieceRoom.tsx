import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type PieceSheet } from '../../../api/client'
import { RungBar } from '../../../ladder/RungBar'
import { RoomBar } from '../../../shell/RoomBar'
import { Reading } from '../../../ui/Reading'
import { useShown } from '../../../ui/preferences'
import { Heading } from '../../../ui/Row'
import { useTitle } from '../../../ui/useTitle'
import { PieceDialog } from '../PieceDialog'
import { KeepLook } from './KeepLook'
import { LookLadder } from './LookLadder'
import { LookRow } from './LookRow'
import { nextLook } from './marks'
import { PieceFigure } from './PieceFigure'
import { PiecePanel } from './PiecePanel'
import { TimeLine } from './TimeLine'
import { useInspection } from './useInspection'
import { RESULT } from './verdicts'
import '../../../ui/tables.css'
import '../../../ui/parts.css'
import './piece.css'

// One piece: its looks as a ladder, what is measured beside the rule, and what it is.
export function PieceRoom({ id }: { id: number }) {
  const sheet = useQuery({ queryKey: ['piece', id], queryFn: () => api.piece(id), refetchOnMount: 'always' })
  useTitle(sheet.data ? `${sheet.data.now.fields.number}, gear store` : 'Gear store')
  if (sheet.data) return <Piece sheet={sheet.data} />
  return (
    <>
      <RoomBar title="Gear store">
        <Button component={Link} to="/store" sx={{ color: 'inherit' }}>
          All pieces
        </Button>
      </RoomBar>
      <Reading query={sheet} what="piece" pad={{ p: 3 }} />
    </>
  )
}

function Piece({ sheet }: { sheet: PieceSheet }) {
  const queries = useQueryClient()
  const shown = useShown()
  const looking = useInspection(sheet)
  const { inspection } = looking
  const { looks } = inspection
  const [at, setAt] = useState(looks[0]?.id ?? '')
  const [editing, setEditing] = useState(false)
  const { now } = sheet
  const refresh = () => {
    void queries.invalidateQueries({ queryKey: ['piece', now.id] })
    void queries.invalidateQueries({ queryKey: ['pieces'] })
  }
  const go = (look: string) => {
    setAt(look)
    document.querySelector(`[data-look-row="${look}"]`)?.scrollIntoView({ block: 'nearest' })
  }
  const next = () => go(nextLook(looks, at))
  const result = RESULT[inspection.result]
  return (
    <>
      <RoomBar title={`${now.fields.number}, ${sheet.kind}`}>
        <Box className={`look-result ${result}`} role="status" data-result={inspection.result}>
          <RungBar verdict={result} share={null} width={40} height={13} stiles plain />
          <span>
            {looking.pending
              ? 'Working'
              : looking.begun
                ? shown(inspection.headline)
                : 'Before use: not looked at'}
          </span>
        </Box>
        <Button component={Link} to="/store" sx={{ color: 'inherit' }}>
          All pieces
        </Button>
      </RoomBar>
      <main className="piece-room">
        <LookLadder inspection={inspection} kind={sheet.kind} at={at} go={go} />
        <div className="piece-looks">
          <Heading aside={[now.fields.size, now.fields.construction].filter(Boolean).join(', ')}>
            Where to look
          </Heading>
          <PieceFigure kind={now.fields.kind ?? ''} looks={looks} at={at} go={go} reach={shown(now.reach)} />
          <div className="look-heads" aria-hidden>
            <span className="look-heads-first">What to look at</span>
            <span>found</span>
            <span>the rule</span>
            <span>verdict</span>
          </div>
          {looks.map((look, index) => (
            <LookRow
              key={look.id}
              look={look}
              number={index + 1}
              finding={looking.findings[look.id] ?? {}}
              problem={inspection.problems.find(({ field }) => field === look.id)}
              pending={looking.pending}
              current={at === look.id}
              find={(change) => looking.find(look.id, change)}
              go={() => setAt(look.id)}
            />
          ))}
          <KeepLook sheet={sheet} looking={looking} next={next} done={refresh} />
          <Heading aside={`rules: ${sheet.rules}`}>Examined and looked at</Heading>
          <Box sx={{ overflowX: 'auto' }}>
            <TimeLine sheet={sheet} />
          </Box>
          <ul className="look-records">
            {sheet.looks.slice(0, 12).map((one) => (
              <li key={one.id}>
                {[
                  `${one.day}, ${one.sort.replace('_', ' ')} by ${one.by}: ${one.result.replace('_', ' ')}`,
                  ...one.told.map((words) => shown(words)),
                  one.words,
                  one.remedy,
                ]
                  .filter(Boolean)
                  .join('; ')}
              </li>
            ))}
            {sheet.looks.length === 0 && <li>No look and no examination is written down here yet.</li>}
          </ul>
        </div>
        <PiecePanel sheet={sheet} edit={() => setEditing(true)} refresh={refresh} />
      </main>
      {editing && (
        <PieceDialog
          piece={now}
          onClose={() => setEditing(false)}
          onDone={() => {
            setEditing(false)
            refresh()
          }}
        />
      )}
    </>
  )
}
