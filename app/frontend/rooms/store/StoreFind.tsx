import type { PiecesAsked } from '../../api/client'
import { useKinds } from './words'

const FIRST = { page: '' }

// What the list is narrowed by: words, kind, state.
export function StoreFind({ asked, ask }: { asked: PiecesAsked; ask: (change: PiecesAsked) => void }) {
  const kinds = useKinds()
  return (
    <div className="store-find">
      <input
        type="search"
        aria-label="Find a piece"
        placeholder="number, code, kind, size, rack or note"
        value={asked.words ?? ''}
        onChange={(event) => ask({ words: event.target.value, ...FIRST })}
      />
      <select
        aria-label="Kind"
        value={asked.kind ?? ''}
        onChange={(event) => ask({ kind: event.target.value, ...FIRST })}
      >
        <option value="">every kind</option>
        {kinds?.kinds.map(({ name, words }) => (
          <option key={name} value={name}>
            {words}
          </option>
        ))}
      </select>
      <select
        aria-label="State"
        value={asked.state ?? ''}
        onChange={(event) => ask({ state: event.target.value, ...FIRST })}
      >
        <option value="">every state</option>
        {kinds?.states.map((one) => (
          <option key={one} value={one}>
            {one}
          </option>
        ))}
        <option value="overdue">examination overdue</option>
        <option value="never">never examined</option>
      </select>
    </div>
  )
}
