import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import type { PaperBlock } from '../../../api/client'
import { when } from '../../../ui/when'
import type { Reader } from './usePaper'

// The tick of one block: read as the paper has it, or what the paper has instead.
export function Read({ block, reader }: { block: PaperBlock; reader: Reader }) {
  const [differs, setDiffers] = useState<string | null>(null)
  const { said } = block
  const mine = reader.mine(block)
  if (said && (mine || said.differs !== null))
    return (
      <Box className="paper-said" data-said={said.differs === null ? 'read' : 'differs'}>
        <span title={when(said.at)}>
          {said.differs === null ? `read by ${said.by}` : `the paper says: ${said.differs} (${said.by})`}
        </span>
        {!reader.closed && (
          <Button
            size="small"
            disabled={reader.busy || !reader.by}
            aria-label={`Take back: ${block.title}`}
            onClick={() => reader.say(block, { read: false })}
          >
            Take back
          </Button>
        )}
      </Box>
    )
  if (reader.closed) return null
  if (differs !== null)
    return (
      <Box
        component="form"
        className="paper-said"
        onSubmit={(event) => {
          event.preventDefault()
          reader.say(block, { differs })
          setDiffers(null)
        }}
      >
        <TextField
          variant="filled"
          autoFocus
          fullWidth
          label="What the paper says"
          value={differs}
          onChange={(event) => setDiffers(event.target.value)}
          onKeyDown={(event) => event.key === 'Escape' && setDiffers(null)}
          slotProps={{ htmlInput: { maxLength: 400 } }}
        />
        <Button type="submit" variant="contained" disabled={differs.trim() === ''}>
          Differs
        </Button>
        <Button onClick={() => setDiffers(null)}>Leave</Button>
      </Box>
    )
  return (
    <Box className="paper-said">
      {said && <span>{`also read by ${said.by}`}</span>}
      <Button
        variant="outlined"
        data-read={block.id}
        disabled={reader.busy || !reader.by}
        aria-label={`Read as the paper has it: ${block.title}`}
        onClick={() => reader.say(block, {})}
      >
        Read
      </Button>
      <Button
        disabled={reader.busy || !reader.by}
        aria-label={`The paper differs: ${block.title}`}
        onClick={() => setDiffers('')}
      >
        Differs
      </Button>
    </Box>
  )
}
