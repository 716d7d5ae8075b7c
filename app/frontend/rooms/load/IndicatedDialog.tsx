import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { api, Refused } from '../../api/client'
import type { Plan } from '../../api/plan.generated'
import { usePreferences, useShown } from '../../ui/preferences'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading } from '../../ui/Row'
import type { Editor } from '../../plan/usePlanEditor'

const SHOWS: [string, string][] = [
  ['with_block', 'block, rope and rigging too'],
  ['without_block', 'rigging and load, block set to zero'],
]
const BASIS: Record<string, string> = { unknown: 'not known' }

// From what the crane's indicator reads to what the load weighs; and what the weight was taken as before.
export function IndicatedDialog({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const [reading, setReading] = useState('')
  const [shows, setShows] = useState('')
  const shown = useShown()
  const { system } = usePreferences().preferences
  const asked = useDeferredValue(reading.trim())
  const plan = editor.document
  const [at] = useState(() =>
    new Date(Date.now() - new Date().getTimezoneOffset() * 60000).toISOString().slice(0, 16),
  )
  const answer = useQuery({
    queryKey: ['indicated', plan, asked, shows],
    queryFn: () => api.indicated(plan, { reading: asked, shows, at }),
    enabled: asked !== '' && shows !== '',
    retry: false,
    gcTime: 0,
  })
  const history = plan.load.weight.history ?? []
  const result = answer.data && asked !== '' && shows !== '' && asked === reading.trim() ? answer.data : null
  const take = () => {
    editor.change(result!.changes, 'weight by the crane indicator')
    onClose()
  }
  const back = (index: number) => {
    const { by, bare, basis, source } = history[index]!
    editor.change(
      {
        '/load/weight': {
          ...plan.load.weight,
          by,
          basis,
          source,
          ...(by === 'typed' && { bare }),
          history: history.filter((_, other) => other !== index),
        } satisfies Plan['load']['weight'],
      },
      'an earlier weight taken back',
    )
    onClose()
  }
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>What the crane indicator says</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
        <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1.4fr' }, gap: 1 }}>
          <TextField
            variant="filled"
            label="It reads, hanging free and still"
            value={reading}
            placeholder="4.3 t"
            autoFocus
            onChange={(event) => setReading(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 60 } }}
            helperText=" "
          />
          <ChoiceField
            id="indicated-shows"
            label="The reading includes"
            value={shows}
            choices={[['', 'choose what it includes'], ...SHOWS]}
            onChoose={setShows}
          />
        </Box>
        {answer.error && asked !== '' && (
          <Box role="alert" sx={{ border: '1.5px dashed var(--ink)', p: '6px 10px' }}>
            {answer.error instanceof Refused
              ? answer.error.faults.map((fault) => `${fault.message}. Expected: ${fault.expected}.`).join(' ')
              : 'No answer.'}
          </Box>
        )}
        {result && (
          <Box className="working" data-indicated>
            <dl style={{ margin: 0 }}>
              {result.working.map((line, index) => (
                <div key={index} className="line">
                  <dt>{line.symbol}</dt>
                  <dd>{line.formula ? `${line.formula} = ${line[system] ?? ''}` : line.source}</dd>
                  <dd className="result">{shown(line.result)}</dd>
                </div>
              ))}
            </dl>
            <Box
              sx={{
                borderTop: '1.5px solid var(--ink)',
                display: 'flex',
                justifyContent: 'space-between',
                fontWeight: 600,
                py: '4px',
              }}
            >
              <span>planned, weighed</span>
              <span>{shown(result.planned)}</span>
            </Box>
            {result.cautions.map((caution, index) => (
              <Box key={index} sx={{ lineHeight: 1.3, pt: '4px' }}>
                {shown(caution)}
              </Box>
            ))}
          </Box>
        )}
        {history.length > 0 && (
          <Box>
            <Heading>What the weight was before</Heading>
            <Box
              component="ul"
              sx={{ listStyle: 'none', m: 0, p: 0, fontFamily: 'var(--figures)', typography: 'plain' }}
            >
              {history.map((one, index) => (
                <Box
                  component="li"
                  key={index}
                  sx={{
                    display: 'grid',
                    gridTemplateColumns: '1fr auto',
                    gap: 1,
                    alignItems: 'center',
                    borderBottom: '1px solid var(--line)',
                    py: '4px',
                  }}
                >
                  <span>
                    <strong>{one.bare ?? 'not given'}</strong>,{' '}
                    {one.by === 'take_off' ? 'from the take-off' : (BASIS[one.basis] ?? one.basis)}
                    {one.source && `, ${one.source}`}
                    <span className="small">until {one.at.replace('T', ' ')}</span>
                  </span>
                  <Button size="small" variant="outlined" onClick={() => back(index)}>
                    Take back
                  </Button>
                </Box>
              ))}
            </Box>
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={!result} onClick={take}>
          Take it as the weight
        </Button>
      </DialogActions>
    </Dialog>
  )
}
