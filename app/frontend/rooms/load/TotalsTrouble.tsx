import Box from '@mui/material/Box'

import type { TakeOff } from '../../api/ladder.generated'
import type { Load } from '../../api/plan.generated'

import type { Moving } from '../../plan/useSteps'

const SOURCES: [part: 'weight' | 'cg' | 'size', words: string][] = [
  ['weight', 'Weight'],
  ['cg', 'CG'],
  ['size', 'Size'],
]

// What keeps the total from being known, and what the plan takes from it.
export function TotalsTrouble({
  none,
  trouble,
  sheet,
  go,
  of,
  load,
  change,
}: {
  none: boolean
  trouble: { what: string; pointer: string | null } | null | undefined
  sheet: TakeOff | null
  go: (pointer: string) => void
  of: number | null
  load: Load
  change: (changes: Record<string, unknown>, note: string, moving?: Moving | null) => void
}) {
  return (
    <>
      {!none && trouble && !!sheet?.rows.length && (
        <Box
          role="status"
          sx={{ mt: '6px', border: '1.5px dashed var(--ink)', p: '4px 8px', lineHeight: 1.25 }}
        >
          Not known: {trouble.what}.{' '}
          {trouble.pointer && (
            <Box
              component="button"
              type="button"
              onClick={() => go(trouble.pointer!)}
              sx={{
                font: 'inherit',
                color: 'var(--mark)',
                background: 'none',
                border: 0,
                p: 0,
                textDecoration: 'underline',
                cursor: 'pointer',
              }}
            >
              Go to it
            </Box>
          )}
        </Box>
      )}
      {of === null && (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: '8px', mt: '6px' }}>
          {SOURCES.map(([part, words]) => (
            <Box component="label" key={part} sx={{ typography: 'note', color: 'var(--ink2)' }}>
              {words}
              <Box
                component="select"
                value={load[part].by ?? 'typed'}
                aria-label={`${words} comes from`}
                onChange={(event) =>
                  change(
                    { [`/load/${part}/by`]: (event.target as HTMLSelectElement).value },
                    `${words} comes from`,
                  )
                }
                sx={{
                  display: 'block',
                  width: '100%',
                  minHeight: 34,
                  font: 'inherit',
                  typography: 'small',
                  fontWeight: 600,
                  color: 'var(--ink)',
                  bgcolor: 'var(--chalk)',
                  border: '1.5px solid var(--ink)',
                  borderRadius: 0,
                }}
              >
                <option value="take_off">the take-off</option>
                <option value="typed">as given</option>
              </Box>
            </Box>
          ))}
        </Box>
      )}
    </>
  )
}
