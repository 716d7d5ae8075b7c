import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import useMediaQuery from '@mui/material/useMediaQuery'
import { useTheme } from '@mui/material/styles'
import type { ReactNode } from 'react'
import { Comparison } from './Comparison'
import type { Editor } from '../../plan/usePlanEditor'
import { DIALOG_TITLES, type RiggingDialog } from '../../plan/dialogs'
import type { RiggingProps } from './taking'
import { NewerRules } from './NewerRules'
import { LevelUp } from './LevelUp'
import { Proposals } from './Proposals'
import { RiggingList } from './RiggingList'
import { Schools } from './Schools'
import { StorePick } from './StorePick'

// What looks at the whole plan and offers a change of it. Taking one is one step of undo, and closes the
// sheet.
export function RiggingDialogs({
  dialog,
  editor,
  onClose,
}: {
  dialog: RiggingDialog
  editor: Editor
  onClose: () => void
}) {
  const small = useMediaQuery(useTheme().breakpoints.down('md'))
  const take: RiggingProps['take'] = (changes, note) => {
    editor.change(changes, note)
    onClose()
  }
  const inside: Record<RiggingDialog, ReactNode> = {
    proposals: <Proposals editor={editor} take={take} />,
    store: <StorePick editor={editor} take={take} above={false} />,
    store_above: <StorePick editor={editor} take={take} above />,
    list: <RiggingList editor={editor} />,
    level: <LevelUp editor={editor} take={take} />,
    schools: <Schools editor={editor} take={take} />,
    cranes: <Comparison editor={editor} take={take} />,
    rules: <NewerRules editor={editor} take={take} />,
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" fullScreen={small} aria-labelledby="rigging-title">
      <DialogTitle sx={{ display: 'flex', alignItems: 'center', py: '6px' }}>
        <span id="rigging-title">{DIALOG_TITLES[dialog]}</span>
        <Button sx={{ ml: 'auto', minWidth: 44, minHeight: 44 }} aria-label="Close" onClick={onClose}>
          ✕
        </Button>
      </DialogTitle>
      <DialogContent sx={{ minHeight: 420 }}>{inside[dialog]}</DialogContent>
    </Dialog>
  )
}
