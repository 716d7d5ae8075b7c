import Box from '@mui/material/Box'
import type { Checked } from '../plan/useChecker'
import { RungBar } from '../ladder/RungBar'
import { useShown } from '../ui/preferences'
import { BAR_HEIGHT, figures } from '../ui/theme/tokens'

// The verdict in a sentence, and how much of what governs is used. It takes to the rung that governs.
export function VerdictBlock({
  ladder,
  working,
  silentSince,
  onClick,
}: Pick<Checked, 'ladder' | 'working' | 'silentSince'> & { onClick: () => void }) {
  const shown = useShown()
  const pending = working || !!ladder?.rungs.some((rung) => rung.pending)
  const stop = !pending && ladder?.verdict === 'stop'
  const verdict = pending || !ladder ? 'not_known' : ladder.verdict
  const sentence = pending
    ? 'Working'
    : ladder
      ? shown(ladder.headline)
      : silentSince
        ? `No answer since ${silentSince.toLocaleTimeString()}`
        : 'No ladder'
  const long = sentence.length > 46
  return (
    <Box
      component="button"
      type="button"
      onClick={onClick}
      data-verdict={working ? 'working' : (ladder?.verdict ?? 'none')}
      title={sentence}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        cursor: 'pointer',
        flex: { xs: '1 1 100%', sm: '0 1 436px' },
        minWidth: 0,
        order: { xs: 9, sm: 0 },
        px: '12px',
        height: BAR_HEIGHT,
        display: 'flex',
        alignItems: 'center',
        gap: '14px',
        bgcolor: stop ? 'var(--stopGround)' : 'var(--wash)',
        color: stop ? 'var(--onStop)' : 'var(--ink)',
        '&:focus-visible': { outline: '3px solid var(--mark)', outlineOffset: '-4px' },
      }}
    >
      <Box sx={{ flex: 'none', ...(stop && { '--stop': 'var(--onStop)', '--ink': 'var(--onStop)' }) }}>
        <RungBar
          verdict={verdict}
          share={ladder?.rungs.find((rung) => rung.id === ladder.governs[0])?.utilisation?.value ?? null}
          width={44}
          height={15}
          stiles
          plain
        />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box
          sx={{
            fontWeight: 600,
            typography: sentence.length > 40 ? 'plain' : 'lead',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            ...(long
              ? { display: '-webkit-box', WebkitLineClamp: 2, WebkitBoxOrient: 'vertical' }
              : { whiteSpace: 'nowrap' }),
          }}
          data-headline
        >
          {sentence}
        </Box>
        <Box
          sx={{
            display: long ? 'none' : 'block',
            fontFamily: figures,
            typography: 'small',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {pending || !ladder ? '' : ladder.then}
        </Box>
      </Box>
    </Box>
  )
}
