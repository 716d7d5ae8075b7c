import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { ChoiceField } from '../../../ui/ChoiceField'
import { Heading, Row } from '../../../ui/Row'
import type { EntryProps } from './EntryFields'
import { lineOf, STANDS, standLine, type StandKind } from './stand'

// How the machine stands, as its page or plate says it: what presses on the ground, and what it all weighs.
export function EntryStand({ sheet, change, wrong }: EntryProps) {
  const lines = sheet.stand.map(lineOf)
  const put = (at: number, kind: StandKind, name: string, cells: string[]) =>
    change({ stand: sheet.stand.with(at, standLine(kind, name, cells)) })
  return (
    <section aria-label="How it stands">
      <Heading aside="forward and to the right of its deck's origin">How it stands</Heading>
      {lines.map(({ kind, name, cells, told: { named, fields } }, at) => {
        const fault = wrong(`stand/${at}`)
        const field = (label: string, value: string, example: string, set: (text: string) => void) => (
          <TextField
            key={label}
            variant="filled"
            label={label}
            value={value}
            placeholder={example}
            error={fault !== undefined}
            autoComplete="off"
            slotProps={{ htmlInput: { maxLength: 80, 'aria-label': `${kind} ${at + 1}: ${label}` } }}
            onChange={(event) => set(event.target.value)}
          />
        )
        return (
          <div key={at} data-stand-line={at} style={{ marginBottom: 16 }}>
            <Row columns="1fr auto">
              <ChoiceField
                id={`stand-${at}`}
                label={`Line ${at + 1}`}
                value={kind}
                choices={Object.entries(STANDS).map(([key, { label }]) => [key, label])}
                onChoose={(chosen) => put(at, chosen as StandKind, name, [])}
              />
              <Button
                variant="outlined"
                aria-label={`take line ${at + 1} of how it stands away`}
                onClick={() => change({ stand: sheet.stand.toSpliced(at, 1) })}
              >
                −
              </Button>
            </Row>
            <Row columns="1fr 1fr">
              {named && field('Name', name, named, (text) => put(at, kind, text, cells))}
              {fields.map(([label, example], index) =>
                field(label, cells[index] ?? '', example, (text) =>
                  put(
                    at,
                    kind,
                    name,
                    fields.map((_, which) => (which === index ? text : (cells[which] ?? ''))),
                  ),
                ),
              )}
            </Row>
            {fault && <div className="small">{fault}</div>}
          </div>
        )
      })}
      <Button
        variant="outlined"
        onClick={() =>
          change({ stand: [...sheet.stand, standLine(lines.at(-1)?.kind ?? 'slewing axis', '', [])] })
        }
      >
        Add a line of how it stands
      </Button>
    </section>
  )
}
