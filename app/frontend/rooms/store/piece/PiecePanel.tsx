import Button from '@mui/material/Button'
import { useState } from 'react'
import { Link } from 'react-router'
import type { PieceSheet } from '../../../api/client'
import { RungBar } from '../../../ladder/RungBar'
import { WORD, type Verdict } from '../../../ladder/verdict'
import { useShown } from '../../../ui/preferences'
import { Heading } from '../../../ui/Row'
import { when } from '../../../ui/when'
import { useMay } from '../../../ui/who'
import { PieceHistory } from '../PieceHistory'
import { ActDialog } from './ActDialog'
import { ACTS } from './acts'
import { ExamineDialog } from './ExamineDialog'
import { Label } from './Label'
import { PieceFiles } from './PieceFiles'
import { Tag } from './Tag'

const asVerdict = (verdict: string | null): Verdict =>
  verdict === 'holds' || verdict === 'tight' || verdict === 'stop' ? verdict : 'not_known'

function Plans({ plans }: { plans: PieceSheet['plans'] }) {
  const stops = plans.filter(({ verdict }) => verdict === 'stop').length
  return (
    <section aria-label="Plans that use it">
      <Heading aside={plans.length > 0 ? `${stops} of ${plans.length} stop` : ''}>Plans that use it</Heading>
      {plans.length === 0 && <span className="small">none rests on it</span>}
      {plans.slice(0, 8).map((plan) => (
        <div key={plan.id} className="piece-plan">
          <RungBar verdict={asVerdict(plan.verdict)} share={null} width={36} height={10} stiles plain />
          <div>
            <Link to={`/plans/${plan.id}`}>{plan.title}</Link>
            <span className="small">
              {`${plan.lift_at?.replace('T', ' ') ?? 'no day yet'}, ${
                plan.verdict ? WORD[asVerdict(plan.verdict)] : 'being looked at again'
              }`}
            </span>
          </div>
        </div>
      ))}
      {plans.length > 8 && <span className="small">{`and ${plans.length - 8} more`}</span>}
    </section>
  )
}

function Twins({ twins }: { twins: PieceSheet['twins'] }) {
  if (twins.length === 0) return null
  return (
    <section aria-label="Just like it">
      <Heading aside="ready and in date">Just like it</Heading>
      {twins.map(({ id, number, due, place }) => (
        <div key={id}>
          <Link to={`/store/${id}`}>{number}</Link>
          <span className="small">{[due && `due ${due}`, place].filter(Boolean).join(', ')}</span>
        </div>
      ))}
    </section>
  )
}

function Stands({ sheet }: { sheet: PieceSheet }) {
  const shown = useShown()
  const { now, stands, acts, examination } = sheet
  const last = acts[0]
  const good = stands.verdict === 'holds'
  return (
    <section aria-label="How it stands">
      <Heading aside={now.fields.place ?? 'place not known'}>How it stands</Heading>
      <p className={`stands ${stands.verdict}`}>
        {good ? `${now.fields.state ?? 'ready'}: may be used today` : shown(stands.words)}
      </p>
      <span className="small">{examination.words}</span>
      {last && (
        <span className="small">
          {[`${last.act} by ${last.by}, ${when(last.at)}`, last.with && `to ${last.with}`, last.why]
            .filter(Boolean)
            .join('; ')}
          {last.plan && <Link to={`/plans/${last.plan.id}`}>{` for ${last.plan.title}`}</Link>}
        </span>
      )}
      {now.fields.set && <span className="small">{`belongs to the set ${now.fields.set}`}</span>}
      {now.fields.note && <span className="small">{now.fields.note}</span>}
    </section>
  )
}

// What a piece is, how it stands, what rests on it, and what may be done with it.
export function PiecePanel({
  sheet,
  edit,
  refresh,
}: {
  sheet: PieceSheet
  edit: () => void
  refresh: () => void
}) {
  const keeper = useMay()('keeper')
  const [act, setAct] = useState<PieceSheet['may'][number] | null>(null)
  const [examining, setExamining] = useState(false)
  const done = () => {
    setAct(null)
    setExamining(false)
    refresh()
  }
  return (
    <aside className="piece-panel" aria-label="The piece">
      <Stands sheet={sheet} />
      <div className="piece-acts">
        {sheet.may.map((one) => (
          <Button key={one.act} variant="outlined" onClick={() => setAct(one)}>
            {ACTS[one.act]?.title ?? one.words}
          </Button>
        ))}
        {keeper && sheet.examination.wanted && (
          <Button variant="outlined" onClick={() => setExamining(true)}>
            Write down an examination
          </Button>
        )}
        <Button variant="outlined" onClick={edit}>
          {keeper ? 'Change its fields' : 'All its fields'}
        </Button>
      </div>
      <Tag piece={sheet.now} />
      <Plans plans={sheet.plans} />
      <Twins twins={sheet.twins} />
      <Label sheet={sheet} />
      <PieceFiles id={sheet.now.id} />
      <PieceHistory history={sheet.history} />
      {act && <ActDialog sheet={sheet} act={act} onClose={() => setAct(null)} onDone={done} />}
      {examining && <ExamineDialog sheet={sheet} onClose={() => setExamining(false)} onDone={done} />}
    </aside>
  )
}
