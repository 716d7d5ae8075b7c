import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { memo } from 'react'
import type { Rung } from '../../api/ladder.generated'
import { RungBar } from '../../ladder/RungBar'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import type { PanelProps } from './panel'

export function Needs({ rung, go }: { rung: Rung; go: PanelProps['go'] }) {
  return rung.missing.map((missing) => (
    <Box
      key={missing.what}
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        border: '1.5px dashed var(--ink)',
        p: '6px 10px',
        mb: '8px',
      }}
    >
      <Box sx={{ flex: 1, lineHeight: 1.25 }}>Needed: {missing.what}</Box>
      {missing.pointer && (
        <Button size="small" variant="outlined" onClick={() => go(missing.pointer!)}>
          Go to it
        </Button>
      )}
    </Box>
  ))
}

export const Parts = memo(function Parts({ rung }: { rung: Rung }) {
  const shown = useShown()
  if (rung.parts.length === 0) return null
  return (
    <table className="parts">
      <tbody>
        {rung.parts.map((part, index) => (
          <tr key={index} data-part={part.name}>
            <td className="part-bar">
              <RungBar
                verdict={part.verdict}
                share={part.utilisation?.value ?? null}
                width={50}
                height={10}
                stiles
                plain
              />
            </td>
            <td>
              <div className="part-line">
                <span>{part.name.replaceAll('_', ' ')}</span>
                <span>
                  {part.demand && part.capacity && `${shown(part.demand)} of ${shown(part.capacity)}`}
                </span>
              </div>
              {(part.note || part.nominal) && (
                <div className={part.nominal ? 'small right' : 'small'}>
                  {part.nominal ? `nominal ${shown(part.nominal)}` : shown(part.note)}
                </div>
              )}
            </td>
            <td className="part-verdict" style={{ color: COLOUR[part.verdict] }}>
              {part.utilisation ? shown(part.utilisation) : WORD[part.verdict]}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
})

export const Cautions = memo(function Cautions({ rung }: { rung: Rung }) {
  const shown = useShown()
  return rung.cautions.map((caution, index) => (
    <div key={index} className="caution">
      <svg width={15} height={15} viewBox="0 0 15 15" role="img" aria-label="caution">
        <rect
          x={1}
          y={1}
          width={13}
          height={13}
          fill="var(--tightFill)"
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
        <path d="M2 13L13 2M2 7L7 2M7 13L13 7" stroke="var(--ink)" strokeWidth={1.2} />
      </svg>
      <span>{shown(caution.text)}</span>
    </div>
  ))
})
