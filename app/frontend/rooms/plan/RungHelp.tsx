import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import type { RungId } from '../../api/ladder.generated'
import { Reading } from '../../ui/Reading'

const PARTS = [
  ['asks', 'It asks'],
  ['from', 'Its figures'],
  ['measure', 'To measure'],
] as const

// What a rung asks, where its figures come from, and what somebody measures or reads for it.
export function RungHelp({ id }: { id: RungId }) {
  const help = useQuery({ queryKey: ['rung help'], queryFn: api.rungHelp, staleTime: Infinity })
  const own = help.data?.[id]
  return (
    <section className="rung-help" id="rung-help" aria-label="What this rung asks">
      <Reading query={help} what="help" pad={{ py: 1 }} />
      {help.data && !own && <p>There is no help for this rung.</p>}
      {own && (
        <dl>
          {PARTS.map(([part, words]) => (
            <div key={part}>
              <dt>{words}</dt>
              <dd>{own[part]}</dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  )
}
