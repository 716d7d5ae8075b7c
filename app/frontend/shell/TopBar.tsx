import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { memo, useCallback, useState } from 'react'
import { useNavigate } from 'react-router'
import type { RiggingDialog } from '../plan/dialogs'
import type { Checked } from '../plan/useChecker'
import { useTold } from '../plan/useMeanwhile'
import type { Editor, SaveState } from '../plan/usePlanEditor'
import { clock } from '../ui/clock'
import { BAR_HEIGHT, figures } from '../ui/theme/tokens'
import { RuleSetChoice, UnitsChoice } from './BarChoices'
import { Brand } from './Brand'
import { PlanMenu, type DialogName, type PlanRoom } from './PlanMenu'
import { VerdictBlock } from './VerdictBlock'
import { VerdictSpoken } from './VerdictSpoken'

const SAVE_WORDS: Record<SaveState, string> = {
  tried: 'a try: nothing of it is kept',
  saved: 'saved',
  changed: 'not yet saved',
  saving: 'saving',
  offline: 'not saved: no answer; kept in this browser',
  refused: 'not saved: refused; kept in this browser',
  clash: 'changed elsewhere',
}

interface Props
  extends
    Pick<Editor, 'id' | 'revision' | 'version' | 'state' | 'theirs' | 'faults'>,
    Pick<Checked, 'ladder' | 'working' | 'silentSince'> {
  title: string
  site: string
  rules: string
  room: PlanRoom
  change: Editor['change']
  onVerdict?: () => void
  onDialog: (name: DialogName) => void
  onRigging?: (dialog: RiggingDialog) => void
}

// Name, verdict in a sentence, rule set, units. The verdict block takes to the rung that governs.
export const TopBar = memo(function TopBar({
  id,
  title,
  site,
  rules,
  revision,
  version,
  state,
  theirs,
  faults,
  room,
  ladder,
  working,
  silentSince,
  change,
  onVerdict,
  onDialog,
  onRigging,
}: Props) {
  const navigate = useNavigate()
  const { silence, waiting } = useTold(id, revision, version)
  const [menu, setMenu] = useState<HTMLElement | null>(null)
  const close = useCallback(() => setMenu(null), [])
  return (
    <Box
      component="header"
      className="on-bar"
      sx={{
        minHeight: BAR_HEIGHT,
        flex: 'none',
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        alignItems: 'stretch',
        bgcolor: 'var(--bar)',
        color: 'var(--onBar)',
        lineHeight: 1.15,
      }}
    >
      <Box sx={{ height: BAR_HEIGHT }}>
        <Brand />
      </Box>
      <Box
        sx={{
          flex: '1 1 200px',
          minWidth: 0,
          pl: { xs: 0, lg: '70px' },
          pr: 1,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
          height: BAR_HEIGHT,
        }}
      >
        <Box
          sx={{
            fontWeight: 600,
            typography: 'plain',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
          title={title}
        >
          {title}
        </Box>
        <Box
          sx={{
            fontFamily: figures,
            typography: 'small',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
          role="status"
        >
          {[
            silence !== null && `no answer since ${clock(silence)}: shown as it stood then`,
            state === 'saved' &&
              waiting !== null &&
              `rev ${waiting} by another hand: shown once you are done here`,
            site,
            `rev ${revision}`,
            state === 'offline' && faults.length > 0
              ? 'kept in this browser, tried again soon'
              : SAVE_WORDS[state],
            state === 'saved' && theirs,
            ...faults.map((fault) => `${fault.pointer} ${fault.message}`),
          ]
            .filter(Boolean)
            .join(', ')}
        </Box>
      </Box>
      <VerdictBlock
        ladder={ladder}
        working={working}
        silentSince={silentSince}
        onClick={onVerdict ?? (() => void navigate(`/plans/${id}`))}
      />
      <VerdictSpoken ladder={ladder} working={working} />
      <Box sx={{ display: 'flex', height: BAR_HEIGHT, flex: 'none' }}>
        <RuleSetChoice current={rules} change={change} />
        <UnitsChoice />
        <Button
          onClick={(event) => setMenu(event.currentTarget)}
          aria-haspopup="menu"
          sx={{ color: 'inherit', minWidth: 64 }}
        >
          More
        </Button>
      </Box>
      <PlanMenu
        menu={menu}
        close={close}
        id={id}
        room={room}
        state={state}
        onDialog={onDialog}
        onRigging={onRigging}
      />
    </Box>
  )
})
