import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../../api/client'
import { usePreferences, useShown } from '../../ui/preferences'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD } from '../../ladder/verdict'
import { ChoiceField } from '../../ui/ChoiceField'
import { Choices } from '../../rungs/shared/fields'
import { Row } from '../../ui/Row'

const START = {
  weight: '',
  basis: 'estimated',
  legs: '2',
  angle: '',
  length: '',
  height: '',
  hitch: 'vertical',
  rating: '',
}
type Given = typeof START
const BASES: [string, string][] = [
  ['estimated', 'estimated'],
  ['calculated', 'calculated'],
  ['certified', 'certified or marked'],
  ['weighed', 'weighed'],
]
const HITCHES: [string, string][] = [
  ['vertical', 'straight'],
  ['choker', 'choker'],
  ['basket', 'basket'],
]
const LEGS: [string, string][] = ['1', '2', '3', '4'].map((count) => [count, count])

// The slings of a lift in a few words: tension, factor and verdict as they are typed; and the way to a
// whole plan.
export function QuickCheck({ onClose }: { onClose: () => void }) {
  const [given, setGiven] = useState<Given>(START)
  const shown = useShown()
  const { system } = usePreferences().preferences
  const navigate = useNavigate()
  const asked = useQuery({
    queryKey: ['quick_check', given],
    queryFn: () => api.quickCheck(given),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  })
  const stale = asked.isPlaceholderData
  const answer = asked.data
  const start = useMutation({
    mutationFn: () => api.importFile(new File([JSON.stringify(answer!.plan)], 'quick-check.json')),
    onSuccess: (plan) => navigate(`/plans/${plan.id}`),
  })
  const set = (name: keyof Given) => (value: string) => setGiven((now) => ({ ...now, [name]: value }))
  const field = (name: keyof Given, label: string, empty: string) => {
    const problem = answer?.problems.find(
      (one) => one.pointer === `/${name}` && one.typed === given[name].trim(),
    )
    return (
      <div>
        <TextField
          variant="filled"
          fullWidth
          label={label}
          value={given[name]}
          error={!!problem}
          autoFocus={name === 'weight'}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: 80 } }}
          helperText={
            problem
              ? `${problem.message}; ${problem.expected}`
              : name === 'angle' && given.angle && answer?.angle
                ? answer.angle
                : given[name]
                  ? ' '
                  : empty
          }
          onChange={(event) => set(name)(event.target.value)}
        />
        <Choices choices={problem?.choices ?? []} take={set(name)} />
      </div>
    )
  }
  const verdict = stale || !answer ? 'not_known' : answer.verdict
  const words = stale
    ? 'working'
    : (answer?.flat ?? (answer?.missing ? `needs ${answer.missing}` : WORD[verdict]))
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Quick check of slings</DialogTitle>
      <DialogContent>
        <Row columns="1fr 1fr">
          {field('weight', 'Weight', 'such as 3.2 t')}
          <ChoiceField
            id="quick-basis"
            label="How it is known"
            value={given.basis}
            choices={BASES}
            onChoose={set('basis')}
          />
        </Row>
        <Row columns="1fr 1fr">
          <ChoiceField
            id="quick-legs"
            label="Legs"
            value={given.legs}
            choices={LEGS}
            onChoose={set('legs')}
          />
          <ChoiceField
            id="quick-hitch"
            label="Hitch"
            value={given.hitch}
            choices={HITCHES}
            onChoose={set('hitch')}
          />
        </Row>
        {field(
          'angle',
          'Angle of the legs, from where',
          'such as 60° from horizontal; or length and height below',
        )}
        {given.angle === '' && (
          <Row columns="1fr 1fr">
            {field('length', 'Leg length', 'bearing to bearing')}
            {field('height', 'Height of hook over points', 'the same stretch of leg')}
          </Row>
        )}
        {field('rating', 'Straight rating of one leg', 'by its tag')}
        <Box
          role="status"
          sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 2, p: 1.5, bgcolor: 'var(--wash)' }}
        >
          <RungBar
            verdict={verdict}
            share={!stale && !answer?.flat ? (answer?.utilisation?.value ?? null) : null}
            width={60}
            height={16}
            stiles
            plain
          />
          <Box sx={{ fontWeight: 600, color: COLOUR[verdict] }} data-quick-verdict={verdict}>
            {words}
            {!stale && !answer?.flat && answer?.utilisation ? `, ${shown(answer.utilisation)}` : ''}
          </Box>
          {!stale && answer?.tension && answer.factor && (
            <Box sx={{ ml: 'auto' }}>
              {shown(answer.tension)} in a leg, ×{shown(answer.factor)}
            </Box>
          )}
        </Box>
        {!stale &&
          answer?.working.map((line) => (
            <div key={line.symbol} className="small">
              {line.symbol} = {line[system] ?? ''} {line[system] ? '= ' : ''}
              {shown(line.result)}; {line.source}
            </div>
          ))}
        <Box sx={{ mt: 1 }}>
          Legs alike, the CG in their middle, the load level. Of crane, points, edges and how it really hangs
          this says nothing: the tag, the chart and a qualified person come first.
        </Box>
        {start.isError && <div role="alert">not started: {start.error.message}</div>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={!answer || stale || start.isPending}
          onClick={() => start.mutate()}
        >
          Make it a plan
        </Button>
      </DialogActions>
    </Dialog>
  )
}
