import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import type { ChartReading } from '../../../api/client'
import { ChoiceField } from '../../../ui/ChoiceField'
import { Heading } from '../../../ui/Row'
import { CellGrid } from './CellGrid'
import type { EntryProps } from './EntryFields'
import { blankTable, HEAD_LABELS, type SheetTable } from './sheet'

const UNITS: [string, string][] = [
  ['kg', 'kg'],
  ['t', 't'],
  ['lb', 'lb'],
  ['klb', 'thousands of lb'],
  ['short tons', 'short tons'],
]
const LENGTHS: [string, string][] = [
  ['m', 'm'],
  ['ft', 'ft'],
]
const ROWS: [string, string][] = [...LENGTHS, ['deg', 'degrees of boom angle']]
const MEANINGS: [string, string][] = [
  ['strength', 'limited by strength'],
  ['stability', 'limited by stability'],
  ['rearward', 'unloaded, less stable to the rear'],
]

// The tables of the page, in its own units and with its own signs.
export function EntryTables({
  sheet,
  change,
  wrong,
  reading,
}: EntryProps & { reading: ChartReading | undefined }) {
  const tables = (at: number, table: SheetTable) => change({ tables: sheet.tables.with(at, table) })
  const doubts = reading?.warnings.flatMap(({ cell }) => (cell ? [cell] : [])) ?? []
  return (
    <>
      <PageUnits sheet={sheet} change={change} wrong={wrong} />
      {sheet.tables.map((table, at) => (
        <section key={at} aria-label={`Table ${at + 1}`}>
          <Heading aside="a dash where the page allows nothing">{`Table ${at + 1}`}</Heading>
          {table.heads.map((head, which) => (
            <Box key={which} sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px', mb: '6px' }}>
              {HEAD_LABELS[sheet.family].map((label, place) => (
                <TextField
                  key={label}
                  variant="filled"
                  label={label}
                  value={head[place] ?? ''}
                  error={wrong(`table/${at}/head/${which}`) !== undefined}
                  helperText={place === 0 ? wrong(`table/${at}/head/${which}`) : undefined}
                  sx={{ width: place === 0 ? 150 : 118 }}
                  slotProps={{ htmlInput: { maxLength: 80 } }}
                  onChange={(event) =>
                    tables(at, {
                      ...table,
                      heads: table.heads.with(which, head.with(place, event.target.value)),
                    })
                  }
                />
              ))}
            </Box>
          ))}
          <Box sx={{ overflowX: 'auto' }} tabIndex={-1}>
            <CellGrid
              of={at}
              table={table}
              preview={reading?.tables[at]}
              doubted={
                new Set(doubts.filter(([of]) => of === at).map(([, row, column]) => `${row},${column}`))
              }
              corner={
                sheet.family === 'platform_jib'
                  ? 'upper boom, from to'
                  : sheet.rowUnit === 'deg'
                    ? 'boom angle'
                    : 'radius'
              }
              change={(to) => tables(at, to)}
            />
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '6px', my: 1 }}>
            <Button
              variant="outlined"
              onClick={() =>
                tables(at, { ...table, rows: [...table.rows, table.columns.map(() => '').concat('')] })
              }
            >
              Add a row
            </Button>
            {sheet.family !== 'tower' && (
              <Button
                variant="outlined"
                onClick={() =>
                  tables(at, {
                    ...table,
                    columns: [...table.columns, ''],
                    rows: table.rows.map((cells) => [...cells, '']),
                  })
                }
              >
                Add a column
              </Button>
            )}
            {sheet.family === 'mobile' && (
              <Button
                variant="outlined"
                onClick={() => tables(at, { ...table, heads: [...table.heads, ['', '', '', '', '']] })}
              >
                It counts over another sector too
              </Button>
            )}
            {sheet.tables.length > 1 && (
              <Button onClick={() => change({ tables: sheet.tables.filter((_, other) => other !== at) })}>
                Take the table away
              </Button>
            )}
          </Box>
        </section>
      ))}
      {sheet.family !== 'fixed_hoist' && (
        <Button
          variant="outlined"
          onClick={() => change({ tables: [...sheet.tables, blankTable(sheet.family, sheet.tables.at(-1))] })}
        >
          Add a table
        </Button>
      )}
    </>
  )
}

// The page's own units, and what its signs stand for.
function PageUnits({ sheet, change, wrong }: EntryProps) {
  const narrow = { width: 170 }
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '10px', mb: 1 }}>
      <Box sx={narrow}>
        <ChoiceField
          id="entry-unit"
          label="Capacity in"
          value={sheet.unit}
          choices={UNITS}
          onChoose={(unit) => change({ unit })}
        />
      </Box>
      {sheet.family !== 'platform_jib' && (
        <Box sx={narrow}>
          <ChoiceField
            id="entry-rows"
            label="Radius in"
            value={sheet.rowUnit}
            choices={sheet.family === 'mobile' ? ROWS : LENGTHS}
            onChoose={(rowUnit) => change({ rowUnit })}
          />
        </Box>
      )}
      {sheet.family !== 'tower' && (
        <Box sx={narrow}>
          <ChoiceField
            id="entry-columns"
            label={sheet.family === 'mobile' ? 'Boom in' : 'Load radius in'}
            value={sheet.columnUnit}
            choices={LENGTHS}
            onChoose={(columnUnit) => change({ columnUnit })}
          />
        </Box>
      )}
      {sheet.marks.map(([sign, meaning], at) => (
        <Box key={at} sx={{ display: 'flex', gap: '6px', width: 260 }}>
          <TextField
            variant="filled"
            label="Sign"
            value={sign}
            error={wrong(`mark/${at}`) !== undefined}
            helperText={wrong(`mark/${at}`)}
            sx={{ width: 84 }}
            slotProps={{ htmlInput: { maxLength: 3 } }}
            onChange={(event) => change({ marks: sheet.marks.with(at, [event.target.value, meaning]) })}
          />
          <ChoiceField
            id={`entry-mark-${at}`}
            label="stands for"
            value={meaning}
            choices={MEANINGS}
            onChoose={(to) => change({ marks: sheet.marks.with(at, [sign, to]) })}
          />
        </Box>
      ))}
      <Button variant="outlined" onClick={() => change({ marks: [...sheet.marks, ['*', 'strength']] })}>
        Explain a sign
      </Button>
    </Box>
  )
}
