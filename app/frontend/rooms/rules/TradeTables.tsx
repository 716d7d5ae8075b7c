import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { api } from '../../api/client'
import type { TradeTable } from '../../api/answers.generated'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { useShown } from '../../ui/preferences'
import { Reading } from '../../ui/Reading'
import { useTitle } from '../../ui/useTitle'
import './trade_tables.css'

function Table({ table }: { table: TradeTable }) {
  const shown = useShown()
  return (
    <section className="trade-table" data-table={table.id}>
      <h2 id={`table-${table.id}`}>{table.title}</h2>
      <table aria-labelledby={`table-${table.id}`}>
        <thead>
          <tr>
            {table.heads.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row, index) => (
            <tr key={index}>
              {row.map((cell, at) => (
                <td key={at}>{shown(cell)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {table.note && <p>{table.note}</p>}
      <p className="why">{table.why}</p>
    </section>
  )
}

// The tables of the trade as a rule set has them: to read, and to print with who and of which set.
export function TradeTables() {
  const { id = 'strict' } = useParams()
  const tables = useQuery({ queryKey: ['trade_tables', id], queryFn: () => api.tradeTables(id) })
  useTitle('Tables of the trade')
  const { data } = tables
  return (
    <>
      <RoomBar title="Tables of the trade">
        <Button component={Link} to={`/rules/${id}`} sx={{ color: 'inherit' }}>
          The rule set
        </Button>
        <Button sx={{ color: 'inherit' }} onClick={() => window.print()} disabled={!data}>
          Print
        </Button>
      </RoomBar>
      <RoomMain>
        <Reading query={tables} what="tables" pad={{ py: 3 }} />
        {data && (
          <>
            <p className="trade-head">
              <strong>{`${data.rules.title}, version ${data.rules.version}`}</strong>
              {`, for ${data.by} on ${data.on}. ${data.planning}`}
            </p>
            <div className="trade-tables">
              {data.tables.map((table) => (
                <Table key={table.id} table={table} />
              ))}
            </div>
          </>
        )}
      </RoomMain>
    </>
  )
}
