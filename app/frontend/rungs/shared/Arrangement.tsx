import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { Plan } from '../../api/plan.generated'
import type { RiggingDialog } from '../../plan/dialogs'
import { ChoiceField } from '../../ui/ChoiceField'
import type { PanelProps } from './panel'
import { keptSlings, useStore } from './slings'

const OFFERS: [RiggingDialog, string][] = [
  ['proposals', 'Ways to hold it'],
  ['store', 'Pick from the store'],
  ['level', 'Make it level'],
  ['schools', 'Rule sets'],
]

const arrangementOf = ({ rigging }: Plan) => (rigging.beam ? 'beam' : rigging.reeved ? 'reeved' : 'direct')

// What the core understood of a quantity as it stands in the plan now, or null.
function readOf(ladder: PanelProps['ladder'], pointer: string, typed: string | null) {
  const read = ladder?.readings[pointer]
  return read?.typed === typed ? (read.value ?? null) : null
}

// What is between hook and legs, and the ways to have it worked out.
export function Arrangement({
  editor,
  ladder,
  open,
  go,
}: Pick<PanelProps, 'editor' | 'ladder' | 'open' | 'go'>) {
  const { document } = editor
  const { rigging, load } = document
  const { slings, beams } = useStore(document)
  const choose = (what: string) => {
    const bare = keptSlings(
      document,
      rigging.legs.map((leg) => leg.sling),
      null,
      slings,
    )
    if (what === 'direct')
      return editor.change(
        {
          '/rigging/beam': null,
          '/rigging/reeved': null,
          '/snapshots/slings': bare,
          '/snapshots/beams': undefined,
        },
        'legs straight from the hook',
      )
    if (what === 'reeved')
      return editor.change(
        {
          '/rigging/beam': null,
          '/rigging/reeved': {
            pairs: [rigging.legs.length > 2 ? [0, 2] : [0, Math.min(1, rigging.legs.length - 1)]],
            decided_by: '',
          },
          '/snapshots/slings': bare,
          '/snapshots/beams': undefined,
        },
        'a sling reeved over a sheave',
      )
    const first = beams.find((piece) => piece.fields.state === 'ready')
    // Where a point is, is what the core reads of it; a leg of a point that is not known gets no hole.
    const xs = load.points
      .map((point, index) => ({ index, x: readOf(ladder, `/load/points/${index}/x`, point.x) }))
      .filter((point): point is { index: number; x: number } => point.x !== null)
      .sort((one, other) => one.x - other.x)
      .map(({ index }) => index)
    const holes = first?.holes ?? 2
    const legs = rigging.legs.map((leg, index) => ({
      ...leg,
      hole: !xs.includes(index) ? null : xs.indexOf(index) < xs.length / 2 ? 0 : holes - 1,
    }))
    editor.change(
      {
        '/rigging/reeved': null,
        '/rigging/legs': legs,
        '/rigging/set_by': 'hook_height',
        ...(first && {
          '/snapshots/beams': { [first.data.number]: { digest: first.digest, data: first.data } },
        }),
        '/rigging/beam': {
          beam: first?.data.number ?? null,
          span: first?.data.kind === 'spreader' ? `${first.data.spans[0]!.span_m} m` : null,
          headroom: null,
          legs: Array.from({ length: first?.eyes ?? 2 }, () => ({
            sling: null,
            length: null,
          })),
        },
      },
      'a beam between hook and legs',
    )
    go('/rigging/beam/beam')
  }
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: '6px', mb: '10px' }}>
        {OFFERS.map(([dialog, words]) => (
          <Button
            key={dialog}
            variant="outlined"
            sx={{ minHeight: 44, px: '6px' }}
            onClick={() => open(dialog)}
          >
            {words}
          </Button>
        ))}
      </Box>
      <ChoiceField
        id="field-rigging-arrangement"
        label="Between hook and legs"
        value={arrangementOf(document)}
        onChoose={choose}
        choices={[
          ['direct', 'nothing: straight from the hook'],
          ['beam', 'a spreader or lifting beam'],
          ...(rigging.legs.length > 1
            ? [['reeved', 'a sling over a sheave, two points'] as [string, string]]
            : []),
        ]}
      />
    </>
  )
}
