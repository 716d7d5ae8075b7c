import Box from '@mui/material/Box'
import { useState, type CSSProperties } from 'react'

// A kept picture. Where its file is gone, or is no picture, that is said in its place.
export function Picture({ address, name, style }: { address: string; name: string; style: CSSProperties }) {
  const [failed, setFailed] = useState('')
  if (failed !== address)
    return <img src={address} alt={name} style={style} onError={() => setFailed(address)} />
  return (
    <Box sx={{ p: '16px', border: '2px dashed var(--ink)', overflowWrap: 'anywhere' }}>
      {name} cannot be shown: its file is gone, or cannot be read.
    </Box>
  )
}
