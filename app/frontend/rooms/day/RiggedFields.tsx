import TextField from '@mui/material/TextField'
import type { Figure } from '../../api/ladder.generated'
import type { LiftDay } from '../../api/answers.generated'
import type { Measured } from '../../api/day'
import type { Fault } from '../../api/client'
import { faultWords } from '../../api/wire'
import { ChoiceField } from '../../ui/ChoiceField'
import { useShown } from '../../ui/preferences'
import { asTheyLie } from './words'

// What is measured beside the load, as it is typed: what is empty was not measured.
export interface TypedRig {
  lengths: string[]
  angles: string[]
  spread: string[]
  uppers: string[]
  holes: string[]
  bail: string
  span: string
}

export const blankRig = ({ names, measures }: LiftDay): TypedRig => {
  const none = (many: number | undefined) => Array<string>(many ?? 0).fill('')
  return {
    lengths: none(names.length),
    angles: none(names.length),
    spread: none(measures?.spread.length),
    uppers: none(measures?.uppers.length),
    holes: none(measures?.holes.length),
    bail: '',
    span: '',
  }
}

const some = (texts: string[]) => texts.some((text) => text.trim() !== '')
const told = (texts: string[]) => texts.map((text) => text.trim() || null)

// What is sent of what was typed; null while nothing was.
export function measuredOf(typed: TypedRig): Measured | null {
  const measured: Measured = {
    ...(some(typed.lengths) && { lengths: told(typed.lengths) }),
    ...(some(typed.angles) && { angles: told(typed.angles) }),
    ...(some(typed.spread) && { spread: told(typed.spread) }),
    ...(some(typed.uppers) && { uppers: told(typed.uppers) }),
    ...(some(typed.holes) && { holes: typed.holes.map((hole) => (hole === '' ? null : Number(hole))) }),
    ...(typed.bail !== '' && { bail: Number(typed.bail) }),
    ...(typed.span.trim() !== '' && { span: typed.span.trim() }),
  }
  return Object.keys(measured).length > 0 ? measured : null
}

// Places that faults are shown at, beside their field.
export const AT_FIELD = /^\/measured\/((lengths|angles|spread|uppers)\/\d+|span)$/

interface Props {
  day: LiftDay
  typed: TypedRig
  faults: Fault[]
  put: (change: Partial<TypedRig>) => void
}

type List = 'lengths' | 'angles' | 'spread' | 'uppers'

// Each field beside what the plan has there.
export function RiggedFields({ day, typed, faults, put }: Props) {
  const shown = useShown()
  const { measures, names } = day
  const line = (
    place: string,
    label: string,
    value: string,
    planned: Figure | null | undefined,
    set: (text: string) => void,
  ) => {
    const fault = faults.find(({ pointer }) => pointer === `/measured/${place}`)
    return (
      <TextField
        key={place}
        variant="filled"
        fullWidth
        label={label}
        value={value}
        error={!!fault}
        helperText={fault ? faultWords(fault) : planned ? `planned ${shown(planned)}` : ' '}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 40 } }}
        onChange={(event) => set(event.target.value)}
      />
    )
  }
  const one = (list: List, at: number, label: string, planned?: Figure | null) =>
    line(`${list}/${at}`, label, typed[list][at] ?? '', planned, (text) =>
      put({ [list]: typed[list].with(at, text) }),
    )
  const hole = (at: number, choices: Figure[]): [string, string][] => [
    ['', 'not looked at'],
    ...choices.map((place, index): [string, string] => [
      String(index),
      `hole ${index + 1}, at ${shown(place)}${index === at ? ', as planned' : ''}`,
    ]),
  ]
  return (
    <>
      <div className="day-legs">
        {asTheyLie(day).map((leg) => (
          <div key={names[leg]}>
            {one('lengths', leg, `${names[leg]}, length`, measures?.lengths[leg])}
            {one('angles', leg, `${names[leg]}, angle`)}
            {measures && measures.holes.length > 0 && (
              <ChoiceField
                id={`hole-${leg}`}
                label={`${names[leg]} hangs from`}
                value={typed.holes[leg] ?? ''}
                choices={hole(measures.holes[leg]!, measures.places)}
                onChoose={(text) => put({ holes: typed.holes.with(leg, text) })}
              />
            )}
          </div>
        ))}
      </div>
      <div className="day-lines">
        {measures?.spread.map((way, at) => one('spread', at, `Spread ${way.label}`, way.planned))}
        {measures?.uppers.map(({ label, planned }, at) =>
          one('uppers', at, `${label[0]?.toUpperCase()}${label.slice(1)}, length`, planned),
        )}
        {measures?.span &&
          line('span', 'Span of the beam', typed.span, measures.span, (span) => put({ span }))}
        {measures && measures.bails.length > 0 && (
          <ChoiceField
            id="bail"
            label="The bail is in"
            value={typed.bail}
            choices={hole(measures.bail ?? -1, measures.bails)}
            onChoose={(bail) => put({ bail })}
          />
        )}
      </div>
    </>
  )
}
