import Box from '@mui/material/Box'
import type { PlanLife } from '../../api/answers.generated'
import { useShown } from '../../ui/preferences'
import { Posture } from './Posture'
import { counted, STATES } from './words'

const line = { display: 'flex', flexWrap: 'wrap', gap: 1, py: 0.5, alignItems: 'baseline' }

// What makes it critical, what it does otherwise than its rules would have it, and what is answered by word.
export function LifeHead({ life, byWord }: { life: PlanLife; byWord: string[] }) {
  const shown = useShown()
  const second = life.records.some((record) => record.act === 'second' && !record.lapsed)
  return (
    <Box
      component="section"
      aria-label="Critical and deviations"
      sx={{ px: 2, py: 1, bgcolor: 'var(--chalk)' }}
    >
      <Box sx={line}>
        <strong>Critical</strong>
        {life.critical.length === 0 && <span>nothing makes it critical</span>}
        {life.critical.map((words) => (
          <Box key={words.metric} component="span" sx={{ border: '2px solid var(--ink)', px: 1 }}>
            {shown(words)}
          </Box>
        ))}
        {life.critical.length > 0 && (
          <Box
            component="span"
            sx={{ border: `2px ${second ? 'solid' : 'dashed'} var(--ink)`, px: 1, ml: 'auto' }}
          >
            {second ? 'engineer: has signed' : 'engineer: has not signed'}
          </Box>
        )}
      </Box>
      <Box sx={line}>
        <strong>Deviations</strong>
        {life.deviations.length === 0 && <span>none</span>}
      </Box>
      {life.deviations.map((one) => (
        <Box key={one.id} sx={line} data-deviation={one.id}>
          <Box
            component="span"
            aria-hidden
            sx={{
              width: 16,
              height: 16,
              border: '2px solid var(--ink)',
              bgcolor: one.by ? 'var(--ink)' : 'transparent',
            }}
          />
          <Box component="span" sx={{ flex: 1, minWidth: 200 }}>
            {one.words}
          </Box>
          <strong>{one.by ?? 'needs a name'}</strong>
        </Box>
      ))}
      {byWord.length > 0 && (
        <Box sx={line}>
          <strong>W</strong> by word: {byWord.join(', ')}
        </Box>
      )}
    </Box>
  )
}

// From draft to closed; withdrawn stands apart.
export function StateLine({ life }: { life: PlanLife }) {
  const signed = life.flights.filter((flight) => flight.by).length
  const below: Partial<Record<string, string>> = {
    draft: life.revision ? `rev ${life.revision}` : 'not written down',
    checked: `${signed} of ${life.flights.length} flights`,
    issued: life.bars.length > 0 ? counted(life.bars.length) : '',
  }
  return (
    <Box
      component="ol"
      aria-label="State"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        listStyle: 'none',
        m: 0,
        p: 1,
        borderY: '2px solid var(--ink)',
      }}
    >
      {[...STATES, 'withdrawn' as const].map((state) => (
        <Box
          component="li"
          key={state}
          aria-current={state === life.state ? 'step' : undefined}
          sx={{ flex: '1 1 90px', p: 1, bgcolor: state === life.state ? 'var(--wash)' : 'transparent' }}
        >
          <Posture state={state} />
          <Box sx={{ fontWeight: 600 }}>{state}</Box>
          <Box sx={{ typography: 'small' }}>
            {below[state] ?? (state === 'withdrawn' ? 'once issued' : ' ')}
          </Box>
        </Box>
      ))}
    </Box>
  )
}
