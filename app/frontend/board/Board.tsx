import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { api, type Summary } from '../api/client'
import { usePreferences, useShown } from '../display/preferences'
import { Reading } from '../display/Reading'
import { RungBar } from '../ladder/RungBar'
import { COLOUR, WORD, type Verdict } from '../ladder/verdict'
import { BAR_HEIGHT, figures } from '../theme/tokens'
import { Brand } from '../workbench/TopBar'
import { FileButton, FileDrop } from './FileDrop'
import { NewLift } from './NewLift'
import { QuickCheck } from './QuickCheck'
import { SmallLadder } from './SmallLadder'

const WORST_FIRST: Verdict[] = ['stop', 'not_known', 'tight', 'holds']
const COLUMNS = {
  xs: '64px 1fr',
  md: '104px 96px minmax(220px, 1.1fr) minmax(250px, 1.2fr) minmax(150px, 0.8fr) minmax(170px, 0.9fr)',
}
const timed = (plan: Summary) => plan.lift_at !== null && !Number.isNaN(Date.parse(`${plan.lift_at}:00`))
const dayOf = (plan: Summary) =>
  timed(plan)
    ? new Date(`${plan.lift_at}:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' })
    : 'No day'
const monthOf = (plan: Summary) =>
  timed(plan)
    ? new Date(`${plan.lift_at}:00`).toLocaleDateString('en-GB', { month: 'short', year: 'numeric' })
    : ''
const dateOf = (plan: Summary) => plan.lift_at?.slice(0, 10)

// Every lift as a small ladder on its own line, and what it waits for.
const LEGS: Record<number, string> = { 1: 'one leg', 2: 'two legs', 3: 'three legs', 4: 'four legs' }

export function Board() {
  const plans = useQuery({ queryKey: ['plans'], queryFn: api.plans, refetchOnMount: 'always' })
  const { preferences, prefer } = usePreferences()
  const [order, setOrder] = useState<'day' | 'weakest'>('day')
  const [starting, setStarting] = useState(false)
  const [checking, setChecking] = useState(false)
  useEffect(() => {
    document.title = 'Dust Ladder'
  }, [])
  const list = [...(plans.data ?? [])]
  if (order === 'weakest')
    list.sort((one, other) => WORST_FIRST.indexOf(one.verdict) - WORST_FIRST.indexOf(other.verdict))
  const count = (verdict: Verdict) => list.filter((plan) => plan.verdict === verdict).length
  const tab = (which: typeof order, words: string) => (
    <Button
      aria-pressed={order === which}
      onClick={() => setOrder(which)}
      sx={{
        height: '100%',
        color: 'inherit',
        ...(order === which && {
          bgcolor: 'var(--barSelected)',
          color: 'var(--onBarSelected)',
          '&:hover': { bgcolor: 'var(--barSelected)' },
        }),
      }}
    >
      {words}
    </Button>
  )
  return (
    <FileDrop>
      <Box
        component="header"
        className="on-bar"
        sx={{
          minHeight: BAR_HEIGHT,
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          bgcolor: 'var(--bar)',
          color: 'var(--onBar)',
          position: 'sticky',
          top: 0,
          zIndex: 10,
        }}
      >
        <Brand />
        <Box component="h1" sx={{ m: 0, fontSize: 20, fontWeight: 600, pl: { xs: 0, md: 4 } }}>
          Lifts
        </Box>
        {plans.data && (
          <Box
            sx={{ pl: 2, fontFamily: figures, fontSize: 18 }}
          >{`${list.length} plans: ${count('holds')} hold, ${count('tight')} tight, ${count('stop')} stop, ${count('not_known')} not known`}</Box>
        )}
        <Box
          sx={{ ml: 'auto', display: 'flex', height: BAR_HEIGHT, flexWrap: 'wrap', '&& > *': { px: '11px' } }}
        >
          {tab('day', 'By day')}
          {tab('weakest', 'Weakest first')}
          <FileButton />
          <Button component={Link} to="/cranes" sx={{ color: 'inherit', height: '100%' }}>
            Cranes
          </Button>
          <Button component={Link} to="/store" sx={{ color: 'inherit', height: '100%' }}>
            Gear store
          </Button>
          <Button
            onClick={() => prefer({ night: !preferences.night })}
            sx={{ color: 'inherit', height: '100%' }}
          >
            {preferences.night ? 'Day' : 'Night'}
          </Button>
          <Button onClick={() => setChecking(true)} sx={{ color: 'inherit', height: '100%' }}>
            Quick check
          </Button>
          <Button variant="contained" onClick={() => setStarting(true)} sx={{ height: '100%', px: 3 }}>
            New lift
          </Button>
        </Box>
      </Box>
      <Box component="main" sx={{ bgcolor: 'var(--bone)', minHeight: `calc(100dvh - ${BAR_HEIGHT}px)` }}>
        <Reading query={plans} what="plans" pad={{ p: 4 }} />
        {plans.data?.length === 0 && (
          <Box sx={{ p: 4, fontSize: 20 }}>
            No lifts yet. Start with{' '}
            <Button variant="outlined" onClick={() => setStarting(true)}>
              New lift
            </Button>
            , or drop a plan file here.
          </Box>
        )}
        {list.length > 0 && (
          <Box role="table" aria-label="Lifts">
            <Box
              role="row"
              sx={{
                display: { xs: 'none', md: 'grid' },
                gridTemplateColumns: COLUMNS,
                bgcolor: 'var(--dust)',
                borderBottom: '1.5px solid var(--ink)',
                fontFamily: figures,
                fontSize: 16,
                '& > *': { px: '12px', py: '6px' },
              }}
            >
              {['day', 'ladder', 'lift', 'verdict, and the rung that governs', 'crane', 'waits for'].map(
                (head) => (
                  <Box role="columnheader" key={head}>
                    {head}
                  </Box>
                ),
              )}
            </Box>
            {list.map((plan, index) => (
              <Line
                key={plan.id}
                plan={plan}
                sameDay={order === 'day' && index > 0 && dateOf(list[index - 1]!) === dateOf(plan)}
              />
            ))}
          </Box>
        )}
      </Box>
      {starting && <NewLift onClose={() => setStarting(false)} />}
      {checking && <QuickCheck onClose={() => setChecking(false)} />}
    </FileDrop>
  )
}

function Line({ plan, sameDay }: { plan: Summary; sameDay: boolean }) {
  const shown = useShown()
  const governing = plan.rungs.find((rung) => rung.id === plan.governs[0])
  const share = governing?.percent?.value ?? null
  const [, reason] = shown(plan.headline).split(/: (.*)/s)
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
        {!sameDay && <Box sx={{ fontSize: 18, fontWeight: 600, lineHeight: 1.2 }}>{dayOf(plan)}</Box>}
        <Box sx={{ fontFamily: figures, fontSize: 18 }}>{plan.lift_at?.slice(11) ?? ''}</Box>
        {!sameDay && (
          <Box sx={{ fontFamily: figures, fontSize: 15, color: 'var(--ink2)' }}>{monthOf(plan)}</Box>
        )}
      </Box>
      <Box role="cell" sx={{ display: { xs: 'none', md: 'block' }, p: '0 !important' }}>
        <SmallLadder plan={plan} height={86} />
      </Box>
      <Box role="cell">
        <Box
          component={Link}
          to={`/plans/${plan.id}`}
          sx={{
            color: 'inherit',
            fontSize: 20,
            fontWeight: 600,
            lineHeight: 1.2,
            textDecoration: 'none',
            overflowWrap: 'anywhere',
            '&::after': { content: '""', position: 'absolute', inset: 0 },
          }}
        >
          {plan.title}
        </Box>
        <Box
          sx={{ fontFamily: figures, fontSize: 16, color: 'var(--ink2)' }}
        >{`${LEGS[plan.legs] ?? plan.legs}, ${plan.planned ? `${shown(plan.planned)} planned` : 'weight not known'}`}</Box>
      </Box>
      <Box role="cell">
        <Box sx={{ display: 'flex', alignItems: 'center', gap: '14px' }}>
          <RungBar verdict={plan.verdict} share={share} width={72} height={18} stiles plain />
          <Box sx={{ fontSize: 20, fontWeight: 600, color: COLOUR[plan.verdict] }}>
            {WORD[plan.verdict][0]!.toUpperCase() + WORD[plan.verdict].slice(1)}
          </Box>
        </Box>
        <Box
          sx={{
            fontFamily: figures,
            fontSize: 17,
            fontWeight: 600,
            lineHeight: 1.2,
            '&::first-letter': { textTransform: 'uppercase' },
          }}
        >
          {reason}
        </Box>
      </Box>
      <Box role="cell" sx={{ fontFamily: figures, fontSize: 17, lineHeight: 1.25 }}>
        {plan.chart ?? 'no chart chosen'}
        <Box sx={{ color: 'var(--ink2)' }}>rev {plan.revision}</Box>
      </Box>
      <Box role="cell" sx={{ fontFamily: figures, fontSize: 17, lineHeight: 1.25 }}>
        {plan.needs.length > 0
          ? plan.needs.slice(0, 2).join('; ')
          : plan.verdict === 'stop'
            ? 'a change to what stops it'
            : 'nothing here; look at what is not checked'}
      </Box>
    </Box>
  )
}
