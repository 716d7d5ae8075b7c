import Button from '@mui/material/Button'
import useMediaQuery from '@mui/material/useMediaQuery'
import type { DrillCourse } from '../../api/answers.generated'
import { ChoiceField } from '../../ui/ChoiceField'
import { KIND, KINDS, type Kind } from './words'

const ALL = 'All, as they come back'
const told = (row: DrillCourse[number] | undefined) =>
  row && row.asked > 0
    ? `${row.right} of ${row.asked} right${row.comes_back > 0 ? `, ${row.comes_back} to come back` : ''}`
    : null

interface KindsProps {
  standing: DrillCourse
  kind: Kind | null
  onWant: (kind: Kind | null) => void
}

// Which kind of drill is wanted, and how each stands: side by side, or on a phone in one field, so that the
// drill itself comes first.
export function Kinds({ standing, kind, onWant }: KindsProps) {
  const narrow = useMediaQuery('(max-width: 700px)')
  const of = (one: Kind) => told(standing.find((row) => row.kind === one))
  return (
    <nav aria-label="Kinds of drills">
      {narrow ? (
        <ChoiceField
          id="drills"
          label="Drills"
          value={kind ?? ''}
          choices={[
            ['', ALL],
            ...KINDS.map((one): [string, string] => [one, [KIND[one], of(one)].filter(Boolean).join(': ')]),
          ]}
          onChoose={(one) => onWant(KINDS.find((each) => each === one) ?? null)}
        />
      ) : (
        <>
          <Button variant={kind ? 'outlined' : 'contained'} aria-pressed={!kind} onClick={() => onWant(null)}>
            {ALL}
          </Button>
          {KINDS.map((one) => (
            <Button
              key={one}
              variant={one === kind ? 'contained' : 'outlined'}
              aria-pressed={one === kind}
              onClick={() => onWant(one)}
            >
              <span>{KIND[one]}</span>
              {of(one) && <span className="small">{of(one)}</span>}
            </Button>
          ))}
        </>
      )}
      <p className="small">
        Made-up lifts, worked out like any other. What you answer is yours alone, and no certificate.
      </p>
    </nav>
  )
}
