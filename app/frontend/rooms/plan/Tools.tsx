import { memo } from 'react'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { RefObject } from 'react'
import { exportSvg } from '../../drawing/views/exportSvg'
import { FIT } from '../../drawing/scale/scale'
import { type Looking, ownSheet, type View, upright } from './sheetLayout'

const VIEWS: [View, string][] = [
  ['side', 'Side'],
  ['end', 'End'],
  ['plan', 'Plan'],
  ['crane', 'Crane'],
  ['site', 'Site'],
]
const OF_TWO: [View, string][] = [...VIEWS.slice(0, 3), ['tailing', 'Tailing'], ['site', 'Site']]
const TIMES = 1.35
const MOST = 12
const EXAGGERATED = 5
const SQUARE = {
  minWidth: 44,
  minHeight: 44,
  px: '6px',
  bgcolor: 'var(--chalk)',
  '& + &': { borderLeft: 0 },
  '&:hover': { bgcolor: 'var(--wash)' },
}

interface Props {
  looking: Looking
  look: (change: Partial<Looking>) => void
  svg: RefObject<SVGSVGElement | null>
  title: string
  tilted: boolean
}

// From where the drawing is seen.
export const Views = memo(function Views({
  looking: { view },
  look,
  two,
}: Pick<Props, 'looking' | 'look'> & { two: boolean }) {
  return (
    <Box role="group" aria-label="View" sx={{ display: 'flex' }}>
      {(two ? OF_TWO : VIEWS).map(([id, words]) => (
        <Button
          key={id}
          variant="outlined"
          aria-pressed={view === id}
          onClick={() => look({ view: id, zoom: FIT })}
          sx={{
            ...SQUARE,
            px: '5px',
            ...(view === id && {
              bgcolor: 'var(--ink)',
              color: 'var(--bone)',
              borderColor: 'var(--ink)',
              '&:hover': { bgcolor: 'var(--ink)' },
            }),
          }}
        >
          {words}
        </Button>
      ))}
    </Box>
  )
})

// How near it is seen, and how much of its tilt is drawn.
export const Tools = memo(function Tools({ looking, look, svg, title, tilted }: Props) {
  const { view, zoom, exaggerate } = looking
  const zoomBy = (times: number) =>
    look({ zoom: { ...zoom, times: Math.max(1 / MOST, Math.min(MOST, zoom.times * times)) } })
  return (
    <Box role="group" aria-label="Drawing" sx={{ display: 'flex' }}>
      {view !== 'crane' && !ownSheet(view) && (
        <>
          <Button
            variant="outlined"
            sx={SQUARE}
            aria-label="Nearer"
            title="Nearer"
            onClick={() => zoomBy(TIMES)}
          >
            +
          </Button>
          <Button
            variant="outlined"
            sx={SQUARE}
            aria-label="Farther"
            title="Farther"
            onClick={() => zoomBy(1 / TIMES)}
          >
            −
          </Button>
          <Button
            variant="outlined"
            sx={SQUARE}
            disabled={zoom.times === 1 && zoom.x === 0 && zoom.y === 0}
            title="Fit the sheet"
            onClick={() => look({ zoom: FIT })}
          >
            Fit
          </Button>
        </>
      )}
      {upright(view) && (
        <Button
          variant="outlined"
          sx={{ ...SQUARE, ...(exaggerate > 1 && { bgcolor: 'var(--wash)' }) }}
          aria-pressed={exaggerate > 1}
          disabled={!tilted && exaggerate === 1}
          title={`Draw the tilt ${EXAGGERATED} times as large`}
          onClick={() => look({ exaggerate: exaggerate > 1 ? 1 : EXAGGERATED })}
        >{`Tilt ×${EXAGGERATED}`}</Button>
      )}
      <Button
        variant="outlined"
        sx={SQUARE}
        title="Save the drawing as SVG"
        aria-label="Save the drawing as SVG"
        onClick={() => svg.current && exportSvg(svg.current, title)}
      >
        SVG
      </Button>
    </Box>
  )
})
