import Box from '@mui/material/Box'
import { memo } from 'react'
import type { TakeOff } from '../../api/ladder.generated'
import type { Plan } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import type { Editor } from '../../plan/usePlanEditor'
import { TotalsTrouble } from './TotalsTrouble'

// Bare, planned, where the centre of gravity is; what the plan takes from here, and the rows with the most
// to say.
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
    <Box sx={{ p: '8px 14px', fontFamily: 'var(--figures)', typography: 'plain' }} data-totals>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto 1fr', gap: '0 14px' }}>
        <Box>
          <Box sx={{ typography: 'small', color: 'var(--ink2)' }}>bare{of !== null && ', this group'}</Box>
          <Box sx={{ typography: 'verdict', fontWeight: 600, lineHeight: 1.1 }} data-bare>
            {none ? 'working' : shown(sheet.bare) || 'not known'}
          </Box>
        </Box>
        <Box>
          <Box sx={{ typography: 'small', color: 'var(--ink2)' }}>allowance</Box>
          <Box sx={{ typography: 'lead', fontWeight: 600, lineHeight: 1.45 }} data-added>
            {none ? '–' : sheet.added ? `+ ${shown(sheet.added)}` : 'not known'}
          </Box>
        </Box>
        <Box>
          <Box sx={{ typography: 'small', color: 'var(--ink2)' }}>planned</Box>
          <Box
            sx={{ typography: 'verdict', fontWeight: 600, lineHeight: 1.1, color: 'var(--mark)' }}
            data-planned
          >
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
                <Box sx={{ typography: 'note', color: 'var(--ink2)' }}>
                  ± {shown(sheet.half_width[index])}
                </Box>
              )}
            </Box>
          ))
        )}
      </Box>
      <TotalsTrouble
        none={none}
        trouble={trouble}
        sheet={sheet}
        go={go}
        of={of}
        load={load}
        change={change}
      />
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
