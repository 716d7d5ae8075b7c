import type { ReactNode } from 'react'
import type { SchoolsAnswer } from '../api/client'
import { Said } from './Said'
import '../ui/tables.css'

interface Props {
  rows: SchoolsAnswer['rungs']
  // Heads of what stands before and after.
  heads: [ReactNode, ReactNode]
}

// What two states of a plan say of each rung, highest rung first.
export const RungsBeside = ({ rows, heads }: Props) => (
  <table className="grid" aria-label="Rungs side by side">
    <thead>
      <tr>
        <th scope="col">rung</th>
        {heads.map((head, index) => (
          <th key={index} scope="col">
            {head}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {[...rows].reverse().map((row) => (
        <tr key={row.rung} data-row={row.rung} className={row.differs ? 'differs' : ''}>
          <th scope="row">{row.label}</th>
          {['before', 'after'].map((when) => (
            <td key={when} style={{ paddingLeft: 8 }}>
              <Said said={row.said[when] ?? null} />
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
)
