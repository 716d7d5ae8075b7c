import { usePreferences, useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import { asideWords, limitWords, type Limit } from './range'
import type { Told } from './useWhatIf'

// One way of one figure: how far, and what ends it.
function Way({ limit, waiting }: { limit: Limit | undefined; waiting: boolean }) {
  const { system } = usePreferences().preferences
  if (!limit) return <td>{waiting ? 'working' : ''}</td>
  const words = limitWords(limit, system)
  const colour = limit.stops_now ? COLOUR.stop : limit.rung ? 'var(--ink)' : 'var(--ink2)'
  return (
    <td
      data-limit={`${limit.input.id}-${limit.way}`}
      data-label={`${limit.way} to`}
      style={{ color: colour }}
    >
      {words || 'none found'}
    </td>
  )
}

// Every figure that may be asked about, how far it may go down and up; one of them is chosen.
export function Limits({
  told,
  chosen,
  choose,
}: {
  told: Told
  chosen: string | null
  choose: (id: string) => void
}) {
  const shown = useShown()
  const { inputs, limits, done, cut, fault } = told
  if (fault) return <div role="alert">It could not be worked out: {fault}</div>
  if (!inputs) return <div role="status">working</div>
  if (inputs.length === 0)
    return <div>No figure of the plan is known yet. Give weight, radius and hook height first.</div>
  const of = (id: string, way: Limit['way']) =>
    limits.find((limit) => limit.input.id === id && limit.way === way)
  const stops = limits.find((limit) => limit.stops_now)
  return (
    <>
      {stops && (
        <div style={{ color: COLOUR.stop }}>
          It stops now: {stops.label?.toLowerCase()} {stops.subject ?? ''}. Told is from where on it would
          not.
        </div>
      )}
      {told.aside.length > 0 && <div className="aside">{asideWords(told.aside)}</div>}
      <table aria-busy={!done && !cut}>
        <thead>
          <tr>
            <th scope="col">Figure</th>
            <th scope="col">now</th>
            <th scope="col">down to</th>
            <th scope="col">up to</th>
          </tr>
        </thead>
        <tbody>
          {inputs.map((input) => (
            <tr key={input.id} data-input={input.id} aria-selected={input.id === chosen}>
              <th scope="row">
                <button type="button" aria-pressed={input.id === chosen} onClick={() => choose(input.id)}>
                  {input.label}
                </button>
              </th>
              <td data-label="now">{shown(input.now)}</td>
              <Way limit={of(input.id, 'down')} waiting={!done && !cut} />
              <Way limit={of(input.id, 'up')} waiting={!done && !cut} />
            </tr>
          ))}
        </tbody>
      </table>
      {cut && <div role="alert">Not all was looked at: {cut}.</div>}
    </>
  )
}
