import Box from '@mui/material/Box'
import { memo } from 'react'
import type { TakeOff } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import type { Editor } from '../../plan/usePlanEditor'

const SOURCES: [part: 'weight' | 'cg' | 'size', words: string][] = [
  ['weight', 'Weight'],
  ['cg', 'CG'],
  ['size', 'Size'],
]

// Bare, planned, where the centre of gravity is; what the plan takes from here, and the rows with the most to say.
export const Totals = memo(function Totals({
  sheet,
  load,
  of,
  working,
  change,
  onRow,
  go,
}: {
  sheet: TakeOff | null
  load: Plan['load']
  of: number | null
  working: boolean
  change: Editor['change']
  onRow: (row: number) => void
  go: (pointer: string) => void
}) {
  const shown = useShown()
  const none = working || !sheet
  const trouble = sheet?.trouble ?? sheet?.cg_trouble
  return (
    <Box sx={{ p: '8px 14px', fontFamily: 'var(--figures)', fontSize: 16 }} data-totals>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto 1fr', gap: '0 14px' }}>
        <Box>
          <Box sx={{ fontSize: 15, color: 'var(--ink2)' }}>bare{of !== null && ', this group'}</Box>
          <Box sx={{ fontSize: 25, fontWeight: 600, lineHeight: 1.1 }} data-bare>
            {none ? 'working' : shown(sheet.bare) || 'not known'}
          </Box>
        </Box>
        <Box>
          <Box sx={{ fontSize: 15, color: 'var(--ink2)' }}>allowance</Box>
          <Box sx={{ fontSize: 19, fontWeight: 600, lineHeight: 1.45 }} data-added>
            {none ? '–' : sheet.added ? `+ ${shown(sheet.added)}` : 'not known'}
          </Box>
        </Box>
        <Box>
          <Box sx={{ fontSize: 15, color: 'var(--ink2)' }}>planned</Box>
          <Box sx={{ fontSize: 25, fontWeight: 600, lineHeight: 1.1, color: 'var(--mark)' }} data-planned>
            {none ? '–' : shown(sheet.planned) || 'not known'}
          </Box>
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto 1fr 1fr 1fr',
          gap: '0 10px',
          mt: '4px',
          alignItems: 'baseline',
        }}
        data-cg
      >
        <span>CG</span>
        {none || !sheet.cg ? (
          <Box sx={{ gridColumn: 'span 3', fontWeight: 600 }}>{none ? '–' : 'not known'}</Box>
        ) : (
          ['x', 'y', 'z'].map((axis, index) => (
            <Box key={axis}>
              <Box component="span" sx={{ color: 'var(--ink2)' }}>
                {axis}{' '}
              </Box>
              <strong>{shown(sheet.cg![index])}</strong>
              {sheet.half_width && (
                <Box sx={{ fontSize: 14, color: 'var(--ink2)' }}>± {shown(sheet.half_width[index])}</Box>
              )}
            </Box>
          ))
        )}
      </Box>
      {!none && trouble && sheet.rows.length > 0 && (
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
            <Box component="label" key={part} sx={{ fontSize: 14, color: 'var(--ink2)' }}>
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
                  fontSize: 15,
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
      {!none && sheet.largest.length > 0 && (
        <>
          <Heading aside="of the bare weight">Largest</Heading>
          <div className="largest">
            {sheet.largest.slice(0, 4).map(({ row, share }) => (
              <Box key={row} sx={{ display: 'contents' }}>
                <button type="button" onClick={() => onRow(row)}>
                  {row + 1}. {sheet.rows[row]?.name}
                </button>
                <span className="share">
                  <i style={{ width: `${Math.min(100, Math.abs(share.value) * 100)}%` }} />
                </span>
                <strong style={{ textAlign: 'right' }}>{shown(share)}</strong>
              </Box>
            ))}
          </div>
        </>
      )}
    </Box>
  )
})
