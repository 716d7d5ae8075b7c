import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { Plan } from '../api/plan.generated'
import { ChoiceField } from '../ui/ChoiceField'
import { movedEnd } from '../plan/hours'
import { same } from '../plan/pointers'
import type { Editor } from '../plan/usePlanEditor'

type Scope = NonNullable<Plan['scope']>
const WHOLE: Scope = { kind: 'whole', by: '' }
const KINDS: [Scope['kind'], string][] = [
  ['whole', 'the whole lift'],
  ['workshop', 'a fixed hoist under a roof: no ground, wind or lines'],
  ['rigging', 'rigging only: another plans crane and site'],
]

export function Details({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const [title, setTitle] = useState(editor.document.title)
  const [site, setSite] = useState(editor.document.site)
  const [time, setTime] = useState(editor.document.lift_at ?? '')
  const [start] = useState(editor.document)
  const [ended, setEnded] = useState(false)
  const [until, setUntil] = useState(editor.document.lift_until ?? '')
  const [scope, setScope] = useState(editor.document.scope ?? WHOLE)
  const backwards = time !== '' && until !== '' && until <= time
  const take = () => {
    const narrower = scope.kind === 'whole' ? undefined : scope
    editor.change(
      {
        '/title': title.trim(),
        '/site': site,
        '/lift_at': time === '' ? null : time,
        '/lift_until': until === '' ? null : until,
        ...(!same(narrower, editor.document.scope) && { '/scope': narrower }),
      },
      'title, site, time and scope',
    )
    onClose()
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Title, site and time</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <TextField
          variant="filled"
          label="Title"
          value={title}
          error={title.trim() === ''}
          helperText={title.trim() === '' ? 'a plan needs a title' : ' '}
          slotProps={{ htmlInput: { maxLength: 200 } }}
          onChange={(event) => setTitle(event.target.value)}
          autoFocus
        />
        <TextField
          variant="filled"
          label="Site"
          value={site}
          slotProps={{ htmlInput: { maxLength: 200 } }}
          onChange={(event) => setSite(event.target.value)}
        />
        <TextField
          variant="filled"
          label="Time of the lift, local"
          type="datetime-local"
          value={time}
          slotProps={{ inputLabel: { shrink: true } }}
          onChange={(event) => {
            const next = event.target.value.slice(0, 16)
            // Until somebody says otherwise, it takes as long as before.
            if (!ended) setUntil(movedEnd(start.lift_at, start.lift_until ?? null, next) ?? '')
            setTime(next)
          }}
        />
        <TextField
          variant="filled"
          label="Until when crane and gear are taken"
          type="datetime-local"
          value={until}
          error={backwards}
          helperText={backwards ? 'it ends before it begins' : until ? ' ' : 'not given: the rest of its day'}
          slotProps={{ inputLabel: { shrink: true } }}
          onChange={(event) => {
            setEnded(true)
            setUntil(event.target.value.slice(0, 16))
          }}
        />
        <ChoiceField
          id="scope-kind"
          label="What this plan is about"
          value={scope.kind}
          choices={KINDS}
          onChoose={(kind) => setScope({ ...scope, kind: kind as Scope['kind'] })}
        />
        {scope.kind !== 'whole' && (
          <TextField
            variant="filled"
            label="Who says that the rest cannot arise"
            value={scope.by}
            error={scope.by.trim() === ''}
            helperText={scope.by.trim() === '' ? 'without a name nothing is left out' : ' '}
            slotProps={{ htmlInput: { maxLength: 200 } }}
            onChange={(event) => setScope({ ...scope, by: event.target.value })}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={title.trim() === '' || backwards} onClick={take}>
          Take
        </Button>
      </DialogActions>
    </Dialog>
  )
}
