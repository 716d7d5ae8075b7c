import Box from '@mui/material/Box'
import { useState } from 'react'
import type { ColumnMatch, StoreReading } from '../../api/client'
import { DAYS, OF_DAYS, strange, withColumn } from './csv'
import { labelOf, plain, useKinds } from './words'

// Which column of the file is which, how its days are written and what its words mean here. It is remembered
// with what is taken, for the next file of these headings.
export function CsvMatch({
  data,
  match,
  change,
}: {
  data: StoreReading
  match: ColumnMatch
  change: (match: ColumnMatch) => void
}) {
  const kinds = useKinds()
  // It stays open under the hand, whatever is understood by now.
  const [open] = useState(!!data.fault || data.remembered)
  if (!kinds) return null
  const columns = match.columns ?? []
  const setColumn = (index: number, name: string) =>
    change({ ...match, columns: withColumn(columns, index, name) })
  const all = (name: string, text: string) => change({ ...match, all: { ...match.all, [name]: text } })
  const mean = (field: string, word: string, text: string) =>
    change({ ...match, values: { ...match.values, [field]: { ...match.values?.[field], [word]: text } } })
  const choices = (field: string) =>
    field === 'kind'
      ? kinds.kinds.map(({ name, words }): [string, string] => [name, words])
      : (kinds.fields.find(({ name }) => name === field)?.choices ?? []).map((one): [string, string] => [
          one,
          plain(one),
        ])
  const already = Object.entries(match.values ?? {}).flatMap(([field, words]) =>
    Object.keys(words).map((word): [string, string] => [field, word]),
  )
  const words = [
    ...already,
    ...strange(data.rows, kinds.fields).filter(
      ([field, word]) => !already.some(([one, other]) => one === field && other === word),
    ),
  ]
  return (
    <details className="rejected" open={open}>
      <summary>
        {data.remembered ? 'Columns, as they were matched last time' : 'Which column is which'}
      </summary>
      <Box className="csv-match">
        {data.columns.map(({ text }, index) => (
          <label key={index}>
            <span>{text || `column ${index + 1}`}</span>
            <select
              aria-label={`Column ${text || index + 1}`}
              value={columns[index] ?? ''}
              onChange={(event) => setColumn(index, event.target.value)}
            >
              <option value="">not taken</option>
              {kinds.fields.map(({ name, label }) => (
                <option key={name} value={name}>
                  {label}
                </option>
              ))}
            </select>
          </label>
        ))}
        {!columns.includes('kind') && (
          <label>
            <span>all are of the kind</span>
            <select
              aria-label="All are of the kind"
              value={match.all?.kind ?? ''}
              onChange={(event) => all('kind', event.target.value)}
            >
              <option value="">not said</option>
              {choices('kind').map(([name, said]) => (
                <option key={name} value={name}>
                  {said}
                </option>
              ))}
            </select>
          </label>
        )}
        {OF_DAYS.some((name) => columns.includes(name)) && (
          <label>
            <span>days are written</span>
            <select
              aria-label="Days are written"
              value={match.days ?? 'ymd'}
              onChange={(event) => change({ ...match, days: event.target.value })}
            >
              {DAYS.map(([name, said]) => (
                <option key={name} value={name}>
                  {said}
                </option>
              ))}
            </select>
          </label>
        )}
        {words.map(([field, word]) => (
          <label key={`${field} ${word}`}>
            <span>{`“${word}” (${labelOf(kinds, field)}) is`}</span>
            <select
              aria-label={`“${word}” is`}
              value={match.values?.[field]?.[word] ?? ''}
              onChange={(event) => mean(field, word, event.target.value)}
            >
              <option value="">not known</option>
              {choices(field).map(([name, said]) => (
                <option key={name} value={name}>
                  {said}
                </option>
              ))}
            </select>
          </label>
        ))}
      </Box>
    </details>
  )
}
