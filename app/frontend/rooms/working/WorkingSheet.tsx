import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { Ladder } from '../../api/ladder.generated'
import { useTitle } from '../../ui/useTitle'
import { usePreferences, useShown } from '../../ui/preferences'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD } from '../../ladder/verdict'
import { Cautions, Parts } from '../../rungs/shared/answers'
import { Working } from '../../rungs/shared/Working'
import type { Editor } from '../../plan/usePlanEditor'
import { PrintDrawing } from './PrintDrawing'
import { PrintSite } from './PrintSite'
import './working.css'

// At the head of what is printed: who answered in words, and what is left out in whose name.
function ByWord({ ladder }: { ladder: Ladder }) {
  const { scope, critical } = ladder
  const shown = useShown()
  return (
    <>
      {critical.length > 0 && (
        <p data-critical>
          <strong>Critical lift</strong>, wants a second signature:{' '}
          {critical.map((one) => shown(one.words)).join('; ')}
        </p>
      )}
      {ladder.rungs.map(
        ({ id, label, word }) =>
          word && (
            <p key={id} data-by-word={id}>
              <strong>{label} by word</strong> of {word.by}, {word.on}, counts until {word.lapses}:{' '}
              {word.says}
            </p>
          ),
      )}
      {scope && (
        <p>
          <strong>Left out, {scope.words}</strong>, says {scope.by}: {scope.left_out.join(', ').toLowerCase()}
        </p>
      )}
    </>
  )
}

const LIGHT_NOTHING = () => {}

// Every rung with every line of its arithmetic and who says so, foot first, to be read and printed.
export function WorkingSheet({ editor }: { editor: Editor }) {
  const shown = useShown()
  const { preferences } = usePreferences()
  const { ladder, working: late } = editor.checked
  const { document: plan } = editor
  const working = late || !!ladder?.rungs.some((rung) => rung.pending)
  useTitle(`Working, ${plan.title}`)
  return (
    <Box component="main" className="working-sheet">
      <div className="working-bar">
        <Button component={Link} to={`/plans/${editor.id}`} variant="outlined">
          To the ladder
        </Button>
        <Button variant="contained" disabled={working || !ladder} onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <h1>{plan.title}</h1>
      <p>
        {[
          plan.site,
          plan.lift_at?.replace('T', ' '),
          `revision ${editor.revision}${editor.state === 'saved' ? '' : ', not yet saved'}`,
          `rule set ${plan.rules}`,
          preferences.system === 'us' ? 'lb, ft' : 'kg, m',
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {working && <p role="status">working</p>}
      {!working && !ladder && <p role="alert">There is no ladder: the plan cannot be read.</p>}
      {!working && ladder && (
        <>
          <p className="working-verdict" style={{ color: COLOUR[ladder.verdict] }}>
            {shown(ladder.headline)}
          </p>
          <ByWord ladder={ladder} />
          <PrintDrawing editor={editor} />
          <PrintSite editor={editor} />
          <p>The tag, the chart in the cab, local rules and a qualified person come before this.</p>
          {ladder.rungs.map((rung) => (
            <section key={rung.id} aria-label={rung.label} data-working={rung.id}>
              <h2>
                <RungBar
                  verdict={rung.verdict}
                  share={rung.utilisation?.value ?? null}
                  width={54}
                  height={12}
                  stiles
                  plain
                />
                <span>{rung.label}</span>
                <span style={{ color: COLOUR[rung.verdict] }}>
                  {WORD[rung.verdict]}
                  {rung.utilisation && `, ${shown(rung.utilisation)}`}
                </span>
                <span className="small">{shown(rung.note)}</span>
              </h2>
              {rung.missing.map((missing) => (
                <p key={missing.what}>Needed: {missing.what}</p>
              ))}
              <Parts rung={rung} />
              <Cautions rung={rung} />
              <Working rung={rung} light={LIGHT_NOTHING} />
            </section>
          ))}
        </>
      )}
    </Box>
  )
}
