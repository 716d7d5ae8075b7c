import Box from '@mui/material/Box'
import { useQuery } from '@tanstack/react-query'
import { api, type PersonLine } from '../../api/client'
import type { Plan } from '../../api/plan.generated'
import type { Editor } from '../../plan/usePlanEditor'
import { ChoiceField } from '../../ui/ChoiceField'
import { useShown } from '../../ui/preferences'
import { Heading } from '../../ui/Row'
import { WordsField } from '../shared/fields'
import type { PanelProps } from '../shared/panel'
import { fieldId } from '../shared/places'
import { WordFields } from '../shared/WordPanels'
import { ROLES, able, renamed, type Named, type Role } from './naming'

// A plan with other people named in it, and what it takes of them.
const withCrew = (document: Plan, crew: Named[], people: PersonLine[]) => {
  const kept = document.snapshots.people ?? {}
  const ids = crew.flatMap(({ person }) => person ?? [])
  const fresh = Object.fromEntries(people.map(({ login, digest, data }) => [login, { digest, data }]))
  return {
    '/crew': crew.length > 0 ? crew : undefined,
    '/snapshots/people':
      ids.length > 0 ? Object.fromEntries(ids.map((id) => [id, fresh[id] ?? kept[id]])) : undefined,
  }
}

// One role of the crew: whoever the house keeps, or somebody by name alone.
function RoleField({ editor, role, people }: { editor: Editor; role: Role; people: PersonLine[] }) {
  const crew = editor.document.crew ?? []
  const named = crew.find((one) => one.role === role)
  const index = named ? crew.indexOf(named) : crew.length
  const take = (next: Named | null, note: string) =>
    editor.change(withCrew(editor.document, renamed(crew, role, next), people), note)
  const here = people.filter(({ active }) => active)
  const gone = named?.person && !here.some(({ login }) => login === named.person) ? named : null
  const choices: [string, string][] = [
    ['', 'nobody yet'],
    ...here.map((one): [string, string] => [one.login, `${one.name}, ${able(one, role)}`]),
    ...(gone ? [[gone.person!, `${gone.name}, not among them`] as [string, string]] : []),
    [' other', 'somebody by name'],
  ]
  const value = named ? (named.person ?? ' other') : ''
  const choose = (chosen: string) => {
    const one = people.find(({ login }) => login === chosen)
    if (chosen === '') take(null, `no ${role} named`)
    else take({ role, name: one?.name ?? '', person: one ? one.login : null }, `${role} named`)
  }
  return (
    <div>
      <ChoiceField
        id={fieldId(`/crew/${index}`)}
        label={role[0]!.toUpperCase() + role.slice(1)}
        note={`${role} of the crew`}
        value={value}
        choices={choices}
        onChoose={choose}
      />
      {value === ' other' && (
        <>
          <WordsField
            editor={editor}
            pointer={`/crew/${index}/name`}
            label={`Name of the ${role}`}
            note={`name of the ${role}`}
          />
          <div className="small">Nobody here keeps what they may do: the rung stays not known.</div>
        </>
      )}
    </div>
  )
}

// Who lifts, by name; or, as long as nobody is named, in words. And what makes it a lift that wants a second
// signature.
export function CrewPanel(given: PanelProps) {
  const shown = useShown()
  const critical = given.ladder?.critical ?? []
  const people = useQuery({ queryKey: ['people'], queryFn: api.people, refetchOnMount: 'always' })
  const { editor } = given
  const named = (editor.document.crew ?? []).length > 0
  return (
    <>
      {critical.length > 0 && (
        <section aria-label="critical lift">
          <Heading aside="wants a second signature">Critical lift</Heading>
          <ul className="plain-list">
            {critical.map((one) => (
              <li key={one.id}>{shown(one.words)}</li>
            ))}
          </ul>
        </section>
      )}
      {people.isError && (
        <div role="alert">The list of people could not be read. Names stay as they are.</div>
      )}
      <Box sx={{ display: 'grid', gap: 1 }}>
        {ROLES.map((role) => (
          <RoleField key={role} editor={editor} role={role} people={people.data ?? []} />
        ))}
      </Box>
      <div className="small">
        {named
          ? 'Each is judged on the day of the lift by what is kept of them now.'
          : 'As long as nobody is named, it may be answered in words:'}
      </div>
      {!named && <WordFields editor={editor} rung={given.rung} of="crew" />}
    </>
  )
}
