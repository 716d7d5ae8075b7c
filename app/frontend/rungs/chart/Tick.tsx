import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { Part } from '../../api/ladder.generated'
import { useCrane, useCranePlace } from '../../plan/craneAt'
import { escaped } from '../../plan/pointers'
import { usePreferences } from '../../ui/preferences'
import { WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'

// The minute as it is here, as plans write it.
const now = () => {
  const at = new Date()
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}

// One field of the chart's identity against the machine. Seen fills in what is still empty and keeps who saw
// it when; a figure that was typed and differs is never written over.
export function Tick({
  editor,
  name,
  said,
  part,
}: {
  editor: PanelProps['editor']
  name: string
  said: string
  part: Part | undefined
}) {
  const by = usePreferences().preferences.name.trim()
  const crane = useCrane(editor.document)
  const place = useCranePlace()
  const own = crane.as_rigged[name] ?? ''
  const seen = crane.seen?.[name]
  const words = name.replaceAll('_', ' ')
  const see = () => {
    const value = own.trim() === '' ? said : own
    editor.change(
      {
        [`${place}/as_rigged/${escaped(name)}`]: value,
        [`${place}/seen`]: { ...crane.seen, [name]: { value, by, at: now() } },
      },
      `${words} seen`,
    )
  }
  return (
    <div className="tick" data-tick={name}>
      <WordsField
        editor={editor}
        pointer={`${place}/as_rigged/${escaped(name)}`}
        label={`${words}; the chart says ${said}`}
        note={`${words} of the machine`}
      />
      {part?.verdict === 'stop' ? (
        <Box
          sx={{ width: 64, textAlign: 'center', lineHeight: '46px', fontWeight: 600, color: 'var(--stop)' }}
        >
          differs
        </Box>
      ) : seen && seen.value === own ? (
        <Box
          title={`seen by ${seen.by} on ${seen.at.replace('T', ' ')}`}
          sx={{ width: 64, textAlign: 'center', lineHeight: '46px', fontWeight: 600, color: 'var(--mark)' }}
        >
          seen
        </Box>
      ) : (
        <Button
          variant="outlined"
          disabled={by === ''}
          sx={{ minHeight: 48, minWidth: 64, px: '6px' }}
          aria-label={`${words} of the machine is ${own.trim() || said}, seen on it`}
          onClick={see}
        >
          Seen
        </Button>
      )}
    </div>
  )
}
