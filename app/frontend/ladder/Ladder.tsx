import Box from '@mui/material/Box'
import type { Rung } from '../api/ladder.generated'
import { useShown } from '../display/preferences'
import { figures, GROUND_FROM_BOTTOM, LADDER_WIDTH, STILES } from '../theme/tokens'
import { COLOUR, WORD, type Verdict } from './verdict'
import { RungBar } from './RungBar'

export type RungId = Rung['id']
export const WORKING: Verdict = 'not_known'

interface Props { rungs: Rung[]; working: boolean; governs: string[]; selected: RungId; onSelect: (id: RungId) => void; tops: Record<string, number>; height: number; notChecked: string[] }

// The load path as a ladder, foot first in the list, standing on the drawing's ground line.
export function Ladder({ rungs, working, governs, selected, onSelect, tops, height, notChecked }: Props) {
  const shown = useShown()
  const ground = height - GROUND_FROM_BOTTOM
  const width = STILES.right - STILES.left - 6
  return (
    <Box component="nav" aria-label="Ladder" sx={{ position: 'relative', width: LADDER_WIDTH, height, alignSelf: 'center', flex: 'none', bgcolor: 'var(--dust)', overflow: 'hidden' }}>
      {[STILES.left, STILES.right].map((x) => (
        <Box key={x} sx={{ position: 'absolute', left: x - 3, width: 6, top: 4, height: ground - 4, bgcolor: 'var(--ink)', zIndex: 2, '&::after': { content: '""', position: 'absolute', bottom: 0, left: -6, width: 18, height: 8, bgcolor: 'var(--ink)' } }} />
      ))}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {rungs.map((rung) => {
          const leads = !working && governs.includes(rung.id)
          const verdict = working ? WORKING : rung.verdict
          return (
            <Box component="li" key={rung.id} sx={{ position: 'absolute', left: 0, right: 0, top: tops[rung.id] ?? 0 }}>
              <Box
                component="button" type="button" onClick={() => onSelect(rung.id)} aria-current={rung.id === selected} data-rung={rung.id} data-verdict={working ? 'working' : rung.verdict}
                sx={{ all: 'unset', boxSizing: 'border-box', cursor: 'pointer', display: 'block', width: LADDER_WIDTH, px: `${STILES.left + 3}px`, pr: `${LADDER_WIDTH - STILES.right + 3}px`, minHeight: 58, bgcolor: rung.id === selected ? 'var(--wash)' : 'transparent', '&:focus-visible': { outline: '3px solid var(--mark)', outlineOffset: '-3px' } }}
              >
                <Box sx={{ display: 'flex', alignItems: 'baseline', gap: '7px', height: 23, px: '7px', whiteSpace: 'nowrap' }}>
                  <Box component="span" sx={{ fontSize: 16 }}>{rung.label}</Box>
                  <span className="hush">, </span>
                  <Box component="span" sx={{ order: 2, ml: 'auto', fontFamily: figures, fontSize: 16, fontWeight: 600, color: COLOUR[verdict] }}>{working ? 'working' : WORD[verdict]}</Box>
                  {!working && rung.utilisation && <Box component="span" sx={{ order: 3, fontFamily: figures, fontSize: 20, fontWeight: 600, color: COLOUR[verdict] }}>{shown(rung.utilisation)}</Box>}
                  <span className="hush">{`, ${rung.subject ?? ''}`}</span>
                  {leads && <Box component="span" sx={{ order: 1, fontFamily: figures, fontSize: 16, fontWeight: 600, color: COLOUR[verdict] }}>governs</Box>}
                  <span className="hush">. </span>
                </Box>
                <Box sx={{ my: '-1px' }}><RungBar verdict={verdict} share={rung.utilisation?.value ?? null} attention={rung.attention} width={width} height={12} /></Box>
                <Box sx={{ fontFamily: figures, fontSize: 14, lineHeight: '17px', color: 'var(--ink2)', px: '7px', pb: '1px', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }} title={working ? undefined : shown(rung.note)}>
                  {working ? 'working' : shown(rung.note)}
                </Box>
              </Box>
              {leads && (
                <Box component="svg" width={40} height={32} viewBox="0 0 40 32" aria-hidden sx={{ position: 'absolute', left: 0, top: 13, zIndex: 3, pointerEvents: 'none' }}>
                  <path d="M0 0H27L37 16L27 32H0Z" fill={COLOUR[verdict]} />
                  <path d="M16 8v13m-5 -5l5 6l5 -6" fill="none" stroke="var(--bone)" strokeWidth={2.5} />
                </Box>
              )}
            </Box>
          )
        })}
      </Box>
      <Box sx={{ position: 'absolute', left: 0, right: 0, top: ground, bottom: 0, borderTop: '2.5px solid var(--ink)', px: 1, pt: '2px', fontFamily: figures, fontSize: 14, lineHeight: '15px', color: 'var(--ink2)', overflow: 'hidden' }} title={notChecked.join('; ')}>
        <strong>Not checked:</strong> {notChecked.join(', ')}
      </Box>
    </Box>
  )
}
