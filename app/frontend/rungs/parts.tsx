import './parts.css'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import FormHelperText from '@mui/material/FormHelperText'
import TextField from '@mui/material/TextField'
import { memo, useEffect, useRef, useState, type ReactNode } from 'react'
import type { Ladder, Line, Rung } from '../api/ladder.generated'
import { usePreferences, useShown } from '../display/preferences'
import { COLOUR, WORD } from '../ladder/verdict'
import { RungBar } from '../ladder/RungBar'
import type { RiggingDialog } from '../rigging_room/RiggingDialogs'
import { at } from '../workbench/pointers'
import type { Editor } from '../workbench/usePlanEditor'
import { fieldId } from './places'

// What every rung's panel is given.
export interface PanelProps {
  editor: Editor
  ladder: Ladder | null
  rung: Rung | null
  go: (pointer: string) => void
  light: (about: string | null) => void
  open: (dialog: RiggingDialog) => void
}
type FieldProps = {
  editor: Pick<Editor, 'document' | 'change' | 'settle' | 'abandon'>
  ladder: Ladder | null
} & {
  pointer: string
  label: string
  note?: string
}

const unitOf = (text: string) => text.replace(/[\d\s.,+−-]/g, '')
// What a quantity that was asked back may have been meant as.
export const Choices = ({ choices, take }: { choices: string[]; take: (text: string) => void }) =>
  choices.length > 0 && (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.5 }}>
      {choices.map((text) => (
        <Button key={text} size="small" variant="outlined" sx={{ minWidth: 40 }} onClick={() => take(text)}>
          {text}
        </Button>
      ))}
    </Box>
  )

// A field that is taken away while it is being typed in: what stands in it is half a value. It is taken back, and Redo
// brings it again.
function useWhole(abandon: () => void) {
  const typingRef = useRef(false)
  const latest = useRef(abandon)
  useEffect(() => {
    latest.current = abandon
  })
  useEffect(
    () => () => {
      if (typingRef.current) latest.current()
    },
    [],
  )
  return typingRef
}

// A quantity as it is typed; under it, what was understood, or what is wrong and was expected.
export function QuantityField({
  editor,
  ladder,
  pointer,
  label,
  note,
  empty = 'not given',
}: FieldProps & { empty?: string }) {
  const { system } = usePreferences().preferences
  const value = (at(editor.document, pointer) as string | null) ?? ''
  const problem = ladder?.problems.find((one) => one.pointer === pointer && one.typed === value)
  const read = ladder?.readings[pointer]
  const reading = read?.typed === value ? read[system] : null
  const understood = reading && unitOf(reading) !== unitOf(value) ? `read as ${reading}` : ' '
  const name = note ?? label
  const [focused, setFocused] = useState(false)
  const typingRef = useWhole(editor.abandon)
  const settle = () => {
    typingRef.current = false
    editor.settle(`${name} typed`)
  }
  const words = problem ? `${problem.message}; ${problem.expected}` : value === '' ? empty : understood
  const choices = problem?.choices ?? []
  return (
    <Box>
      <TextField
        variant="filled"
        fullWidth
        id={fieldId(pointer)}
        label={label}
        value={value}
        error={!!problem}
        autoComplete="off"
        slotProps={{
          htmlInput: {
            'data-pointer': pointer,
            'aria-label': name,
            'aria-describedby': `${fieldId(pointer)}-words`,
            maxLength: 80,
          },
        }}
        onFocus={() => setFocused(true)}
        onChange={(event) => {
          typingRef.current = true
          editor.change(
            { [pointer]: event.target.value === '' ? null : event.target.value },
            `${name} typed`,
            'typing',
          )
        }}
        onBlur={() => {
          setFocused(false)
          settle()
        }}
        onKeyDown={(event) => event.key === 'Enter' && settle()}
      />
      <div className={problem && focused ? 'words-line over' : 'words-line'}>
        <div>
          <FormHelperText id={`${fieldId(pointer)}-words`} error={!!problem}>
            {words}
          </FormHelperText>
          <Choices choices={choices} take={(text) => editor.change({ [pointer]: text }, `${name} typed`)} />
        </div>
      </div>
    </Box>
  )
}

export function WordsField({ editor, pointer, label, note }: Omit<FieldProps, 'ladder'>) {
  const value = (at(editor.document, pointer) as string | null) ?? ''
  return (
    <TextField
      variant="filled"
      fullWidth
      id={fieldId(pointer)}
      label={label}
      value={value}
      autoComplete="off"
      slotProps={{ htmlInput: { 'data-pointer': pointer, maxLength: 200, 'aria-label': note ?? label } }}
      onChange={(event) =>
        editor.change({ [pointer]: event.target.value }, `${note ?? label} typed`, 'typing')
      }
      onBlur={() => editor.settle(`${note ?? label} typed`)}
    />
  )
}

export function ChoiceField({
  id,
  label,
  value,
  choices,
  onChoose,
  note,
}: {
  id: string
  label: string
  value: string
  choices: [string, string][]
  onChoose: (value: string) => void
  note?: string
}) {
  return (
    <TextField
      variant="filled"
      fullWidth
      select
      id={id}
      label={label}
      value={value}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': note ?? label } }}
      onChange={(event) => onChoose(event.target.value)}
    >
      {choices.map(([choice, words]) => (
        <option key={choice} value={choice}>
          {words}
        </option>
      ))}
    </TextField>
  )
}

export const Row = ({ children, columns }: { children: ReactNode; columns: string }) => (
  <div className="row" style={{ gridTemplateColumns: columns }}>
    {children}
  </div>
)

export const Heading = ({ children, aside }: { children: ReactNode; aside?: ReactNode }) => (
  <div className="heading">
    <h3>{children}</h3>
    {aside && <span>{aside}</span>}
  </div>
)

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

// Lines in runs of one part each, in order.
const runs = (lines: Line[]) =>
  lines.reduce<Line[][]>((found, line) => {
    const last = found.at(-1)
    if (last && last[0]!.group === line.group) last.push(line)
    else found.push([line])
    return found
  }, [])

// Every line of arithmetic with its source. Touching a line lights what it speaks of in the drawing.
export const Working = memo(function Working({ rung, light }: { rung: Rung; light: PanelProps['light'] }) {
  const { system } = usePreferences().preferences
  const shown = useShown()
  if (!rung.working)
    return (
      <div className="small" role="status">
        its working is on its way
      </div>
    )
  if (rung.working.length === 0) return null
  return (
    <div className="working">
      <Heading aside={rung.subject}>Working</Heading>
      {runs(rung.working).map((lines, run) => (
        <div key={run}>
          {lines[0]!.group && <h4>{lines[0]!.group}</h4>}
          <dl>
            {lines.map((line, index) => (
              <div
                key={index}
                className="line"
                data-line={line.symbol}
                onMouseEnter={() => light(line.about)}
                onMouseLeave={() => light(null)}
              >
                <dt>{line.symbol}</dt>
                <dd>
                  {line[system] ?? ''}
                  {line.formula && <span className="small">{line.formula}</span>}
                  {line.source && <span className="small">{line.source}</span>}
                </dd>
                <dd className="result">{shown(line.result)}</dd>
              </div>
            ))}
          </dl>
        </div>
      ))}
      {rung.demand && rung.capacity && rung.utilisation && (
        <div className="line total" style={{ color: COLOUR[rung.verdict] }}>
          <span>U</span>
          <span>
            {shown(rung.demand)} / {shown(rung.capacity)}
          </span>
          <span>{shown(rung.utilisation)}</span>
        </div>
      )}
    </div>
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
