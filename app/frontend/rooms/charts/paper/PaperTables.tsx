import Box from '@mui/material/Box'
import { Fragment } from 'react'
import type { ChartPaper, PaperBlock } from '../../../api/client'
import { Read } from './Read'
import type { Reader } from './usePaper'

// The rung of one band of rows: dashed while nobody has read it, snapped where the paper differs.
const Rung = ({ block, mine }: { block: PaperBlock; mine: boolean }) => {
  const differs = block.said !== null && block.said.differs !== null
  return (
    <svg viewBox="0 0 60 24" width={60} height={24} aria-hidden className="paper-rung">
      <path d="M3 0V24M57 0V24" stroke="currentColor" strokeWidth={3} />
      {differs ? (
        <path d="M3 9L26 12M34 14L57 9" stroke="var(--stop)" strokeWidth={5} />
      ) : (
        <path
          d="M3 12H57"
          stroke={mine ? 'var(--mark)' : 'currentColor'}
          strokeWidth={mine ? 5 : 2}
          strokeDasharray={mine ? undefined : '6 5'}
        />
      )}
    </svg>
  )
}

// The tables as they are printed, and beside each band of rows the ladder of whoever reads them.
export function PaperTables({ paper, reader }: { paper: ChartPaper; reader: Reader }) {
  return (
    <>
      {paper.tables.map((table, at) => (
        <Box
          key={table.name}
          sx={{ overflowX: 'auto', mb: 2 }}
          tabIndex={0}
          role="region"
          aria-label={table.name}
        >
          <table className="grid capacities paper">
            <caption>{table.name}</caption>
            <thead>
              <tr>
                <th scope="col">{table.corner}</th>
                {table.columns.map((column, index) => (
                  <th key={index} scope="col">
                    {column}
                  </th>
                ))}
                <th scope="col" className="paper-tick">
                  second reader
                </th>
              </tr>
            </thead>
            <tbody>
              {paper.blocks
                .filter(({ of }) => of === at)
                .map((block) => (
                  <Fragment key={block.id}>
                    {table.rows.slice(block.from!, block.to! + 1).map((row, index) => (
                      <tr key={row.row} className={index === 0 ? 'band' : undefined}>
                        <th scope="row">{row.row}</th>
                        {row.cells.map((cell, column) => (
                          <td key={column} className={cell.kg === null ? 'none' : undefined}>
                            {cell.text || '–'}
                          </td>
                        ))}
                        {index === 0 && (
                          <td
                            rowSpan={block.to! - block.from! + 1}
                            className="paper-tick"
                            data-block={block.title}
                          >
                            <Rung block={block} mine={reader.mine(block)} />
                            <Read block={block} reader={reader} />
                          </td>
                        )}
                      </tr>
                    ))}
                  </Fragment>
                ))}
            </tbody>
          </table>
        </Box>
      ))}
    </>
  )
}
