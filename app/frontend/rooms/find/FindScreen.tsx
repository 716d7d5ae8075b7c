import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useMemo, useRef, useState, type ComponentProps } from 'react'
import { useNavigate } from 'react-router'
import type { May } from '../../api/advice'
import { roomFor } from '../../drawing/views/LiftFigure'
import { MarginEffort } from '../../drawing/views/MarginEffort'
import type { Editor } from '../../plan/usePlanEditor'
import { PlanBar } from '../../shell/PlanBar'
import { useShown } from '../../ui/preferences'
import { BAR_HEIGHT } from '../../ui/theme/tokens'
import { useSize } from '../../ui/useSize'
import { useTitle } from '../../ui/useTitle'
import { AskedAside } from './AskedAside'
import { hours, others, title, type Lift } from './found'
import { FoundLift } from './FoundLift'
import { HeavierStrip } from './HeavierStrip'
import { useFind, type Search } from './useFind'
import './find.css'

const MAY: May = { machines: true, move: true, hire: true, hold: true, minutes: 360 }

// Lifts that hold, found from the plan's load, pick, set and site; what each leaves, needs and takes.
export function FindScreen({ editor }: { editor: Editor }) {
  useTitle(`${editor.document.title}, find a lift`)
  const [of, setOf] = useState(editor.document)
  const [may, setMay] = useState(MAY)
  const asked = useMemo(() => ({ document: of, plan: editor.id, may }), [of, editor.id, may])
  const { search, halt, goOn } = useFind(asked)
  const stale = of !== editor.document
  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <PlanBar editor={editor} room="find" />
      <main className="find" style={{ minHeight: `calc(100dvh - ${BAR_HEIGHT}px)` }}>
        <h1 className="hush">{editor.document.title}, find a lift</h1>
        <AskedAside
          editor={editor}
          may={may}
          onMay={setMay}
          search={search}
          onStop={halt}
          onGoOn={goOn}
          stale={stale}
          onAnew={() => setOf(editor.document)}
        />
        <Found editor={editor} document={of} search={search} stale={stale} />
      </main>
    </Box>
  )
}

const NOTHING = {
  seeking: 'Nothing that holds yet. The search goes on, least to do first.',
  stopped: 'Nothing that holds was found so far. The search is not done.',
  done: 'Nothing of what may be changed makes a lift that holds. What stopped the rest is on the left.',
}

// The lifts beside each other, and of the chosen one what more there is to know.
function Found({
  editor,
  document,
  search,
  stale,
}: {
  editor: Editor
  document: Editor['document']
  search: Search
  stale: boolean
}) {
  const words = useShown()
  const navigate = useNavigate()
  const [picked, setPicked] = useState<string | null>(null)
  const [seen, setSeen] = useState<Set<string>>(new Set())
  const row = useRef<HTMLDivElement>(null)
  const shown = search.few.flatMap((few) => {
    const lift = search.lifts[few.id]
    return lift ? [{ few, lift }] : []
  })
  const chosen = (shown.find(({ lift }) => lift.id === picked) ?? shown[0])?.lift ?? null
  const metres = roomFor(shown.map(({ lift }) => lift))
  const see = (id: string) => setSeen((now) => (now.has(id) ? now : new Set([...now, id])))
  const take = (lift: Lift) => {
    editor.change(lift.changes, `a lift that was found: ${words(lift.words)}`)
    void navigate(`/plans/${editor.id}`)
  }
  if (!chosen)
    return (
      <section aria-label="Lifts found" className="none">
        <p role="status">
          {search.fault ? `It could not be sought: ${search.fault}` : NOTHING[search.state]}
        </p>
      </section>
    )
  const asPlanned = Object.keys(chosen.changes).length === 0
  const number = shown.findIndex(({ lift }) => lift === chosen) + 1
  return (
    <div className="found">
      <section aria-label="Lifts found">
        <div
          className="lifts"
          ref={row}
          onKeyDown={(event) => {
            const way = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
            if (!way) return
            event.preventDefault()
            const all = [...(row.current?.querySelectorAll<HTMLButtonElement>('button.lift') ?? [])]
            all[all.indexOf(event.target as HTMLButtonElement) + way]?.focus()
          }}
        >
          {shown.map(({ lift, few }, index) => (
            <FoundLift
              key={lift.id}
              lift={lift}
              few={few}
              number={index + 1}
              chosen={lift === chosen}
              fresh={index > 0 && search.state === 'seeking' && !seen.has(lift.id)}
              metres={metres}
              onChoose={() => setPicked(lift.id)}
              onSeen={() => see(lift.id)}
            />
          ))}
        </div>
        <div className="take">
          <Button
            variant="contained"
            disabled={stale || editor.held !== null || asPlanned}
            onClick={() => take(chosen)}
          >
            {asPlanned ? `${number} is the plan as it stands` : `Put ${number} into the plan`}
          </Button>
          <span>
            <strong>{title(chosen).join(', ')}</strong>, {hours(chosen.minutes)}: {words(chosen.words)}.
            {chosen.unknown.length > 0 && (
              <strong> Not known: {chosen.unknown.join(', ').toLowerCase()}.</strong>
            )}{' '}
            Hours are about; the tag, the chart and a qualified person decide.
          </span>
        </div>
      </section>
      <Effort
        shown={shown.map(({ lift, few }) => ({
          id: lift.id,
          minutes: lift.minutes,
          kg: lift.margin.kg,
          front: few.front,
        }))}
        others={others(search.position, search.few)}
        chosen={chosen.id}
        onChoose={setPicked}
      />
      <HeavierStrip
        key={chosen.id}
        document={document}
        lift={chosen}
        number={number}
        seeking={search.state === 'seeking'}
      />
    </div>
  )
}

function Effort(props: Omit<ComponentProps<typeof MarginEffort>, 'width' | 'height'>) {
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 330, height: 210 })
  return (
    <section aria-label="Margin against effort" className="effort">
      <h2>Margin against effort</h2>
      <div className="small">how much heavier the load may be before a rung stops</div>
      <div ref={ref}>
        <MarginEffort {...props} width={width} height={210} />
      </div>
      <div className="small">Dashed: shown for its kind, not its margin.</div>
    </section>
  )
}
