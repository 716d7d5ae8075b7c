import { useCrane, useCranePlace } from '../../plan/craneAt'
import { escaped } from '../../plan/pointers'
import { ChoiceField } from '../../ui/ChoiceField'
import { Heading } from '../../ui/Row'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'

const ANSWERS: [string, string][] = [
  ['', 'not said'],
  ['yes', 'yes: it is deducted'],
  ['no', 'no'],
]

// Which cases of the chart's list of deductions hold for this lift.
export function DeductionCases({ editor }: Pick<PanelProps, 'editor'>) {
  const crane = useCranePlace()
  const { chart, deduction_cases = {} } = useCrane(editor.document)
  const list = editor.document.snapshots.charts[chart ?? '']?.data.deductions ?? []
  const cases = [...new Set(list.flatMap((item) => item.when ?? []))]
  if (cases.length === 0) return null
  return (
    <>
      <Heading aside="by the chart's own list">Deducted when</Heading>
      {cases.map((name) => {
        const said = deduction_cases[name]
        const what = list.filter((item) => item.when === name).map((item) => item.what)
        return (
          <ChoiceField
            key={name}
            id={fieldId(`${crane}/deduction_cases/${escaped(name)}`)}
            label={`${name}? (${what.join(', ')})`}
            value={said === true ? 'yes' : said === false ? 'no' : ''}
            choices={ANSWERS}
            onChoose={(answer) =>
              editor.change(
                {
                  [`${crane}/deduction_cases`]: {
                    ...deduction_cases,
                    [name]: answer === '' ? null : answer === 'yes',
                  },
                },
                `deducted when ${name}`,
              )
            }
          />
        )
      })}
    </>
  )
}
