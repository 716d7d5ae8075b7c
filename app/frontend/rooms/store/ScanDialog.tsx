import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useEffect, useRef, useState } from 'react'
import { api } from '../../api/client'
import { codeIn } from './codes'
import { FindByCode } from './FindByCode'

// The camera on a label: the first code that is a piece's opens it. Without a camera its code is typed.
export function ScanDialog({ onClose, open }: { onClose: () => void; open: (id: number) => void }) {
  const video = useRef<HTMLVideoElement>(null)
  const [words, setWords] = useState('Asking for the camera')
  const opened = useRef(open)
  useEffect(() => {
    opened.current = open
  })
  useEffect(() => {
    let over = false
    let stop = () => {}
    let asked = ''
    const seen = (text: string) => {
      if (over || text === asked) return
      asked = text
      api.pieceOfCode(codeIn(text)).then(
        ({ id }) => !over && opened.current(id),
        () => !over && setWords(`“${text.slice(0, 40)}” is no piece of this store`),
      )
    }
    const begin = async () => {
      const { BrowserQRCodeReader } = await import('@zxing/browser')
      const controls = await new BrowserQRCodeReader().decodeFromConstraints(
        { video: { facingMode: 'environment' } },
        video.current!,
        (found) => found && seen(found.getText()),
      )
      stop = () => controls.stop()
      if (over) stop()
      else setWords('Hold the label before the camera')
    }
    begin().catch(() => !over && setWords('No camera: type the code that stands on the label'))
    return () => {
      over = true
      stop()
    }
  }, [])
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="scan-title">
      <DialogTitle id="scan-title">Scan a label</DialogTitle>
      <DialogContent>
        <Box role="status" sx={{ mb: 1 }}>
          {words}
        </Box>
        <Box
          component="video"
          ref={video}
          muted
          playsInline
          aria-label="What the camera sees"
          sx={{ width: '100%', maxHeight: 340, bgcolor: 'var(--dust)', mb: 2 }}
        />
        <FindByCode open={open} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
      </DialogActions>
    </Dialog>
  )
}
