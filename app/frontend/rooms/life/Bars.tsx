import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { ActName, BarLine, PlanLife } from '../../api/answers.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { useMay } from '../../ui/who'
import type { Asked } from './SignDialog'
import { counted, DO } from './words'

interface Props {
  plan: number
  life: PlanLife
  onAct: (asked: Asked) => void
  onPattern: (pattern: boolean) => void
}

// What one does by signing, where that is not what bars.
const WORDS: Partial<Record<ActName, string>> = {
  wrote: 'The plan is written down as it stands now, for others to climb and to sign.',
  flight: 'You have climbed every rung of this flight, as it stands now.',
  second: 'You have gone through the whole plan, and what makes it critical.',
}

// The one way to what bars: mine is filled; what is somebody else's says whose.
function Way({ plan, life, bar, onAct }: Omit<Props, 'onPattern'> & { bar: BarLine }) {
  const shown = useShown()
  const act = bar.way['act'] as ActName | undefined
  const rung = bar.way['rung']
  if (!act)
    return (
      <Button
        component={Link}
        to={`/plans/${plan}${rung ? `?rung=${rung}` : ''}`}
        variant="outlined"
        size="small"
      >
        To the ladder
      </Button>
    )
  if (!life.acts.includes(act)) return <span className="small">waits for: {bar.roles.join(' or ')}</span>
  const about = Object.fromEntries(Object.entries(bar.way).filter(([name]) => name !== 'act'))
  return (
    <Button
      variant="contained"
      size="small"
      onClick={() => onAct({ act, about, words: WORDS[act] ?? shown(bar.words) })}
    >
      {DO[act]}
    </Button>
  )
}

// What may be done once nothing bars it, or beside.
const FREE: [ActName, string][] = [
  ['began', 'The crew begins the lift.'],
  ['closed', 'It is over: lifted, or not and why.'],
  ['withdrawn', 'It does not hold any more.'],
  ['archived', 'It is put away. Nothing follows.'],
]

// Everything of it on paper, in the units that are chosen.
function Pack({ plan }: { plan: number }) {
  const { system } = usePreferences().preferences
  return (
    <Button
      fullWidth
      variant="outlined"
      component="a"
      href={`/api/plans/${plan}/pack?units=${system}`}
      target="_blank"
      rel="noopener"
      sx={{ my: 1 }}
    >
      Its pack, to print
    </Button>
  )
}

export function Bars({ plan, life, onAct, onPattern }: Props) {
  const planner = useMay()('planner')
  const shown = useShown()
  const open = !['issued', 'lifting', 'closed'].includes(life.state)
  // What was issued and does not hold as things are now.
  const broken = ['issued', 'lifting'].includes(life.state) ? life.bars.filter((bar) => !bar.way['act']) : []
  return (
    <Box component="section" aria-labelledby="bars" sx={{ px: 2, py: 1.5 }}>
      <Box component="h2" id="bars" sx={{ typography: 'heading', m: 0, mb: 1 }}>
        {open ? `To issue: ${counted(life.bars.length)}` : 'What comes next'}
      </Box>
      {open &&
        life.bars.map((bar, index) => (
          <Box
            key={bar.words.metric}
            data-bar={bar.way['act'] ?? bar.way['rung'] ?? 'place'}
            sx={{ display: 'flex', gap: 1, py: 1, borderTop: '1px solid var(--line)', alignItems: 'center' }}
          >
            <strong>{index + 1}</strong>
            <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>{shown(bar.words)}</Box>
            <Way plan={plan} life={life} bar={bar} onAct={onAct} />
          </Box>
        ))}
      {broken.length > 0 && (
        <Box role="alert" sx={{ bgcolor: 'var(--stopGround)', color: 'var(--onStop)', p: 1.5, mb: 1 }}>
          <strong>It does not hold any more: no lift by it.</strong>
          {broken.map((bar) => (
            <Box key={bar.words.metric}>{shown(bar.words)}</Box>
          ))}
        </Box>
      )}
      {open && (
        <Button
          fullWidth
          variant={life.acts.includes('issued') ? 'contained' : 'outlined'}
          disabled={!life.acts.includes('issued')}
          onClick={() => onAct({ act: 'issued', about: {}, words: `Revision ${life.revision} is issued.` })}
          sx={{ mt: 1.5, '&.Mui-disabled': { border: '2px dashed var(--ink)', color: 'var(--ink)' } }}
        >
          {life.bars.length > 0
            ? `Issue rev ${life.revision ?? 'A'}: barred by ${life.bars.length}`
            : life.acts.includes('issued')
              ? `Issue rev ${life.revision}`
              : `Issue rev ${life.revision ?? 'A'}: waits for an appointed person`}
        </Button>
      )}
      {!open && life.acts.includes('wrote') && (
        <Button
          variant="outlined"
          onClick={() => onAct({ act: 'wrote', about: {}, words: 'Another revision begins as a draft.' })}
          sx={{ mr: 1, mb: 1 }}
        >
          Begin another revision
        </Button>
      )}
      {planner && (
        <Button variant="outlined" onClick={() => onPattern(!life.pattern)} sx={{ mt: 1, mr: 1 }}>
          {life.pattern ? 'No longer a pattern' : 'Keep as a pattern'}
        </Button>
      )}
      <Pack plan={plan} />
      {['issued', 'lifting', 'closed'].includes(life.state) && (
        <Button
          fullWidth
          variant="contained"
          component={Link}
          to={`/plans/${plan}/day`}
          sx={{ mb: 1.5, minHeight: 52 }}
        >
          The day of the lift
        </Button>
      )}
      {FREE.filter(([act]) => life.acts.includes(act)).map(([act, words]) => (
        <Button
          key={act}
          variant="outlined"
          onClick={() => onAct({ act, about: {}, words })}
          sx={{ mt: 1, mr: 1 }}
        >
          {DO[act]}
        </Button>
      ))}
    </Box>
  )
}
