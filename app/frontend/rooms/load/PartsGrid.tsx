import type { TakeOff } from '../../api/ladder.generated'
import type { Part } from '../../api/plan.generated'
import { PartRow } from './PartRow'
import { type Field, COLUMNS } from './rows'
import type { RefObject } from 'react'
import type { Virtualizer } from '@tanstack/react-virtual'

// Heads and rows; of thousands only those that are seen.
export function PartsGrid({
  scroller,
  onRow,
  virtual,
  rows,
  sheet,
  selected,
  chosen,
  type,
  settle,
  choose,
  nextTo,
}: {
  scroller: RefObject<HTMLDivElement | null>
  onRow: (row: number) => void
  virtual: Virtualizer<HTMLDivElement, Element>
  rows: Part[]
  sheet: TakeOff | null
  selected: number
  chosen: Set<number>
  type: (row: number, field: Field, text: string) => void
  settle: (note: string) => void
  choose: (row: number, on: boolean) => void
  nextTo: (row: number) => void
}) {
  return (
    <>
      <div className="part-row part-heads" role="row" aria-rowindex={1}>
        <span role="columnheader" className="center">
          #
        </span>
        {COLUMNS.slice(0, 6).map(({ field, head }) => (
          <span role="columnheader" key={field}>
            {head}
          </span>
        ))}
        <span role="columnheader" className="center" aria-label="measured to">
          to
        </span>
        {COLUMNS.slice(6).map(({ field, head }) => (
          <span role="columnheader" key={field}>
            {head}
          </span>
        ))}
        <span role="columnheader" className="right">
          Mass
        </span>
      </div>
      <div
        ref={scroller}
        className="parts-body"
        role="rowgroup"
        onFocus={(event) => {
          const row = Number((event.target as HTMLElement).dataset.row)
          if (!Number.isNaN(row)) onRow(row)
        }}
      >
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="presentation">
          {virtual.getVirtualItems().map(({ index, start }) => (
            <PartRow
              key={index}
              index={index}
              top={start}
              row={rows[index] ?? null}
              read={sheet?.rows[index] ?? null}
              selected={index === selected}
              chosen={chosen.has(index)}
              type={type}
              settle={settle}
              choose={choose}
              nextTo={nextTo}
            />
          ))}
        </div>
      </div>
    </>
  )
}
