import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link, useParams, useSearchParams } from 'react-router'
import { api, faultWords } from '../../../api/client'
import { RoomBar } from '../../../shell/RoomBar'
import { usePreferences } from '../../../ui/preferences'
import { useTitle } from '../../../ui/useTitle'
import { when } from '../../../ui/when'
import { Pictures } from '../paper/Pictures'
import { EntryFields } from './EntryFields'
import { EntryTables } from './EntryTables'
import { EntryTake } from './EntryTake'
import type { Sheet } from './sheet'
import { useDraft } from './useDraft'
import { useEntry } from './useEntry'
import '../../../ui/charts.css'
import '../../../ui/tables.css'

export type Draft = ReturnType<typeof useDraft>

// A chart typed from the paper, kept as a draft until it is taken.
export function EntryRoom() {
  const { draft: address = 'new' } = useParams()
  const of = useSearchParams()[0].get('of')
  const { preferences } = usePreferences()
  const draft = useDraft(address, of === null ? null : Number(of), preferences.name)
  const { sheet, trouble, conflict } = draft
  useTitle(sheet?.title || 'A chart from the paper')
  const state = trouble
    ? `not saved: ${trouble}`
    : conflict
      ? 'not saved'
      : !draft.draft
        ? 'nothing typed yet'
        : draft.saved
          ? 'saved as a draft'
          : 'saving'
  return (
    <>
      <RoomBar title="A chart from the paper" aside={sheet ? state : undefined}>
        <Button component={Link} to="/cranes" sx={{ color: 'inherit', height: '100%' }}>
          All charts
        </Button>
        {sheet && (
          <Button
            component="a"
            href={api.blankAddress(sheet.family, preferences.system === 'us')}
            sx={{ color: 'inherit', height: '100%' }}
          >
            Save a blank
          </Button>
        )}
        {draft.draft && (
          <Button component={Link} to="/cranes/drafts/new" sx={{ color: 'inherit', height: '100%' }}>
            Another chart
          </Button>
        )}
      </RoomBar>
      {conflict && (
        <Box role="alert" className="overtaken">
          <strong>
            {`${conflict.saved_by || 'Somebody'} changed this draft at ${when(conflict.saved_at)}, ` +
              'while you were typing. Nothing of yours is lost.'}
          </strong>
          <Button variant="contained" onClick={draft.keepMine}>
            Keep mine as another draft
          </Button>
          <Button variant="outlined" onClick={draft.takeTheirs}>
            Go on with theirs
          </Button>
        </Box>
      )}
      {sheet ? (
        <Typed draft={draft} sheet={sheet} />
      ) : (
        <Box component="main" sx={{ p: 4, typography: 'heading' }} role={trouble ? 'alert' : 'status'}>
          {trouble ? `The draft cannot be shown: ${trouble}.` : 'Reading the draft'}
        </Box>
      )}
    </>
  )
}

// The picture of the page, the tables in the page's own units and signs with how they were understood, and
// what the page says beside them.
function Typed({ draft, sheet }: { draft: Draft; sheet: Sheet }) {
  const entry = useEntry(sheet)
  const wrong = (place: string) => {
    const fault = entry.faults.find((one) => one.place === place)
    return fault && faultWords(fault)
  }
  const props = { sheet, change: draft.change, wrong }
  return (
    <Box component="main" className="chart-entry">
      <div className="chart-entry-page">
        <Pictures
          at={draft.draft && `/chart_drafts/${draft.draft.id}`}
          none="Add a photo or a scan of the page: it stands here while you type, and beside the figures when
            they are read against it."
        />
      </div>
      <div>
        <EntryTables {...props} reading={entry.part?.reading} />
        <EntryTake draft={draft} sheet={sheet} entry={entry} />
      </div>
      <div className="chart-entry-fields">
        <EntryFields {...props} />
      </div>
    </Box>
  )
}
