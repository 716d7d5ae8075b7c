import Box from '@mui/material/Box'
import type { Drawing, Rung } from '../../api/ladder.generated'
import { useShown } from '../../ui/preferences'
import { AngleSign, ForceTriangle } from '../../drawing/figures/legs'
import { figures } from '../../ui/theme/tokens'

// The selected leg in all three conventions. low: is there no room for its triangle of forces?
export function LegCard({
  drawing,
  leg,
  working,
  pair,
  low,
}: {
  drawing: Drawing
  leg: number
  working: boolean
  pair: boolean
  low: boolean
}) {
  const shown = useShown()
  const one = drawing.legs[leg]
  if (!one) return null
  const angles: [Parameters<typeof AngleSign>[0]['convention'], Rung['demand'], string][] = [
    ['horizontal', one.from_horizontal, 'from horizontal'],
    ['plumb', one.from_plumb, 'from plumb'],
    ['included', one.included, pair ? 'included, both legs' : 'twice from plumb'],
  ]
  return (
    <Box data-leg-card>
      <Box
        sx={{ display: 'flex', alignItems: 'baseline', borderBottom: '1.5px solid var(--ink)', pb: '2px' }}
      >
        <Box component="h2" sx={{ m: 0, typography: 'field', fontWeight: 600 }}>
          {one.name} leg
        </Box>
        <Box sx={{ ml: 'auto', fontFamily: figures, typography: 'plain' }}>
          {working ? 'working' : `${shown(one.length)} as it hangs`}
        </Box>
      </Box>
      {angles.map(([convention, figure, words]) => (
        <Box
          key={words}
          sx={{ display: 'grid', gridTemplateColumns: '40px 76px 1fr', alignItems: 'center', pt: '2px' }}
        >
          <AngleSign convention={convention} />
          <Box
            sx={{
              fontFamily: figures,
              typography: 'verdict',
              lineHeight: 1.1,
              fontWeight: 600,
              color: 'var(--mark)',
            }}
          >
            {working ? '–' : shown(figure)}
          </Box>
          <span>{words}</span>
        </Box>
      ))}
      {!working && (
        <Box
          sx={{
            fontFamily: figures,
            typography: 'plain',
            pt: '2px',
            display: 'flex',
            gap: '10px',
            flexWrap: 'wrap',
            lineHeight: 1.2,
          }}
        >
          <span>
            worst <strong data-worst>{shown(one.worst) || 'not known'}</strong>
            {one.utilisation && `, ${shown(one.utilisation)}`}
          </span>
          <span>
            {one.slack ? (
              'hangs slack'
            ) : (
              <>
                nominal <strong>{shown(one.nominal) || 'not known'}</strong>
              </>
            )}
          </span>
        </Box>
      )}
      {!low && !working && one.share && one.thrust && one.nominal && !one.slack && (
        <ForceTriangle
          width={284}
          height={86}
          share={{ value: one.share.value, text: shown(one.share) }}
          thrust={{ value: one.thrust.value, text: shown(one.thrust) }}
          tension={{ value: one.nominal.value, text: shown(one.nominal) }}
        />
      )}
      <Box sx={{ fontFamily: figures, typography: 'note', color: 'var(--ink2)' }}>
        True angles and forces, nominal. Flags carry the worst.
      </Box>
    </Box>
  )
}
