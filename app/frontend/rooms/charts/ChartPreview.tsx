import Box from '@mui/material/Box'
import type { ChartPart } from '../../api/client'
import { Doubts, type Answers } from './Doubts'
import { MARK } from './words'

const TABLES_SHOWN = 12
const FAULTS_SHOWN = 30

// One chart of a file as it was read, what is wrong with it, and what is to be looked at again.
export function ChartPreview({
  part: { reading, known, refused },
  answers,
  answer,
}: {
  part: ChartPart
  answers: Answers
  answer: (what: string, word: string) => void
}) {
  const doubted = new Set(reading.warnings.map(({ cell }) => String(cell)))
  const units = (cell: { kg: number | null; text: string; mark: string | null }) =>
    cell.kg === null
      ? ''
      : `${Math.floor(cell.kg).toLocaleString('en-US').replaceAll(',', '\u202f')}` +
        `${cell.mark ? ` ${MARK[cell.mark]?.[0]}` : ''}`
  return (
    <>
      <Box sx={{ fontWeight: 600, typography: 'field' }}>
        {reading.title}
        {known && !known.same && (
          <Box component="span" sx={{ fontWeight: 500 }}>
            {`: other figures than version ${known.version} of “${known.title}”; ` +
              `becomes version ${known.version + 1}`}
          </Box>
        )}
      </Box>
      {reading.faults.length + refused.length > 0 && (
        <ul className="faults" aria-label="To be mended">
          {[...refused, ...reading.faults].slice(0, FAULTS_SHOWN).map((fault, index) => (
            <li key={index}>
              <strong>{fault.pointer || 'the file'}</strong>: {fault.message}; expected {fault.expected}
            </li>
          ))}
        </ul>
      )}
      {reading.warnings.length > 0 && (
        <Doubts
          warnings={reading.warnings}
          label="Mend it in the file, or say why it stands"
          answers={answers}
          answer={answer}
        />
      )}
      {reading.tables.slice(0, TABLES_SHOWN).map((table, at) => (
        <Box
          key={table.name}
          sx={{ overflowX: 'auto', mb: 1 }}
          tabIndex={0}
          role="region"
          aria-label={`As read: ${table.name}`}
        >
          <table className="grid capacities">
            <caption>{table.name}, as read, in kg</caption>
            <thead>
              <tr>
                <th scope="col">{table.corner || 'row'}</th>
                {table.columns.map((column, index) => (
                  <th key={index} scope="col">
                    {column}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {table.rows.map((row, index) => (
                <tr key={index}>
                  <th scope="row">{row.row}</th>
                  {row.cells.map((cell, column) => (
                    <td
                      key={column}
                      className={
                        cell.problem
                          ? 'bad'
                          : doubted.has(`${at},${index},${column}`)
                            ? 'doubt'
                            : cell.kg === null
                              ? 'none'
                              : undefined
                      }
                      title={cell.problem ?? undefined}
                    >
                      {cell.problem ? cell.text : units(cell)}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
      ))}
    </>
  )
}
