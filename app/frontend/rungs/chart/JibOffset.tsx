import type { Chart } from '../../api/plan.generated'
import { useCrane, useCranePlace } from '../../plan/craneAt'
import { ChoiceField } from '../../ui/ChoiceField'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

// Where the jib is pinned, of a chart that has tables for several offsets of it.
export function JibOffset({ editor, chart }: { editor: PanelProps['editor']; chart: Chart }) {
  const pointer = `${useCranePlace()}/jib_offset`
  const own = useCrane(editor.document)
  const offsets = [...new Set((chart.sectors ?? []).flatMap(({ jib_offset_deg }) => jib_offset_deg ?? []))]
  if (offsets.length === 0) return null
  const value = own.jib_offset ?? ''
  const choices = offsets.sort((one, other) => one - other).map((one) => `${one}°`)
  return (
    <ChoiceField
      id={fieldId(pointer)}
      label="Jib stands at"
      value={value}
      choices={[
        ['', 'not given'],
        ...choices.map((one): [string, string] => [one, one]),
        ...(value && !choices.includes(value) ? [[value, value] as [string, string]] : []),
      ]}
      onChoose={(to) => editor.change({ [pointer]: to || null }, 'offset of the jib')}
    />
  )
}
