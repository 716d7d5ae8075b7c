import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, type PlanChanges } from '../../api/client'
import { RungsBeside } from '../../ladder/RungsBeside'
import { COLOUR } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { Reading } from '../../ui/Reading'
import { when } from '../../ui/when'

const SIDES = ['before', 'after'] as const
const lineOf = ({ number, created_at, by }: PlanChanges['before']) => `${number}: ${when(created_at)} ${by}`

function Values({ changes }: Pick<PlanChanges, 'changes'>) {
  if (changes.length === 0) return <p>No value differs.</p>
  return (
    <table className="grid" aria-label="Values that differ">
      <thead>
        <tr>
          <th>value</th>
          <th>from</th>
          <th>to</th>
        </tr>
      </thead>
      <tbody>
        {changes.map((one) => (
          <tr key={one.pointer + one.what + one.before + one.after}>
            <td>{one.what}</td>
            <td>{one.before ?? '–'}</td>
            <td>
              <strong>{one.after ?? '–'}</strong>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Rungs({ rungs }: Pick<PlanChanges, 'rungs'>) {
  const [every, setEvery] = useState(false)
  const differ = rungs.filter((row) => row.differs)
  const listed = every ? rungs : differ
  return (
    <>
      <label className="every">
        <input type="checkbox" checked={every} onChange={(event) => setEvery(event.target.checked)} />
        {` every rung, ${differ.length} of ${rungs.length} differ`}
      </label>
      {listed.length > 0 && <RungsBeside rows={listed} heads={['from', 'to']} />}
    </>
  )
}

// Two revisions side by side: what was typed otherwise, and what that did to each rung.
export function Beside({ plan, from, to }: { plan: number; from: number | null; to: number | null }) {
  const shown = useShown()
  const both = useQuery({
    queryKey: ['changes', plan, from, to],
    queryFn: () => api.changes(plan, from!, to!),
    enabled: from !== null && to !== null,
    placeholderData: keepPreviousData,
  })
  const { data } = both
  return (
    <section aria-label="Side by side" className="beside" aria-busy={both.isPlaceholderData}>
      <h2>{from === to ? `Revision ${to ?? ''}` : `From ${from} to ${to}`}</h2>
      {from !== null && <Reading query={both} what="two revisions" pad={{ py: 2 }} />}
      {data && (
        <>
          <div className="heads">
            {SIDES.map((side) => (
              <div key={side}>
                <div className="small">{lineOf(data[side])}</div>
                <strong style={{ color: COLOUR[data.verdicts[side]] }}>{shown(data.headlines[side])}</strong>
              </div>
            ))}
          </div>
          <Values changes={data.changes} />
          <Rungs rungs={data.rungs} />
          <p className="small">Both as gear, charts and people stand now.</p>
        </>
      )}
    </section>
  )
}
