import { Elevation } from '../../drawing/views/Elevation'
import { elevationScale } from '../../drawing/scale/scale'
import type { Editor } from '../../plan/usePlanEditor'

const SIZE = { width: 860, height: 520 }
const GROUND = SIZE.height - 44
const ROOM = { top: 96, left: 150, right: SIZE.width - 150 }
const NOTHING = () => {}

// The load under its hook, to scale, at the head of the working. On paper there is nothing to take hold of.
export function PrintDrawing({ editor }: { editor: Editor }) {
  const { ladder } = editor.checked
  const drawing = ladder?.drawing
  if (!drawing) return null
  const scale = elevationScale(drawing, 0, SIZE.width / 2, GROUND, ROOM)
  return (
    <svg
      className="print-drawing"
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label="The load under its hook, to scale"
    >
      <g aria-hidden>
        <path d={`M0 ${GROUND}H${SIZE.width}`} stroke="var(--ink)" strokeWidth={2.5} />
        <Elevation
          drawing={drawing}
          before={null}
          ghost={null}
          ghostScale={null}
          scale={scale}
          plan={editor.checked.of ?? editor.document}
          editor={editor.hand}
          working={false}
          leg={-1}
          onLeg={NOTHING}
          onRung={NOTHING}
          onEntry={NOTHING}
          top={0}
          width={SIZE.width + 300}
          lit={null}
          exaggerate={1}
          moved={false}
        />
      </g>
    </svg>
  )
}
