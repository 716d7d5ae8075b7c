import TextField from '@mui/material/TextField'
import { faultWords, type Fault, type GearKinds } from '../../api/client'
import { plain } from './words'

// One field of a piece: text, or a choice of which the empty one is not known.
export function PieceField({
  field,
  kinds,
  value,
  needed,
  fault,
  onChange,
}: {
  field: GearKinds['fields'][number]
  kinds: GearKinds['kinds']
  value: string
  needed: boolean
  fault: Fault | undefined
  onChange: (value: string) => void
}) {
  const { name, example } = field
  const label = field.label + (needed ? ' (needed)' : '')
  const choices: [string, string][] =
    name === 'kind'
      ? kinds.map((kind) => [kind.name, kind.words])
      : (field.choices ?? []).map((one) => [one, plain(one)])
  const blank = choices.length > 0 && !['kind', 'state', 'legible'].includes(name)
  const helper = fault ? faultWords(fault) : ' '
  const select = choices.length > 0
  return (
    <TextField
      variant="filled"
      fullWidth
      select={select}
      label={label}
      value={value}
      placeholder={example ?? ''}
      error={!!fault}
      helperText={helper}
      autoComplete="off"
      slotProps={{
        ...(select && { select: { native: true }, inputLabel: { shrink: true } }),
        htmlInput: select ? { 'aria-label': label } : { maxLength: 400 },
      }}
      onChange={(event) => onChange(event.target.value)}
    >
      {select && [
        ...(blank ? [<option key="" value="" aria-label="not known" />] : []),
        ...choices.map(([one, words]) => (
          <option key={one} value={one}>
            {words}
          </option>
        )),
      ]}
    </TextField>
  )
}
