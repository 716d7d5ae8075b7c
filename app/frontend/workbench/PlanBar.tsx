import { useCallback, useState } from 'react'
import { ConflictDialog } from './ConflictDialog'
import { Details } from './Details'
import { KeysDialog } from './KeysDialog'
import { RevisionsDialog } from './RevisionsDialog'
import { TopBar, type DialogName } from './TopBar'
import type { RiggingDialog } from '../rigging_room/RiggingDialogs'
import type { Editor } from './usePlanEditor'

// The bar over every room of a plan, with the dialogs that it opens.
export function PlanBar({
  editor,
  room,
  onVerdict,
  onRigging,
}: {
  editor: Editor
  room: 'ladder' | 'load' | 'cab'
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
        state={editor.state}
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
      {dialog === 'keys' && <KeysDialog onClose={close} />}
      {dialog === 'details' && <Details editor={editor} onClose={close} />}
      {dialog === 'revisions' && <RevisionsDialog editor={editor} onClose={close} />}
      {editor.conflict && <ConflictDialog conflict={editor.conflict} resolve={editor.resolve} />}
    </>
  )
}
