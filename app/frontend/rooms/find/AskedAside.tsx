import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import type { May } from '../../api/advice'
import type { Editor } from '../../plan/usePlanEditor'
import { usePreferences, useShown } from '../../ui/preferences'
import type { Search } from './useFind'

const FLAGS: [Exclude<keyof May, 'minutes'>, string][] = [
  ['machines', 'other machines of the house'],
  ['move', 'the crane elsewhere on its site'],
  ['hire', 'mats from elsewhere'],
  ['hold', 'another way to hold it'],
]
const HOURS = [0, 1, 2, 4, 6, 8, 12]

interface Props {
  editor: Editor
  may: May
  onMay: (may: May) => void
  search: Search
  onStop: () => void
  onGoOn: () => void
  stale: boolean
  onAnew: () => void
}

// What is asked, what may be changed for it, how far the search is, and what fell out of it and why.
export function AskedAside({ editor, may, onMay, search, onStop, onGoOn, stale, onAnew }: Props) {
  const { ladder } = editor.checked
  const planned = useShown()(ladder?.first.outline?.planned)
  return (
    <aside className="asked" aria-label="What is asked">
      <h2>Asked</h2>
      <div className="load">
        <strong>{editor.document.title}</strong>
        <br />
        {planned ? `${planned} planned` : 'planned weight not known'}, pick and set where they are
      </div>
      {stale && (
        <div role="alert" className="stale">
          The plan has changed since.{' '}
          <Button size="small" variant="outlined" onClick={onAnew}>
            Look anew
          </Button>
        </div>
      )}
      <h2>May use</h2>
      <div className="small">slings and beams of the store, booms, reeving, and</div>
      {FLAGS.map(([name, words]) => (
        <FormControlLabel
          key={name}
          label={words}
          control={
            <Checkbox
              size="small"
              checked={may[name]}
              onChange={(event) => onMay({ ...may, [name]: event.target.checked })}
            />
          }
        />
      ))}
      <TextField
        select
        size="small"
        label="ready within"
        value={may.minutes}
        onChange={(event) => onMay({ ...may, minutes: Number(event.target.value) })}
      >
        {HOURS.map((hour) => (
          <MenuItem key={hour} value={hour * 60}>
            {hour === 0 ? 'no time at all' : hour === 1 ? '1 hour' : `${hour} hours`}
          </MenuItem>
        ))}
      </TextField>
      <Progress search={search} onStop={onStop} onGoOn={onGoOn} />
      <FellOut search={search} />
    </aside>
  )
}

// How many, by thousands as figures of the system are.
const useCount = () => {
  const { system } = usePreferences().preferences
  return (value: number) => String(value).replace(/\B(?=(\d{3})+$)/g, system === 'us' ? ',' : '\u202f')
}

function Progress({ search, onStop, onGoOn }: { search: Search; onStop: () => void; onGoOn: () => void }) {
  const count = useCount()
  const { far, state, cut, fault, anew } = search
  const share = far ? far.done / Math.max(1, far.of) : 0
  return (
    <>
      <h2>Looked at</h2>
      <div
        className="far"
        role="progressbar"
        aria-label="How much was looked at"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(share * 100)}
      >
        <span style={{ width: `${share * 100}%` }} />
      </div>
      <div data-far>{far ? `${count(far.done)} of ${count(far.of)} lifts` : 'making the list'}</div>
      {far && (
        <div className="small">
          {count(far.passed)} passed over: no new kind, and no more margin than one that takes no more.
        </div>
      )}
      {anew && <div role="status">The store or the plan had changed: begun anew.</div>}
      {cut && <div role="alert">Not all was looked at: {cut}.</div>}
      {fault && <div role="alert">The search broke off: {fault}</div>}
      <div className="small" role="status">
        {state === 'done' ? 'All of it was looked at.' : state === 'stopped' ? 'Stopped.' : 'Seeking.'}
      </div>
      {state === 'seeking' && (
        <Button variant="outlined" onClick={onStop}>
          Stop here
        </Button>
      )}
      {state === 'stopped' && (
        <Button variant="contained" onClick={onGoOn}>
          Go on
        </Button>
      )}
    </>
  )
}

const MOST_ROWS = 7

function FellOut({ search }: { search: Search }) {
  const shown = useShown()
  const count = useCount()
  const { fallen, nearest, wider } = search
  const most = Math.max(1, ...fallen.map((row) => row.count))
  if (fallen.length === 0) return null
  return (
    <>
      <h2>Fell out, by the rung</h2>
      <table>
        <tbody>
          {fallen.slice(0, MOST_ROWS).map((row) => (
            <tr key={row.id} data-fell={row.id}>
              <th scope="row">{row.label.toLowerCase()}</th>
              <td className="bar">
                <span
                  className={row.id === 'not_known' ? 'unknown' : 'stopped'}
                  style={{ width: `${Math.max(3, (row.count / most) * 100)}%` }}
                />
              </td>
              <td>{count(row.count)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {nearest && (
        <div className="small" data-nearest>
          Nearest miss: {shown(nearest.words)}, {nearest.label.toLowerCase()} {shown(nearest.utilisation)}
        </div>
      )}
      {wider.length > 0 && (
        <>
          <h2>Would let more in</h2>
          {wider.map((one) => (
            <div key={one.words}>
              {one.words}: {count(one.count)} more, not looked at
            </div>
          ))}
        </>
      )}
    </>
  )
}
