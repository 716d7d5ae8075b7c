import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { DaysPage } from '../../api/client'
import { useMay } from '../../ui/who'

type Begun = NonNullable<DaysPage['begun']>

interface Step {
  id: string
  label: string
  to: string
  done: boolean
  words: string
  why: string
}

const some = (count: number, one: string) =>
  count === 0 ? `no ${one} yet` : count === 1 ? `1 ${one}` : `${count} ${one}s`

// What there is so far of what a first lift rests on. One can be begun without: what it lacks stays dashed.
const stepsOf = ({ people, charts, checked, pieces, sites }: Begun): Step[] => [
  {
    id: 'people',
    label: 'People',
    to: '/people',
    done: people > 1,
    words: people > 1 ? `${people} people` : 'nobody but you yet',
    why: 'who plans, rigs and is appointed: a second person looks through what the first one wrote',
  },
  {
    id: 'cranes',
    label: 'Cranes and charts',
    to: '/cranes',
    done: checked > 0,
    words: `${some(charts, 'chart')}${charts > 0 ? `, ${checked} read against the binder` : ''}`,
    why: 'typed from the binder by one person, read against it by another; until then no plan with it holds',
  },
  {
    id: 'store',
    label: 'Gear store',
    to: '/store',
    done: pieces > 0,
    words: some(pieces, 'piece'),
    why: 'slings, shackles, hooks and beams as their tags have them, one by one or from a CSV file',
  },
  {
    id: 'sites',
    label: 'Site',
    to: '/sites',
    done: sites > 0,
    words: some(sites, 'site'),
    why: 'ground, power lines, obstacles and ways of people; a lift may also answer for them in words',
  },
]

interface NewHouseProps {
  begun: Begun
  plans: number
  start: () => void
}

// A house before its first lift: what that needs, in the order in which it is made ready, and the lift.
export function NewHouse({ begun, plans, start }: NewHouseProps) {
  const may = useMay()
  return (
    <section className="new-house" aria-label="The first days">
      <h2>{plans > 0 ? 'What the first lift still needs' : 'No lifts yet'}</h2>
      <ol>
        {stepsOf(begun).map((step, index) => (
          <li key={step.id} className={step.done ? 'done' : undefined} data-step={step.id}>
            <span className="number" aria-hidden>
              {index + 1}
            </span>
            <div>
              {step.id === 'people' && !may('admin') ? (
                <strong>{step.label}</strong>
              ) : (
                <Link to={step.to}>{step.label}</Link>
              )}{' '}
              <span className="small">{step.words}</span>
              <p>{step.why}</p>
            </div>
          </li>
        ))}
        <li data-step="lift">
          <span className="number" aria-hidden>
            5
          </span>
          <div>
            {may('planner') ? (
              <>
                <Button variant="contained" onClick={start}>
                  New lift
                </Button>
                {plans > 0 ? (
                  <>
                    , or go on with <Link to="/all">what is begun</Link>.
                  </>
                ) : (
                  ', or drop a plan file here.'
                )}
              </>
            ) : (
              'A planner starts the first lift.'
            )}
            <p>
              With weight, sizes and radius at hand some ten minutes, led step by step. Nothing of the above
              has to be there first: what is not known stays dashed, and nothing dashed is ever issued.
            </p>
          </div>
        </li>
      </ol>
      <p>
        To look about meanwhile: <Link to="/practice">made-up lifts to practise on</Link>, which touch no
        plan.
      </p>
    </section>
  )
}
