import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { TakeOffRow } from '../../api/ladder.generated'
import type { ShapeWords } from '../../api/client'
import type { Part } from '../../api/plan.generated'

import { ChoiceField } from '../../ui/ChoiceField'
import type { Field } from './rows'

const PLACES: [string, string][] = [
  ['centre', 'its centre'],
  ['corner', 'its near corner'],
]

const BASES: [string, string][] = [
  ['', 'calculated'],
  ['weighed', 'weighed'],
  ['certified', 'certified or marked'],
  ['estimated', 'estimated'],
]

// Every field of a row, and what may be done with it.
export function RowFields({
  shape,
  read,
  onGroup,
  row,
  set,
  index,
  act,
  count,
}: {
  shape: ShapeWords | undefined
  read: TakeOffRow | null | undefined
  onGroup: (() => void) | null
  row: Part
  set: (field: Field, text: string) => void
  index: number
  act: (to: 'up' | 'down' | 'double' | 'out') => void
  count: number
}) {
  return (
    <>
      <div>
        {shape && (
          <Box sx={{ fontFamily: 'var(--figures)', typography: 'plain', lineHeight: 1.25 }}>
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
    </>
  )
}
