import { memo, useState } from 'react'
import type { TakeOffRow } from '../../api/ladder.generated'
import type { Part } from '../../api/plan.generated'
import { useShown } from '../../ui/preferences'
import { cellId, Column, COLUMNS, Field } from './rows'

const TO_SIGNS: Record<string, [string, string]> = {
  '': ['◎', 'centre'],
  centre: ['◎', 'centre'],
  corner: ['◺', 'corner'],
  origin: ['0', 'origin'],
}

interface RowProps {
  index: number
  top: number
  row: Part | null
  read: TakeOffRow | null
  selected: boolean
  chosen: boolean
  type: (row: number, field: Field, text: string) => void
  settle: (note: string) => void
  choose: (row: number, on: boolean) => void
  nextTo: (row: number) => void
}

const Cell = memo(function Cell({
  column,
  index,
  text,
  wrong,
  type,
  settle,
}: {
  column: Column
  index: number
  text: string
  wrong?: string
  type: RowProps['type']
  settle: RowProps['settle']
}) {
  const [listed, setListed] = useState(false)
  return (
    <span role="cell">
      <input
        id={cellId(index, column.field)}
        className="cell"
        data-row={index}
        data-field={column.field}
        aria-label={`${column.name}, row ${index + 1}`}
        aria-invalid={!!wrong}
        title={wrong}
        value={text}
        maxLength={200}
        autoComplete="off"
        spellCheck={false}
        list={listed ? column.list : undefined}
        onFocus={() => setListed(true)}
        onChange={(event) => type(index, column.field, event.target.value)}
        onBlur={() => {
          setListed(false)
          settle(`row ${index + 1}, ${column.name}`)
        }}
      />
    </span>
  )
})

export const PartRow = memo(function PartRow({
  index,
  top,
  row,
  read,
  selected,
  chosen,
  type,
  settle,
  choose,
  nextTo,
}: RowProps) {
  const shown = useShown()
  const problem = (field: string) =>
    read?.problems.find(
      (one) =>
        one.field === field &&
        (field === 'x' || field === 'y' || field === 'z' || row?.[field as Field] !== undefined),
    )
  const [sign, words] = TO_SIGNS[row?.to.toLowerCase() ?? ''] ?? ['?', row?.to ?? '']
  const mass = read?.mass
  return (
    <div
      className="part-row"
      role="row"
      aria-rowindex={index + 2}
      data-part-row={index}
      data-selected={selected || undefined}
      style={{ transform: `translateY(${top}px)` }}
    >
      <span role="cell" className="center">
        {row ? (
          <button
            type="button"
            tabIndex={-1}
            className="row-head"
            aria-pressed={chosen}
            aria-label={`choose row ${index + 1}`}
            onClick={() => choose(index, !chosen)}
          >
            {index + 1}
          </button>
        ) : (
          '+'
        )}
      </span>
      {COLUMNS.slice(0, 6).map((column) => (
        <Cell
          key={column.field}
          column={column}
          index={index}
          text={row?.[column.field] ?? ''}
          wrong={problem(column.field)?.message}
          type={type}
          settle={settle}
        />
      ))}
      <span role="cell" className="center">
        {row && (
          <button
            type="button"
            tabIndex={-1}
            className="row-head"
            title={`x, y, z are measured to its ${read?.group && row.to === '' ? 'origin' : words}`}
            aria-label={`row ${index + 1} is measured to its ${words}`}
            onClick={() => nextTo(index)}
          >
            {read?.group && row.to === '' ? '0' : sign}
          </button>
        )}
      </span>
      {COLUMNS.slice(6).map((column) => (
        <Cell
          key={column.field}
          column={column}
          index={index}
          text={row?.[column.field] ?? ''}
          wrong={problem(column.field)?.message}
          type={type}
          settle={settle}
        />
      ))}
      <span role="cell" className="right mass" data-mass={index}>
        {row && read ? (mass ? shown(mass) : 'not known') : ''}
      </span>
    </div>
  )
})
