import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, type WaitsPage } from '../../api/client'
import { Reading } from '../../ui/Reading'
import { useShown } from '../../ui/preferences'
import { useWho } from '../../ui/who'
import { figures } from '../../ui/theme/tokens'
import { doing, placeOf, timeOf } from './words'

export const SHOWN = 9

interface Props {
  waits: WaitsPage | undefined
  query: ReturnType<typeof useWaits>
  today: string
  of: number | null
  show: (person: number | null) => void
}

// of: whose list, or nobody's: one's own.
export const useWaits = (of: number | null) =>
  useQuery({
    queryKey: ['waits', of],
    queryFn: () => api.waits(of),
    refetchOnMount: 'always',
    refetchInterval: 60_000,
  })

const counted = (count: number, name: string | null) =>
  name ? `${count === 0 ? 'Nothing waits' : count === 1 ? '1 waits' : `${count} wait`} for ${name}` : ''

// What waits for me, soonest first, with one button each; how much for the others, and theirs where asked.
export function Waiting({ waits, query, today, of, show }: Props) {
  const { who } = useWho()
  const shown = useShown()
  const count = waits ? waits.waits.length + waits.more : 0
  return (
    <Box component="section" aria-labelledby="waiting" className="waiting">
      <Box component="h2" id="waiting" sx={{ typography: 'heading', fontWeight: 600, m: 0 }}>
        {waits ? counted(count, of === null || of === who?.id ? 'you' : waits.person.name) : 'What waits'}
      </Box>
      <div className="small">
        {waits && `${waits.person.name}: ${waits.person.roles.join(', ') || 'no role'}; soonest first`}
      </div>
      {of !== null && (
        <Button size="small" variant="outlined" onClick={() => show(null)} sx={{ my: 1 }}>
          Back to mine
        </Button>
      )}
      {!waits && <Reading query={query} what="list" pad={{ py: 1 }} />}
      <ol>
        {waits?.waits.slice(0, SHOWN).map((wait, index) => (
          <li key={`${wait.act}-${wait.plan}-${wait.chart}-${wait.words.metric}`} data-wait={wait.act}>
            <span className="count" aria-hidden>
              {index + 1}
            </span>
            <div>
              <div className="head">
                <strong title={wait.title}>{wait.title}</strong>
                <span>{timeOf(wait.at, today)}</span>
              </div>
              <div className="words">{shown(wait.words)}</div>
              <Button
                component={Link}
                to={placeOf(wait)}
                fullWidth
                size="small"
                variant={index === 0 && of === null ? 'contained' : 'outlined'}
                data-waits={index + 1}
                aria-label={`${doing(wait)}: ${wait.title}, ${shown(wait.words)}`}
              >
                {doing(wait)}
              </Button>
            </div>
          </li>
        ))}
      </ol>
      {count > SHOWN && <div className="small">and {count - SHOWN} more after these</div>}
      {(waits?.others.length ?? 0) > 0 && (
        <Box sx={{ fontFamily: figures, mt: 1 }}>
          <strong>Others: </strong>
          {waits!.others
            .filter((one) => one.id !== who?.id || of !== null)
            .map((one) => (
              <button key={one.id} type="button" className="other" onClick={() => show(one.id)}>
                {one.name} {one.count}
              </button>
            ))}
        </Box>
      )}
    </Box>
  )
}
