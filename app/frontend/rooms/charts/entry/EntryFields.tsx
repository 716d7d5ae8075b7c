import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../../api/client'
import { ChoiceField } from '../../../ui/ChoiceField'
import { Heading, Row } from '../../../ui/Row'
import { FAMILY } from '../words'
import { EntryStand } from './EntryStand'
import { GROUPS } from './fields'
import { blankSheet, type Family, type Sheet } from './sheet'

export interface EntryProps {
  sheet: Sheet
  change: (part: Partial<Sheet>) => void
  // What is wrong at a place of the sheet, in words.
  wrong: (place: string) => string | undefined
}

// What the page says beside its tables.
export function EntryFields({ sheet, change, wrong }: EntryProps) {
  const rules = useQuery({ queryKey: ['rule_sets'], queryFn: api.ruleSets, staleTime: Infinity })
  const needed =
    rules.data?.find(({ data }) => data.id === 'strict')?.data.values.chart_identity?.value[sheet.family] ??
    []
  const text = (
    place: string,
    label: string,
    value: string,
    example: string,
    set: (value: string) => void,
  ) => (
    <TextField
      key={place}
      variant="filled"
      fullWidth
      label={label}
      value={value}
      placeholder={example}
      error={wrong(place) !== undefined}
      helperText={wrong(place) ?? ' '}
      autoComplete="off"
      slotProps={{ htmlInput: { maxLength: place.startsWith('note') ? 400 : 200, 'data-place': place } }}
      onChange={(event) => set(event.target.value)}
    />
  )
  return (
    <>
      <div style={{ marginBottom: 16 }}>
        <ChoiceField
          id="entry-family"
          label="Family"
          value={sheet.family}
          choices={Object.entries(FAMILY)}
          onChoose={(family) =>
            change({ ...blankSheet(family as Family), title: sheet.title, source: sheet.source })
          }
        />
      </div>
      {text('title', 'Title', sheet.title, 'Juniper, 60 t, outriggers full', (title) => change({ title }))}
      {text('source', 'Binder and page', sheet.source, 'binder 1, page 12', (source) => change({ source }))}
      <Heading aside="as the page says it">What the machine must be</Heading>
      {needed.map((name) => {
        const key = name.split(' or ')[0]!
        return text(`identity/${key}`, name.replaceAll('_', ' '), sheet.identity[key] ?? '', '', (value) =>
          change({ identity: { ...sheet.identity, [key]: value } }),
        )
      })}
      {GROUPS[sheet.family].map(([title, fields]) => (
        <section key={title} aria-label={title}>
          <Heading>{title}</Heading>
          {fields.map(([name, label, example]) =>
            text(`named/${name}`, label, sheet.named[name] ?? '', example, (value) =>
              change({ named: { ...sheet.named, [name]: value } }),
            ),
          )}
        </section>
      ))}
      <Heading aside="the page's own list">Deductions</Heading>
      {sheet.deductions.map(([what, mass, when = ''], at) => (
        <Row key={at} columns="1fr 1fr">
          {text(`deduction/${at}`, 'What', what, 'stowed jib', (value) =>
            change({ deductions: sheet.deductions.with(at, [value, mass, when]) }),
          )}
          {text(`deduct/${at}`, 'Mass', mass, '260 kg', (value) =>
            change({ deductions: sheet.deductions.with(at, [what, value, when]) }),
          )}
          <div style={{ gridColumn: '1 / -1' }}>
            {text(`deduction/${at}/when`, 'Only when', when, 'always, where nothing is said', (value) =>
              change({ deductions: sheet.deductions.with(at, [what, mass, value]) }),
            )}
          </div>
        </Row>
      ))}
      <Button variant="outlined" onClick={() => change({ deductions: [...sheet.deductions, ['', '', '']] })}>
        Add a deduction
      </Button>
      {sheet.family !== 'fixed_hoist' && <EntryStand sheet={sheet} change={change} wrong={wrong} />}
      <Heading aside="word for word">Notes on the page</Heading>
      {sheet.notes.map((note, at) =>
        text(`note/${at}`, 'Note', note, '', (value) => change({ notes: sheet.notes.with(at, value) })),
      )}
      <Button variant="outlined" onClick={() => change({ notes: [...sheet.notes, ''] })}>
        Add a note
      </Button>
    </>
  )
}
