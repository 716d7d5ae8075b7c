import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { useShown } from '../../ui/preferences'
import { COLOUR } from '../../ladder/verdict'
import { Heading } from '../../ui/Row'
import { Asked } from '../../ui/Asked'
import type { RiggingProps } from './taking'
import '../../ui/tables.css'

// Which one thing to change so that it hangs level, each hung anew and judged on the whole ladder.
export function LevelUp({ editor, take }: RiggingProps) {
  const shown = useShown()
  const asked = useQuery({
    queryKey: ['level', editor.id, editor.document],
    queryFn: () => api.levelAdvice(editor.document),
    gcTime: 0,
    staleTime: Infinity,
    retry: false,
  })
  const found = asked.data
  return (
    <Asked pending={asked.isPending} error={asked.error} again={() => void asked.refetch()}>
      {found && (
        <>
          {found.missing && (
            <Box role="alert" sx={{ border: '1.5px dashed var(--ink)', p: '8px 12px' }}>
              How it hangs is not known: {found.missing}
            </Box>
          )}
          {found.tilt && (
            <Box sx={{ typography: 'lead' }}>
              It hangs <strong>{shown(found.tilt)}</strong> off level; the aim is {shown(found.aim)}.
            </Box>
          )}
          {found.made_up.length > 0 && (
            <>
              <Heading aside="the hook height sets them">Lengths that hang level</Heading>
              <ul>
                {found.made_up.map((one, index) => (
                  <li key={index}>{shown(one)}</li>
                ))}
              </ul>
              <Box>
                A chain is shortened with its clutch only, the loaded end leaving by the bottom. To change one
                leg by hand, let leg lengths set the geometry.
              </Box>
            </>
          )}
          {found.options.length > 0 && (
            <Heading aside="enough first, then the smallest change">One change</Heading>
          )}
          {found.options.map((one) => (
            <div
              key={one.id}
              className="choice"
              style={{ gridTemplateColumns: 'minmax(200px, 1.4fr) 110px minmax(180px, 1.4fr) auto' }}
              data-advice={one.id}
            >
              <strong>{shown(one.words)}</strong>
              <span>then {shown(one.tilt)}</span>
              <span style={{ color: COLOUR[one.verdict] }}>{shown(one.headline)}</span>
              <Button
                variant="outlined"
                sx={{ minHeight: 44 }}
                aria-label={`Apply: ${shown(one.words)}`}
                onClick={() => take(one.changes, shown(one.words))}
              >
                Apply
              </Button>
            </div>
          ))}
          {found.tilt && found.options.length === 0 && found.made_up.length === 0 && (
            <Box sx={{ mt: 1 }}>No single change of a leg, a sling or a hole makes it hang more level.</Box>
          )}
        </>
      )}
    </Asked>
  )
}
