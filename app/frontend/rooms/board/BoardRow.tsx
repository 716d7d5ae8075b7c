import Box from '@mui/material/Box'
import { Link } from 'react-router'
import type { Summary, WorkingLine } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR } from '../../ladder/verdict'
import { figures } from '../../ui/theme/tokens'
import { SmallLadder } from './SmallLadder'

export const COLUMNS = {
  xs: '64px 1fr',
  md: '104px 96px minmax(220px, 1.1fr) minmax(250px, 1.2fr) minmax(150px, 0.8fr) minmax(170px, 0.9fr)',
}
type Listed = Summary | WorkingLine
const LEGS: Record<number, string> = { 1: 'one leg', 2: 'two legs', 3: 'three legs', 4: 'four legs' }
const timed = (plan: Listed) => plan.lift_at !== null && !Number.isNaN(Date.parse(`${plan.lift_at}:00`))
const written = (plan: Listed, options: Intl.DateTimeFormatOptions) =>
  new Date(`${plan.lift_at}:00`).toLocaleDateString('en-GB', options)
const dayOf = (plan: Listed) => (timed(plan) ? written(plan, { weekday: 'short', day: 'numeric' }) : 'No day')
const monthOf = (plan: Listed) => (timed(plan) ? written(plan, { month: 'short', year: 'numeric' }) : '')

// One lift: its day, its ladder in small, its verdict and what it waits for.
export function BoardRow({ plan, sameDay }: { plan: Listed; sameDay: boolean }) {
  return (
    <Box
      role="row"
      sx={{
        position: 'relative',
        display: 'grid',
        gridTemplateColumns: COLUMNS,
        minHeight: 88,
        alignItems: 'stretch',
        '& > *': { px: '12px', py: '10px', borderTop: '1.5px solid var(--ink)', minWidth: 0 },
        '& > *:first-of-type': { borderTop: sameDay ? 'none' : undefined },
        '&:hover': { bgcolor: 'var(--wash)' },
      }}
    >
      <Box role="cell" sx={{ bgcolor: 'var(--dust)', gridRow: { xs: 'span 4', md: 'auto' } }}>
        {!sameDay && <Box sx={{ typography: 'lead', fontWeight: 600, lineHeight: 1.2 }}>{dayOf(plan)}</Box>}
        <Box sx={{ fontFamily: figures, typography: 'lead' }}>{plan.lift_at?.slice(11) ?? ''}</Box>
        {!sameDay && (
          <Box sx={{ fontFamily: figures, typography: 'small', color: 'var(--ink2)' }}>{monthOf(plan)}</Box>
        )}
      </Box>
      <Box role="cell" sx={{ display: { xs: 'none', md: 'block' }, p: '0 !important' }}>
        {!plan.working && <SmallLadder plan={plan} height={86} />}
      </Box>
      <Title plan={plan} />
      {plan.working ? (
        <Box role="cell" sx={{ fontFamily: figures, typography: 'field', gridColumn: { md: 'span 3' } }}>
          working
        </Box>
      ) : (
        <Standing plan={plan} />
      )}
    </Box>
  )
}

function Title({ plan }: { plan: Listed }) {
  const shown = useShown()
  return (
    <Box role="cell">
      <Box
        component={Link}
        to={`/plans/${plan.id}`}
        sx={{
          color: 'inherit',
          typography: 'heading',
          fontWeight: 600,
          lineHeight: 1.2,
          textDecoration: 'none',
          overflowWrap: 'anywhere',
          '&::after': { content: '""', position: 'absolute', inset: 0 },
        }}
      >
        {plan.title}
      </Box>
      {!plan.working && (
        <Box sx={{ fontFamily: figures, typography: 'plain', color: 'var(--ink2)' }}>
          {`${LEGS[plan.legs] ?? 'no legs'}` +
            `, ${plan.planned ? `${shown(plan.planned)} planned` : 'weight not known'}`}
        </Box>
      )}
    </Box>
  )
}

function Standing({ plan }: { plan: Summary }) {
  const shown = useShown()
  const governing = plan.rungs.find((rung) => rung.id === plan.governs[0])
  // Verdict and what is left out; then the rung that governs.
  const [verdict, reason] = shown(plan.headline).split(/: (.*)/s)
  return (
    <>
      <Box role="cell">
        <Box sx={{ display: 'flex', alignItems: 'center', gap: '14px' }}>
          <RungBar
            verdict={plan.verdict}
            share={governing?.percent?.value ?? null}
            width={72}
            height={18}
            stiles
            plain
          />
          <Box sx={{ typography: 'heading', fontWeight: 600, color: COLOUR[plan.verdict] }}>{verdict}</Box>
        </Box>
        <Box
          sx={{
            fontFamily: figures,
            typography: 'field',
            fontWeight: 600,
            lineHeight: 1.2,
            '&::first-letter': { textTransform: 'uppercase' },
          }}
        >
          {reason}
        </Box>
      </Box>
      <Box role="cell" sx={{ fontFamily: figures, typography: 'field', lineHeight: 1.25 }}>
        {plan.chart ?? 'no chart chosen'}
        <Box sx={{ color: 'var(--ink2)' }}>
          rev {plan.revision}, {plan.state}
        </Box>
      </Box>
      <Box role="cell" sx={{ fontFamily: figures, typography: 'field', lineHeight: 1.25 }}>
        {plan.needs.length > 0
          ? plan.needs.slice(0, 2).join('; ')
          : plan.verdict === 'stop'
            ? 'a change to what stops it'
            : 'nothing here'}
      </Box>
    </>
  )
}
