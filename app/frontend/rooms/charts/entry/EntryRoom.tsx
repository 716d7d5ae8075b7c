import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { faultWords } from '../../../api/client'
import { RoomBar } from '../../../shell/RoomBar'
import { useTitle } from '../../../ui/useTitle'
import { EntryFields } from './EntryFields'
import { EntryTables } from './EntryTables'
import { EntryTake } from './EntryTake'
import { useEntry } from './useEntry'
import '../../../ui/charts.css'
import '../../../ui/tables.css'

// A chart typed from the paper: what it says beside its tables on the left, the tables in the page's own
// units and signs, and below them how it was understood and what is to be answered before it is taken.
export function EntryRoom() {
  const entry = useEntry()
  const { sheet, change, part, faults } = entry
  useTitle('A chart from the paper')
  const wrong = (place: string) => {
    const fault = faults.find((one) => one.place === place)
    return fault && faultWords(fault)
  }
  return (
    <>
      <RoomBar title="A chart from the paper" aside="kept in this browser until it is taken">
        <Button component={Link} to="/cranes" sx={{ color: 'inherit', height: '100%' }}>
          All charts
        </Button>
        <Button onClick={entry.begin} sx={{ color: 'inherit', height: '100%' }}>
          Begin anew
        </Button>
      </RoomBar>
      <Box component="main" className="chart-entry">
        <div className="chart-entry-fields">
          <EntryFields sheet={sheet} change={change} wrong={wrong} />
        </div>
        <div>
          <EntryTables sheet={sheet} change={change} wrong={wrong} reading={part?.reading} />
          <EntryTake entry={entry} />
        </div>
      </Box>
    </>
  )
}
