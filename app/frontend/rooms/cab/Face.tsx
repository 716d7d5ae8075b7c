import Box from '@mui/material/Box'
import { Indication, Reading } from '../../api/client'
import { usePreferences } from '../../ui/preferences'
import { FEET, POUNDS } from '../../units/units'
const WORDS: Record<Reading['state'], string> = {
  normal: 'within its limit',
  warning: 'near its limit',
  cut_out: 'CUT OUT',
}

const massOf = (kg: number, up: boolean, us: boolean) =>
  us
    ? `${(up ? Math.ceil(kg / POUNDS) : Math.floor(kg / POUNDS)).toLocaleString('en-US')} lb`
    : `${Math.round(kg).toLocaleString('en-US').replaceAll(',', '\u202f')} kg`

type Told = Pick<Reading, 'load_kg' | 'rated_kg' | 'radius_m' | 'slew_deg' | 'boom_m' | 'hook_m'>

// The figures of one crane.
function Figures({ of: reading, us }: { of: Told; us: boolean }) {
  const mass = (kg: number, up: boolean) => massOf(kg, up, us)
  const long = (metres: number) => (us ? `${(metres / FEET).toFixed(1)} ft` : `${metres.toFixed(2)} m`)
  return (
    <dl className="cab-figures">
      <div className="large">
        <dt>load on the hook, gross</dt>
        <dd data-read="load">{mass(reading.load_kg, true)}</dd>
      </div>
      <div>
        <dt>allowed here</dt>
        <dd>{reading.rated_kg === null ? 'nothing' : mass(reading.rated_kg, false)}</dd>
      </div>
      <div>
        <dt>of it</dt>
        <dd>{reading.rated_kg ? `${Math.ceil((100 * reading.load_kg) / reading.rated_kg)} %` : '–'}</dd>
      </div>
      <div>
        <dt>radius</dt>
        <dd data-read="radius">{long(reading.radius_m)}</dd>
      </div>
      <div>
        <dt>slew</dt>
        <dd data-read="slew">{reading.slew_deg === null ? '–' : `${reading.slew_deg.toFixed(1)}°`}</dd>
      </div>
      <div>
        <dt>boom</dt>
        <dd>{long(reading.boom_m)}</dd>
      </div>
      <div>
        <dt>hook height</dt>
        <dd>{long(reading.hook_m)}</dd>
      </div>
    </dl>
  )
}

// What the operator sees. Without a fresh and sound reading there are no figures at all.
export function Face({ said, mine }: { said: Indication; mine: boolean }) {
  const us = usePreferences().preferences.system === 'us'
  const reading = 'reading' in said ? said.reading : null
  if (!reading)
    return (
      <div className="no-reading" role="status" data-indicator="none">
        No reading
        <small>
          {'no_reading' in said && said.no_reading}. The last figures are not shown: they are not live. Stop
          until it speaks again.
        </small>
      </div>
    )
  if (!mine)
    return (
      <div className="no-reading" role="status" data-indicator="other">
        Not this plan
        <small>
          {reading.plan ? `It follows ${reading.plan}.` : 'It follows no plan yet.'} Play this plan, or begin
          from the start.
        </small>
      </div>
    )
  const mass = (kg: number, up: boolean) => massOf(kg, up, us)
  const cut = reading.state === 'cut_out'
  return (
    <div data-indicator={reading.state}>
      <Box
        role="status"
        sx={{
          bgcolor: cut ? 'var(--stopGround)' : 'var(--wash)',
          color: cut ? 'var(--onStop)' : 'var(--ink)',
          p: '8px 12px',
          typography: 'figure',
          fontWeight: 600,
          lineHeight: 1.1,
          minHeight: 82,
          boxSizing: 'border-box',
        }}
      >
        {WORDS[reading.state]}
        <Box sx={{ typography: 'lead', fontWeight: 500 }}>
          {cut
            ? `${reading.why ?? 'nothing is rated here'}` +
              (`${reading.ahead_kg ? `, ${mass(reading.ahead_kg, false)} allowed ahead` : ''}` +
                `: motion that makes it worse is stopped`)
            : reading.state === 'warning'
              ? 'above 90 % of what it allows here'
              : reading.playing
                ? 'moving'
                : 'standing'}
        </Box>
      </Box>
      {reading.other && <b className="cab-who">Head crane</b>}
      <Figures of={reading} us={us} />
      {reading.other && (
        <div data-indicator-of="tail">
          <b className="cab-who">Tail crane, {WORDS[reading.other.state]}</b>
          <Figures of={reading.other} us={us} />
        </div>
      )}
    </div>
  )
}
