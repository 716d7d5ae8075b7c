import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { api } from '../api/client'
import { useShown } from '../display/preferences'
import { ChoiceField, Heading, QuantityField, Row, WordsField, type PanelProps } from './parts'
import { fieldId } from './places'

const HITCHES: [string, string][] = [['vertical', 'straight'], ['choker', 'choker'], ['basket', 'basket']]

export function SlingPanel({ editor, ladder }: PanelProps) {
  const { rigging, load, snapshots } = editor.document
  const store = useQuery({ queryKey: ['slings'], queryFn: api.slings })
  const shown = useShown()
  const field = { editor, ladder }
  // The plan keeps a snapshot of what it uses and of nothing else.
  const take = (index: number, number: string) => {
    const used = rigging.legs.map((leg, place) => (place === index ? number || null : leg.sling)).filter((one): one is string => one !== null)
    const stored = Object.fromEntries((store.data ?? []).map(({ digest, data }) => [data.number, { digest, data }]))
    const kept = Object.fromEntries(used.map((one) => [one, one === number ? (stored[one] ?? snapshots.slings[one]) : snapshots.slings[one]]))
    editor.change({ [`/rigging/legs/${index}/sling`]: number || null, '/snapshots/slings': kept }, `sling of the ${load.points[index]?.name} leg`)
  }
  const own = Object.keys(snapshots.slings).filter((number) => !store.data?.some((piece) => piece.data.number === number))
  const choices: [string, string][] = [['', 'none chosen'], ...own.map((number): [string, string] => [number, `${number}, kept in the plan`]), ...(store.data ?? []).map((piece): [string, string] => [piece.data.number, `${piece.data.number}, ${piece.data.size}, ${shown(piece.reach)}`])]
  return (
    <>
      {store.isError && <Box role="alert" sx={{ color: 'var(--stop)', mb: 1 }}>The store could not be read: only the plan's own slings are listed.</Box>}
      {rigging.legs.map((leg, index) => {
        const name = load.points[index]?.name ?? ''
        return (
          <Box key={index}>
            <Heading aside={snapshots.slings[leg.sling ?? '']?.data.kind.replaceAll('_', ' ')}>{name} leg</Heading>
            <Row columns="1fr 112px">
              <ChoiceField id={fieldId(`/rigging/legs/${index}/sling`)} label="Sling" note={`sling of the ${name} leg`} value={leg.sling ?? ''} choices={choices} onChoose={(number) => take(index, number)} />
              <ChoiceField id={fieldId(`/rigging/legs/${index}/hitch`)} label="Hitch" note={`hitch of the ${name} leg`} value={leg.hitch} choices={HITCHES} onChoose={(hitch) => editor.change({ [`/rigging/legs/${index}/hitch`]: hitch }, `hitch of the ${name} leg`)} />
            </Row>
            {leg.hitch !== 'vertical' && (
              <Row columns="1fr 1fr">
                {leg.hitch === 'choker'
                  ? <QuantityField {...field} kind="angle" pointer={`/rigging/legs/${index}/choke_angle`} label="Angle of choke" note={`angle of choke of the ${name} leg`} />
                  : <QuantityField {...field} kind="length" pointer={`/rigging/legs/${index}/basket_width`} label="Width between its sides" note={`basket width of the ${name} leg`} />}
                <WordsField editor={editor} pointer={`/rigging/legs/${index}/held_by`} label="Kept from sliding by" note={`what holds the ${name} leg`} />
              </Row>
            )}
          </Box>
        )
      })}
    </>
  )
}
