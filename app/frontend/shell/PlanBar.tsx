import Button from '@mui/material/Button'
import { useCallback, useState } from 'react'
import { Link } from 'react-router'
import { ConflictDialog } from './ConflictDialog'
import { Details } from './Details'
import { KeysDialog } from './KeysDialog'
import type { DialogName, PlanRoom } from './PlanMenu'
import { Strip } from './Strip'
import { TopBar } from './TopBar'
import type { RiggingDialog } from '../plan/dialogs'
import { BEFORE, type Editor } from '../plan/usePlanEditor'

// What was typed in this browser and never saved is back, and says so until somebody has seen it.
function Restored({ undoNote, undo }: { undoNote: string | null; undo: () => void }) {
  const [seen, setSeen] = useState(false)
  if (seen) return null
  const takeBack = () => {
    undo()
    setSeen(true)
  }
  return (
    <Strip
      role="status"
      line="dashed"
      words="What was typed here before the page was closed is back. It had not been saved."
    >
      {undoNote === BEFORE && (
        <Button size="small" variant="outlined" onClick={takeBack}>
          Take it back
        </Button>
      )}
      <Button size="small" variant="outlined" onClick={() => setSeen(true)}>
        Keep it
      </Button>
    </Strip>
  )
}

// Why nothing that is changed here is kept; and, once something was, that this is not what stands.
function Held({ editor }: { editor: Editor }) {
  const { held, state, kept, change, id } = editor
  if (!held) return null
  const tried = state === 'tried'
  const words = tried ? (
    <strong>A try: these are not the figures that stand, and nothing of it is kept.</strong>
  ) : (
    `This plan is ${held}: it stands as it is, and what is tried here is not kept.`
  )
  return (
    <Strip role={tried ? 'alert' : 'status'} line={tried ? 'dashed' : 'solid'} words={words}>
      {tried && (
        <Button size="small" variant="outlined" onClick={() => change({ '': kept }, 'back to what stands')}>
          Back to what stands
        </Button>
      )}
      <Button size="small" variant="outlined" component={Link} to={`/plans/${id}/life`}>
        Its life
      </Button>
    </Strip>
  )
}

// The bar over every room of a plan, with the dialogs that it opens.
export function PlanBar({
  editor,
  room,
  onVerdict,
  onRigging,
}: {
  editor: Editor
  room: PlanRoom
  onVerdict?: () => void
  onRigging?: (dialog: RiggingDialog) => void
}) {
  const [dialog, setDialog] = useState<DialogName | null>(null)
  const { ladder, working, silentSince } = editor.checked
  const close = useCallback(() => setDialog(null), [])
  return (
    <>
      <TopBar
        id={editor.id}
        title={editor.document.title}
        site={editor.document.site}
        rules={editor.document.rules}
        revision={editor.revision}
        version={editor.version}
        state={editor.state}
        theirs={editor.theirs}
        faults={editor.faults}
        room={room}
        ladder={ladder}
        working={working}
        silentSince={silentSince}
        change={editor.change}
        onVerdict={onVerdict}
        onDialog={setDialog}
        onRigging={onRigging}
      />
      <Held editor={editor} />
      {editor.restored && <Restored undoNote={editor.undoNote} undo={editor.undo} />}
      {dialog === 'keys' && <KeysDialog onClose={close} />}
      {dialog === 'details' && <Details editor={editor} onClose={close} />}
      {editor.conflict && <ConflictDialog conflict={editor.conflict} resolve={editor.resolve} />}
    </>
  )
}
