import type { Selection } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { Heads } from '../../ui/Heads'

const ANGLES = ['60', '45', '30'] as const
export const plain = (kind: string) => kind.replaceAll('_', ' ')

// Sizes that would have to be hired or bought.
export function ToBuy({ found }: { found: Selection }) {
  const shown = useShown()
  return (
    <table className="grid">
      <thead>
        <tr>
          <th scope="col">kind</th>
          <th scope="col">as planned</th>
          {ANGLES.map((angle) => (
            <th key={angle} scope="col">
              {angle}° from horizontal
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {found.buy.map((one) => (
          <tr key={one.kind}>
            <th scope="row">{plain(one.kind)}</th>
            <td>{one.size ? `${one.size}, ${shown(one.rating)}` : 'none serves'}</td>
            {ANGLES.map((angle) => (
              <td key={angle}>
                {one.at[angle] ? `${one.at[angle].size}, ${shown(one.at[angle].rating)}` : '–'}
              </td>
            ))}
          </tr>
        ))}
        {found.spread && (
          <tr>
            <th scope="row">shortest reach for this spread</th>
            <td>{shown(found.need.length)}</td>
            {ANGLES.map((angle) => (
              <td key={angle}>{shown(found.spread![angle])}</td>
            ))}
          </tr>
        )}
      </tbody>
    </table>
  )
}

// What cannot serve, and why.
export function Rejected({
  found,
  rejected,
  wanted,
  setWanted,
}: {
  found: Selection
  rejected: Selection['rejected']
  wanted: string
  setWanted: (text: string) => void
}) {
  return (
    <details className="rejected">
      <summary>{found.rejected_count} cannot serve, and why</summary>
      <input
        type="search"
        aria-label="Find among those that cannot serve"
        placeholder="find by number, kind or reason"
        value={wanted}
        onChange={(event) => setWanted(event.target.value)}
      />
      <table className="grid">
        <Heads of={['number', 'what', 'what speaks against it']} />
        <tbody>
          {rejected.map((one) => (
            <tr key={one.number} data-rejected={one.number}>
              <th scope="row">{one.number}</th>
              <td>
                {plain(one.kind)}, {one.size}
              </td>
              <td>{one.reasons.join('; ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.rejected_count > found.rejected.length && (
        <div>
          The first {found.rejected.length} of {found.rejected_count} are listed.
        </div>
      )}
    </details>
  )
}
