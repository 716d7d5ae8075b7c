import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { api, type RuleChanges } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { Asked } from '../../ui/Asked'
import type { RiggingProps } from './taking'
import { RungsBeside } from '../../ladder/RungsBeside'
import '../../ui/tables.css'
import { Heads } from '../../ui/Heads'

// A value of a rule set as it can be read in a line.
const plain = (value: unknown): string => {
  if (value === null || value === undefined) return 'none'
  if (Array.isArray(value)) return value.map(plain).join(', ')
  if (typeof value === 'object')
    return Object.entries(value)
      .map(([name, one]) => `${name.replaceAll('_', ' ')} ${plain(one)}`)
      .join('; ')
  return String(value as string | number | boolean).replaceAll('_', ' ')
}

// What the rule set of this name says now that the plan's does not: first shown, then taken in one step.
export function NewerRules({ editor, take }: RiggingProps) {
  const asked = useQuery({
    queryKey: ['rule_changes', editor.id, editor.document],
    queryFn: () => api.ruleChanges(editor.document),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const found = asked.data
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      {found && !found.newer && (
        <Box sx={{ py: 2 }}>
          This plan goes by rule set <strong>{found.id}</strong>, version {found.versions.after}. There is
          none newer.
        </Box>
      )}
      {found?.newer && (
        <>
          <Box sx={{ mb: 1, maxWidth: 820 }}>
            {`This plan goes by rule set `}
            <strong>{found.id}</strong>
            {`, version ${found.versions.before}. Version ${found.versions.after} differs`} in what stands
            below. What it does to this plan is shown before it is taken.
          </Box>
          <Rungs found={found} />
          <Values values={found.values} />
          <Button
            variant="contained"
            sx={{ mt: 2, minHeight: 48 }}
            onClick={() =>
              take(
                { [`/snapshots/rule_sets/${found.id}`]: found.snapshot },
                `rule set ${found.id}, version ${found.versions.after}`,
              )
            }
          >
            Take version {found.versions.after}
          </Button>
        </>
      )}
    </Asked>
  )
}

function Rungs({ found }: { found: RuleChanges }) {
  const shown = useShown()
  if (found.rungs.length === 0) return <p>No rung of this plan says anything else.</p>
  const head = (words: string, when: 'before' | 'after') => (
    <>
      {words}
      <div style={{ whiteSpace: 'normal' }}>{shown(found.headlines[when])}</div>
    </>
  )
  return <RungsBeside rows={found.rungs} heads={[head('as it is', 'before'), head('when taken', 'after')]} />
}

const Values = ({ values }: { values: RuleChanges['values'] }) => (
  <table className="grid">
    <Heads of={['value', 'as it is', 'when taken']} />
    <tbody>
      {Object.entries(values).map(([name, value]) => (
        <tr key={name}>
          <th scope="row">
            {name.replaceAll('_', ' ')}
            <span className="small" style={{ whiteSpace: 'normal', fontWeight: 400 }}>
              {value.reason}
            </span>
          </th>
          <td style={{ whiteSpace: 'normal' }}>{plain(value.before)}</td>
          <td style={{ whiteSpace: 'normal' }}>{plain(value.after)}</td>
        </tr>
      ))}
    </tbody>
  </table>
)
