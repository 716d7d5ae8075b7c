import Box from '@mui/material/Box'
import type { PlanLife } from '../../api/answers.generated'
import { when } from '../../ui/when'
import { told } from './words'

const ROW = 34

// One link of the chain: thin where it lapsed.
function Link({ thin, first }: { thin: boolean; first: boolean }) {
  const wide = thin ? 1.4 : 3
  return (
    <svg width={30} height={ROW} aria-hidden style={{ display: 'block' }}>
      {!first && <path d="M15 -6V8" stroke="var(--ink)" strokeWidth={wide * 2} />}
      <rect x={5} y={5} width={20} height={24} fill="none" stroke="var(--ink)" strokeWidth={wide} />
      <path d="M15 26V40" stroke="var(--ink)" strokeWidth={wide * 2} />
    </svg>
  )
}

// What was done with the plan, eldest on top.
export function Records({ life }: { life: PlanLife }) {
  return (
    <Box component="section" aria-labelledby="records" sx={{ px: 2, py: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'baseline' }}>
        <Box component="h2" id="records" sx={{ typography: 'heading', m: 0 }}>
          Records
        </Box>
        <span>each holds the digest of the one before</span>
        <Box
          component="strong"
          sx={{ ml: 'auto', color: life.faults.length ? 'var(--stop)' : 'var(--mark)' }}
        >
          {life.faults.length
            ? 'they do not agree'
            : `${life.records.length} of ${life.records.length} links agree`}
        </Box>
      </Box>
      {life.faults.map((fault) => (
        <Box key={fault} role="alert" sx={{ color: 'var(--stop)' }}>
          {fault}
        </Box>
      ))}
      {life.records.length === 0 && <p>Nobody has done anything with it yet.</p>}
      <ol style={{ listStyle: 'none', margin: '8px 0 0', padding: 0 }}>
        {life.records.map((record, index) => (
          <Box
            component="li"
            key={record.number}
            data-record={record.act}
            data-lapsed={record.lapsed}
            sx={{
              display: 'flex',
              gap: 1.5,
              minHeight: ROW,
              alignItems: 'center',
              fontFamily: 'var(--figures)',
              color: record.lapsed ? 'var(--ink2)' : 'inherit',
            }}
          >
            <Link thin={record.lapsed} first={index === 0} />
            <Box
              sx={{ width: 78, flex: 'none', color: 'var(--mark)', fontWeight: 600 }}
              title={record.digest}
            >
              {record.short}
            </Box>
            <Box sx={{ width: 126, flex: 'none', display: { xs: 'none', sm: 'block' } }}>
              {when(record.at)}
            </Box>
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <strong>{record.by}</strong>, {record.role}:{' '}
              <span style={{ textDecoration: record.lapsed ? 'line-through' : 'none' }}>
                {told(record, life.flights)}
              </span>
              {record.words && `, ${record.words}`}
              {record.lapsed && <em> lapsed</em>}
            </Box>
          </Box>
        ))}
      </ol>
    </Box>
  )
}
