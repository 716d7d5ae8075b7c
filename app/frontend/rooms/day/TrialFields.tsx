import TextField from '@mui/material/TextField'
import type { LiftDay } from '../../api/answers.generated'
import { faultWords } from '../../api/wire'
import type { Fault } from '../../api/client'
import { ChoiceField } from '../../ui/ChoiceField'
import { usePreferences } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { sideless } from './typedTry'
import { asTheyLie } from './words'

// A try as it is typed: what is empty was not looked at.
export interface Typed {
  cells: string[]
  indicator: string
  shows: string
  along: string
  alongLow: string
  across: string
  acrossLow: string
  tight: string
  slack: string
  brakes: string
  swing: string
}

export const blank = (legs: number): Typed => ({
  cells: Array<string>(legs).fill(''),
  indicator: '',
  shows: '',
  along: '',
  alongLow: '',
  across: '',
  acrossLow: '',
  tight: '',
  slack: '',
  brakes: '',
  swing: '',
})

const listed = (names: string[]) => names.join(', ')

// The points at either end, by which people say which end is low. plus: the one whose being low is a tilt
// above zero.
export const ends = (day: LiftDay, axis: 0 | 1) => {
  const middle = (day.size?.[axis] ?? 0) / 2
  const far = day.names.filter((_, at) => (day.points[at]?.[axis] ?? middle) > middle)
  const near = day.names.filter((_, at) => (day.points[at]?.[axis] ?? middle) < middle)
  const words = [
    far.length > 0 ? `${listed(far)} low` : axis === 0 ? 'far end low' : 'far side low',
    near.length > 0 ? `${listed(near)} low` : axis === 0 ? 'near end low' : 'near side low',
  ]
  // Across, + is where the far side is high.
  return axis === 0 ? { plus: words[0]!, minus: words[1]! } : { plus: words[1]!, minus: words[0]! }
}

interface Props {
  day: LiftDay
  typed: Typed
  faults: Fault[]
  set: (change: Partial<Typed>) => void
}

function Tilt({ day, typed, set, faults, axis }: Props & { axis: 0 | 1 }) {
  const name = axis === 0 ? 'along' : 'across'
  const low = axis === 0 ? 'alongLow' : 'acrossLow'
  const fault = faults.find(({ pointer }) => pointer.endsWith(`/${name}`))
  const unsaid = sideless(typed).includes(name)
  const { plus, minus } = ends(day, axis)
  return (
    <div className="day-pair">
      <TextField
        variant="filled"
        fullWidth
        label={`Tilt ${name}, degrees`}
        value={typed[name]}
        placeholder="0.8"
        error={!!fault || unsaid}
        helperText={fault ? faultWords(fault) : unsaid ? 'say beside it which end is low' : ' '}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 20 } }}
        onChange={(event) => set({ [name]: event.target.value })}
      />
      <ChoiceField
        id={`low-${name}`}
        label="Which is low"
        note={`Which is low ${name}`}
        value={typed[low]}
        choices={[
          ['', 'say which'],
          ['plus', plus],
          ['minus', minus],
        ]}
        onChoose={(value) => set({ [low]: value })}
      />
    </div>
  )
}

function Cells({ day, typed, set, faults }: Props) {
  const us = usePreferences().preferences.system === 'us'
  return (
    <div className="day-legs">
      {asTheyLie(day).map((leg) => {
        const name = day.names[leg]!
        const fault = faults.find(({ pointer }) => pointer.endsWith(`/cells/${leg}`))
        return (
          <TextField
            key={name}
            variant="filled"
            fullWidth
            label={`${name} cell`}
            value={typed.cells[leg]}
            placeholder={us ? '4,740 lb, or dead' : '2 150 kg, or dead'}
            error={!!fault}
            helperText={fault ? faultWords(fault) : ' '}
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 20 } }}
            onChange={(event) => set({ cells: typed.cells.with(leg, event.target.value) })}
          />
        )
      })}
    </div>
  )
}

const SAYS: { name: 'tight' | 'brakes' | 'swing'; label: string; choices: [string, string][] }[] = [
  {
    name: 'tight',
    label: 'All lines tight, by eye',
    choices: [
      ['', 'not looked at'],
      ['yes', 'yes'],
      ['no', 'no'],
    ],
  },
  {
    name: 'brakes',
    label: 'Brake',
    choices: [
      ['', 'not tried'],
      ['held', 'holds'],
      ['slipped', 'does not hold'],
    ],
  },
  {
    name: 'swing',
    label: 'As it came free',
    choices: [
      ['', 'not looked at'],
      ['none', 'it hung still'],
      ['some', 'it swung a little'],
      ['much', 'it swung'],
    ],
  },
]

export function TrialFields(props: Props) {
  const { day, typed, set, faults } = props
  const us = usePreferences().preferences.system === 'us'
  const fault = faults.find(({ pointer }) => pointer.endsWith('/indicator'))
  const many = (day.trial?.tries.length ?? 0) + 1
  return (
    <>
      <Heading aside="empty: not looked at">Try {many}: read and seen</Heading>
      <Cells {...props} />
      <div className="day-pair">
        <TextField
          variant="filled"
          fullWidth
          label="Crane indicator"
          value={typed.indicator}
          placeholder={us ? '15,560 lb' : '7.06 t'}
          error={!!fault}
          helperText={fault ? faultWords(fault) : ' '}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: 20 } }}
          onChange={(event) => set({ indicator: event.target.value })}
        />
        <ChoiceField
          id="shows"
          label="It shows"
          value={typed.shows}
          choices={[
            ['', 'not known: counted as load'],
            ['with_block', 'block and rope too'],
            ['without_block', 'only what hangs in the hook'],
          ]}
          onChoose={(shows) => set({ shows })}
        />
      </div>
      <Tilt {...props} axis={0} />
      <Tilt {...props} axis={1} />
      <div className="day-three">
        {SAYS.map(({ name, label, choices }) => (
          <ChoiceField
            key={name}
            id={`try-${name}`}
            label={label}
            value={typed[name]}
            choices={choices}
            onChoose={(value) => set({ [name]: value })}
          />
        ))}
      </div>
      {typed.tight === 'no' && (
        <ChoiceField
          id="try-slack"
          label="Which is slack"
          value={typed.slack}
          choices={[['', 'say which'], ...day.names.map((name, at): [string, string] => [String(at), name])]}
          onChoose={(slack) => set({ slack })}
        />
      )}
    </>
  )
}
