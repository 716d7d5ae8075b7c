import Box from '@mui/material/Box'
import IconButton from '@mui/material/IconButton'
import { usePreferences, useShown } from '../../ui/preferences'
import { useStill } from '../../ui/useStill'
import type { RungId } from '../../api/ladder.generated'
import { FirstSteps, leads } from './FirstSteps'
import { Questions } from './Questions'
import { RungHelp } from './RungHelp'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD } from '../../ladder/verdict'
import { PANELS } from '../../rungs'
import { WaysOut } from '../../rungs/shared/WaysOut'
import { Cautions, Needs, Parts } from '../../rungs/shared/answers'
import { Heading } from '../../ui/Row'
import { Working } from '../../rungs/shared/Working'
import type { PanelProps } from '../../rungs/shared/panel'
import { ofEachCrane, ofOneCrane } from '../../rungs/shared/places'
import { CraneAt } from '../../plan/craneAt'
import { CraneSwitch } from '../../rungs/tailing/CraneSwitch'
import { figures } from '../../ui/theme/tokens'

const SQUARE = { borderRadius: 0, width: 44, height: 44, color: 'var(--ink)', font: 'inherit' }

// The selected rung: its verdict, inputs, parts, working and cautions. Only this part of the screen scrolls.
export function RungPanel({
  id,
  working: late,
  onClose,
  crane,
  onCrane,
  ...props
}: PanelProps & {
  id: RungId
  working: boolean
  onClose?: () => void
  crane: number
  onCrane: (crane: number) => void
}) {
  const shown = useShown()
  const { preferences, prefer } = usePreferences()
  const { rung } = props
  const { region, watch } = useStill()
  const working = late || !!rung?.pending
  const Inputs = PANELS[id]
  const verdict = working || !rung ? 'not_known' : rung.verdict
  const word = working ? 'working' : rung ? WORD[rung.verdict] : 'no answer'
  return (
    <Box
      component="section"
      aria-label={`${rung?.label ?? 'Rung'} panel`}
      sx={{ height: '100%', display: 'flex', flexDirection: 'column' }}
    >
      <Box
        sx={{
          bgcolor: 'var(--wash)',
          minHeight: 49,
          px: '18px',
          display: 'flex',
          alignItems: 'center',
          gap: '10px',
          borderBottom: '1.5px solid var(--ink)',
          flex: 'none',
        }}
      >
        <Box component="h2" sx={{ m: 0, typography: 'heading', fontWeight: 600, lineHeight: 1.15 }}>
          {rung?.label ?? ''}
        </Box>
        <Box sx={{ ml: 'auto' }}>
          <RungBar
            verdict={verdict}
            share={rung?.utilisation?.value ?? null}
            width={38}
            height={13}
            stiles
            plain
          />
        </Box>
        <Box sx={{ typography: 'lead', fontWeight: 600, color: COLOUR[verdict], whiteSpace: 'nowrap' }}>
          {word[0]!.toUpperCase() + word.slice(1)}
          {!working && rung?.utilisation ? `, ${shown(rung.utilisation)}` : ''}
        </Box>
        <IconButton
          aria-label="What this rung asks"
          aria-expanded={preferences.help}
          aria-controls={preferences.help ? 'rung-help' : undefined}
          onClick={() => prefer({ help: !preferences.help })}
          sx={{ ...SQUARE, border: preferences.help ? '1.5px solid var(--ink)' : 'none' }}
        >
          ?
        </IconButton>
        {onClose && (
          <IconButton aria-label="Close the panel" onClick={onClose} sx={SQUARE}>
            ✕
          </IconButton>
        )}
      </Box>
      <Box
        sx={{ flex: 1, overflowY: 'auto', p: '12px 18px 24px', minHeight: 0 }}
        tabIndex={0}
        role="region"
        aria-label="Inputs and working"
        ref={region}
        {...watch}
      >
        {preferences.help && <RungHelp id={id} />}
        {props.editor.document.tandem && ofEachCrane(id) && <CraneSwitch crane={crane} onCrane={onCrane} />}
        <CraneAt.Provider value={props.editor.document.tandem ? (ofOneCrane[id] ?? crane) : 0}>
          <Inputs {...props} />
        </CraneAt.Provider>
        {rung && !working && (
          <>
            {rung.parts.length > 0 && <Heading>Parts</Heading>}
            <Parts rung={rung} />
            <Cautions rung={rung} />
            {(rung.verdict === 'stop' || rung.verdict === 'tight') && (
              <WaysOut key={rung.id} editor={props.editor} rung={rung} />
            )}
            <Working rung={rung} light={props.light} />
          </>
        )}
        {id !== 'signatures' && <Questions plan={props.editor.id} rung={id} />}
        {working && (
          <Box sx={{ mt: 2, fontFamily: figures, typography: 'field' }} role="status">
            working
          </Box>
        )}
      </Box>
      {props.ladder && leads(props.ladder, rung) ? (
        <FirstSteps ladder={props.ladder} go={props.go} editor={props.editor} />
      ) : (
        rung &&
        !working &&
        rung.missing.length > 0 && (
          <div className="needed">
            <Needs rung={rung} go={props.go} />
          </div>
        )
      )}
    </Box>
  )
}
