import { useState } from 'react'
import { api, type PieceSheet } from '../../../api/client'
import { usePreferences } from '../../../ui/preferences'
import { Heading } from '../../../ui/Row'
import { spaced } from '../codes'

// By which rules a card is reckoned: the store's own, or a school that ships.
const SCHOOLS: [string, string][] = [
  ['', 'the store’s rules'],
  ['strict', 'strict'],
  ['level-side', 'level-side'],
  ['plumb-side', 'plumb-side'],
]

// The code of its label as it is printed, and what is printed of it.
export function Label({ sheet }: { sheet: PieceSheet }) {
  const { system } = usePreferences().preferences
  const [rules, setRules] = useState('')
  const { now, squares } = sheet
  const id = String(now.id)
  const side = squares.length
  return (
    <section aria-label="Label">
      <Heading aside="prints at 50 × 30 mm">Label</Heading>
      <div className="label-box">
        <svg viewBox={`-2 -2 ${side + 4} ${side + 4}`} role="img" aria-label={`Code of ${now.fields.number}`}>
          <rect x={-2} y={-2} width={side + 4} height={side + 4} fill="#fff" />
          <path
            fill="#000"
            d={squares
              .flatMap((row, y) => [...row].map((dark, x) => (dark === '1' ? `M${x} ${y}h1v1h-1z` : '')))
              .join('')}
          />
        </svg>
        <div>
          <strong>{now.fields.number}</strong>
          <span className="small">scan it, or type</span>
          <strong className="label-code">{spaced(now.code)}</strong>
        </div>
      </div>
      <div className="piece-acts">
        <a
          className="as-button"
          href={api.paperAddress('labels', { pieces: id, form: 'single', units: system })}
        >
          Label, PDF
        </a>
        {now.sort === 'sling' && (
          <>
            <a className="as-button" href={api.paperAddress('card', { piece: id, units: system, rules })}>
              {now.fields.set ? 'Card of its set, PDF' : 'Card, PDF'}
            </a>
            <select
              aria-label="School of the card"
              value={rules}
              onChange={(event) => setRules(event.target.value)}
            >
              {SCHOOLS.map(([name, words]) => (
                <option key={name} value={name}>
                  {words}
                </option>
              ))}
            </select>
          </>
        )}
      </div>
    </section>
  )
}
