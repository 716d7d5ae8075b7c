import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { TakeOff } from '../../api/ladder.generated'
import type { ShapeWords } from '../../api/client'
import type { Part } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { ChoiceField } from '../../ui/ChoiceField'
import type { Field } from './rows'

const BASES: [string, string][] = [
  ['', 'calculated'],
  ['weighed', 'weighed'],
  ['certified', 'certified or marked'],
  ['estimated', 'estimated'],
]
const PLACES: [string, string][] = [
  ['centre', 'its centre'],
  ['corner', 'its near corner'],
]
const UNITS = ['mm', 'm', 'in', 'ft']

interface Props {
  index: number
  row: Part | null
  sheet: TakeOff | null
  shapes: ShapeWords[]
  working: boolean
  set: (field: Field, text: string) => void
  act: (to: 'up' | 'down' | 'double' | 'out') => void
  count: number
  onGroup: (() => void) | null
}

// The row under the cursor: what was understood, what is wrong, and its working.
export function RowDetail({ index, row, sheet, shapes, working, set, act, count, onGroup }: Props) {
  const shown = useShown()
  const { system } = usePreferences().preferences
  if (!row) {
    return (
      <div className="row-detail">
        <Box sx={{ gridColumn: '1 / -1', lineHeight: 1.4, maxWidth: 760 }}>
          <h2>The next part</h2>
          Write its name, its shape and its size with a unit at each measure, such as <strong>
            plate
          </strong>{' '}
          and <strong>3.6 m x 1.5 m x 20 mm</strong>, then its material, how many, and where it is. A number
          below zero is a cut-out. Tab goes on, Enter goes down.
        </Box>
      </div>
    )
  }
  const read = sheet?.rows[index]
  const one = sheet?.row?.index === index ? sheet.row : null
  const shape = shapes.find(({ id, title, words }) =>
    [id.replaceAll('_', ' '), title.toLowerCase(), ...words].includes(
      row.shape.trim().toLowerCase().replaceAll('_', ' '),
    ),
  )
  const bare = read?.problems.find(
    ({ message, field }) => message.includes('the unit is missing') && field !== 'size',
  )
  return (
    <div className="row-detail" data-row-detail>
      <div>
        <h2>
          {index + 1}. {row.name || row.shape || 'A part'}
        </h2>
        <ul>
          {read?.problems.map((problem) => (
            <li key={problem.field + problem.message} className="wrong" role="status">
              {problem.message}.{' '}
              <Box component="span" sx={{ color: 'var(--ink)', fontWeight: 500 }}>
                Expected: {problem.expected}.
              </Box>
            </li>
          ))}
          {bare && (
            <li>
              {UNITS.map((unit) => (
                <Button
                  key={unit}
                  size="small"
                  variant="outlined"
                  sx={{ minWidth: 44, mr: 0.5 }}
                  onClick={() => set(bare.field as Field, `${row[bare.field as Field].trim()} ${unit}`)}
                >
                  {unit}
                </Button>
              ))}
            </li>
          )}
          {one?.readings.size?.map(({ name, figure }) => (
            <li key={name}>
              {name} <strong>{shown(figure)}</strong>
            </li>
          ))}
          {one?.readings.material?.map(({ name, figure }) => (
            <li key={name}>
              {name} <strong>{shown(figure)}</strong>
            </li>
          ))}
          {one?.readings.place && (
            <li>at {one.readings.place.map(({ name, figure }) => `${name} ${shown(figure)}`).join(', ')}</li>
          )}
        </ul>
      </div>
      <div>
        {shape && (
          <Box sx={{ fontFamily: 'var(--figures)', fontSize: 16, lineHeight: 1.25 }}>
            {shape.title} is written{' '}
            {shape.hints.map((hint, at) => (
              <span key={hint}>
                {at > 0 && ', or '}
                <strong>{hint}</strong>
              </span>
            ))}
            .
          </Box>
        )}
        <div className="fields">
          {read?.group ? (
            <Button variant="outlined" onClick={onGroup ?? undefined} disabled={!onGroup}>
              Open this group
            </Button>
          ) : (
            <ChoiceField
              id="row-basis"
              label="Known by"
              note="how this row is known"
              value={row.basis === 'calculated' ? '' : row.basis}
              choices={
                BASES.some(([basis]) => basis === row.basis) || row.basis === 'calculated'
                  ? BASES
                  : [...BASES, [row.basis, row.basis]]
              }
              onChoose={(basis) => set('basis', basis)}
            />
          )}
          <ChoiceField
            id="row-to"
            label="x, y, z are to"
            note="what x, y and z are measured to"
            value={row.to || (read?.group ? 'origin' : 'centre')}
            choices={
              read?.group
                ? [['origin', 'its origin'], ...PLACES]
                : PLACES.some(([to]) => to === (row.to || 'centre'))
                  ? PLACES
                  : [...PLACES, [row.to, row.to]]
            }
            onChoose={(to) => set('to', to)}
          />
          {shape?.fluid && (
            <ChoiceField
              id="row-fluid"
              label="The fluid"
              note="whether the fluid can move"
              value={row.fluid || 'free'}
              choices={[
                ['free', 'is free to move'],
                ['held', 'is held by baffles'],
              ]}
              onChoose={(fluid) => set('fluid', fluid)}
            />
          )}
        </div>
        <div className="row-acts">
          <button
            type="button"
            disabled={index === 0}
            onClick={() => act('up')}
            aria-label="Move this row up"
            title="Move up (Alt and arrow up)"
          >
            ↑
          </button>
          <button
            type="button"
            disabled={index >= count - 1}
            onClick={() => act('down')}
            aria-label="Move this row down"
            title="Move down (Alt and arrow down)"
          >
            ↓
          </button>
          <button type="button" onClick={() => act('double')} title="Ctrl and D">
            Double
          </button>
          <button type="button" onClick={() => act('out')} title="Ctrl and Delete">
            Out
          </button>
        </div>
      </div>
      <div className="working">
        {working || !one ? (
          <span role="status">working</span>
        ) : (
          <dl style={{ margin: 0 }}>
            {one.working.map((line, at) => (
              <div key={at} className="line" data-line={line.symbol}>
                <dt>{line.symbol}</dt>
                <dd>{line.formula ? `${line.formula} = ${line[system] ?? ''}` : line.source}</dd>
                <dd className="result">{shown(line.result)}</dd>
              </div>
            ))}
          </dl>
        )}
      </div>
    </div>
  )
}
