import Box from '@mui/material/Box'

import useMediaQuery from '@mui/material/useMediaQuery'
import { useTheme } from '@mui/material/styles'
import { useCallback, useState, type FocusEvent } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { useTitle } from '../../ui/useTitle'
import { usePreferences } from '../../ui/preferences'
import { useSize } from '../../ui/useSize'
import type { RungId } from '../../api/ladder.generated'
import { LANDING, layoutLadder, openFlight, PITCH, roomOf } from '../../ladder/layout'
import { GROUND_FROM_BOTTOM } from '../../ui/theme/tokens'
import { craneAtPlace, fieldId, panelOf, stillThere } from '../../rungs/shared/places'
import { PlanBar } from '../../shell/PlanBar'
import { CalmPanel } from './CalmPanel'
import type { Entry } from '../../drawing/grips/ElevationGrips'
import { RiggingDialogs } from '../rigging/RiggingDialogs'
import type { RiggingDialog } from '../../plan/dialogs'
import { useLooking } from './useLooking'
import { Previewing } from './Previewing'
import { useOpenRung } from './useOpenRung'
import { FIELDS, useKeys } from './useKeys'
import type { Editor } from '../../plan/usePlanEditor'
import { PanelPlace } from './PanelPlace'
import { SheetPlace } from './SheetPlace'
import { LadderPlace } from './LadderPlace'
import { useSheetLayout } from './useSheetLayout'

// How high the flights stand with all room they want, as on a phone.
const stackOf = (ladder: NonNullable<Editor['checked']['ladder']>, selected: RungId) =>
  ladder.rungs
    .filter((rung) => rung.flight === openFlight(ladder, selected))
    .reduce(
      (sum, rung) => sum + PITCH.most + roomOf(rung, ladder.governs, selected),
      (ladder.flights.length - 1) * LANDING.closed + LANDING.open,
    )

// Ladder, drawing and panel of one plan. Wide: side by side, nothing scrolls but the panel. Tablet: the panel
// is a sheet over the drawing. Phone: the ladder is the screen, and a rung opens under it.
export function Workbench({ editor }: { editor: Editor }) {
  const theme = useTheme()
  const wide = useMediaQuery(theme.breakpoints.up('md'))
  const phone = useMediaQuery(theme.breakpoints.down('sm'))
  const { preferences } = usePreferences()
  const { ladder, working } = editor.checked
  const [asked] = useSearchParams()
  // A rung that the address names is open from the first.
  const [chosen, setChosen] = useState<RungId | null>(() => asked.get('rung') as RungId | null)
  const [open, setOpen] = useState(false)
  const [leg, setLeg] = useState(0)
  const [crane, setCrane] = useState(0)
  const two = !!editor.document.tandem
  const [lit, setLit] = useState<string | null>(null)
  const [ref, size] = useSize({ width: 664, height: 748 })
  const there = chosen && ladder ? stillThere(chosen, ladder.rungs) : chosen
  const governing = ladder?.governs[0]
  const selected: RungId = there ?? governing ?? 'load'
  const rung = ladder?.rungs.find((one) => one.id === selected) ?? null

  useOpenRung(editor, selected)
  // Once a field of the panel has the keyboard the panel stays: it is never swapped under the typing hand.
  const pin = useCallback(
    (event: FocusEvent) => {
      if (event.target instanceof Element && event.target.matches(FIELDS)) setChosen((now) => now ?? selected)
    },
    [selected],
  )
  // With a hand over the ladder no flight opens or closes by itself.
  const stay = useCallback(() => setChosen((now) => now ?? selected), [selected])
  const select = useCallback((id: RungId) => {
    setChosen(id)
    setOpen(true)
  }, [])
  const toGoverning = useCallback(() => governing && select(governing), [governing, select])
  const [dialog, setDialog] = useState<RiggingDialog | null>(null)
  const navigate = useNavigate()
  const go = useCallback(
    (pointer: string) => {
      if (pointer.startsWith('/load/take_off'))
        return void navigate(`/plans/${editor.id}/load`, { state: { go: pointer } })
      if (pointer === '/rules') return setDialog('rules')
      const panel = panelOf(pointer, two)
      if (panel) select(panel)
      setCrane((now) => craneAtPlace(pointer) ?? now)
      setTimeout(() => document.getElementById(fieldId(pointer))?.focus(), 60)
    },
    [select, navigate, editor.id, two],
  )
  useTitle(editor.document.title)
  const { looking, look } = useLooking(two)
  const [entry, setEntry] = useState<Entry | null>(null)
  useKeys({
    editor,
    ladder,
    selected,
    select,
    setLeg,
    enabled: preferences.keys,
    close: () => setOpen(false),
    look,
  })
  const layout = useSheetLayout({ ladder, selected, dragging: editor.dragging, ...size, ...looking })
  // On a phone the ladder takes the height it wants, above the drawing.
  const ladderHeight = phone && ladder ? stackOf(ladder, selected) + GROUND_FROM_BOTTOM + 8 : layout.height
  const flights = phone
    ? layoutLadder(ladder, selected, 6, ladderHeight - GROUND_FROM_BOTTOM - 2)
    : layout.ladder
  const panel = (
    <div onFocus={pin} style={{ display: 'contents' }}>
      <CalmPanel
        moving={editor.dragging !== null}
        editor={editor}
        ladder={ladder}
        rung={rung}
        id={selected}
        working={working}
        go={go}
        light={setLit}
        open={setDialog}
        crane={crane}
        onCrane={setCrane}
        onClose={wide ? undefined : () => setOpen(false)}
      />
    </div>
  )
  return (
    <Box
      sx={{
        height: { xs: 'auto', sm: '100dvh' },
        minHeight: '100dvh',
        display: 'flex',
        flexDirection: 'column',
        overflow: { sm: 'hidden' },
      }}
    >
      <PlanBar editor={editor} room="ladder" onVerdict={toGoverning} onRigging={setDialog} />
      <Box
        component="main"
        sx={{
          flex: 1,
          minHeight: 0,
          position: 'relative',
          display: 'flex',
          flexDirection: { xs: 'column', sm: 'row' },
        }}
      >
        <Box component="h1" className="hush">
          {editor.document.title}
        </Box>
        <Previewing editor={editor}>
          <LadderPlace
            ladder={ladder}
            working={working}
            selected={selected}
            select={select}
            flights={flights}
            ladderHeight={ladderHeight}
            stay={stay}
            editor={editor}
          />
          {phone && open && (
            <Box sx={{ bgcolor: 'var(--chalk)', borderTop: '2.5px solid var(--ink)' }}>{panel}</Box>
          )}
          <SheetPlace
            ref={ref}
            editor={editor}
            ladder={ladder}
            layout={layout}
            phone={phone}
            selected={selected}
            leg={leg}
            setLeg={setLeg}
            select={select}
            working={working}
            lit={lit}
            looking={looking}
            look={look}
            setEntry={setEntry}
            entry={entry}
            size={size}
          />
          <PanelPlace wide={wide} panel={panel} phone={phone} open={open} setOpen={setOpen} rung={rung} />
        </Previewing>
      </Box>
      {dialog && <RiggingDialogs dialog={dialog} editor={editor} onClose={() => setDialog(null)} />}
    </Box>
  )
}
