import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { TakeOff } from '../../api/ladder.generated'
import type { ShapeWords } from '../../api/client'
import type { Part } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'

import type { Field } from './rows'
import { RowFields } from './RowFields'

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
      <RowFields
        shape={shape}
        read={read}
        onGroup={onGroup}
        row={row}
        set={set}
        index={index}
        act={act}
        count={count}
      />
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
