import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type RulesPage } from '../../api/client'
import { Reading } from '../../ui/Reading'
import { Heading } from '../../ui/Row'
import { useMay } from '../../ui/who'
import { useTitle } from '../../ui/useTitle'
import { when } from '../../ui/when'
import { KeepRules } from './KeepRules'
import { changeWords, groupsOf, placeWords, textOf, valueOf, type Value } from './leaves'
import './rules.css'

type Leaf = RulesPage['differs'][number]

// How one place differs from what ships, and who stands for it.
const Differs = ({ leaf }: { leaf: Leaf }) => (
  <div className={`differs ${leaf.way}`}>
    {`${leaf.way} than ${textOf(leaf.before)} as it ships`}
    {leaf.by ? `, by ${leaf.by}: ${leaf.why}` : leaf.way === 'looser' ? ', and nobody stands for it' : ''}
  </div>
)

interface PlaceProps {
  place: string
  value: Value
  typed: string | undefined
  leaf: Leaf | undefined
  type: ((text: string) => void) | null
}

function Place({ place, value, typed, leaf, type }: PlaceProps) {
  const text = typed ?? textOf(value)
  const wrong = typed !== undefined && valueOf(typed, value) === undefined
  const name = place.replaceAll('_', ' ').replaceAll('/', ' ')
  return (
    <div className="place" data-place={place}>
      <label>
        <span>{placeWords(place)}</span>
        {!type ? (
          <strong>{text}</strong>
        ) : typeof value === 'boolean' ? (
          <select aria-label={name} value={text} onChange={(event) => type(event.target.value)}>
            <option>yes</option>
            <option>no</option>
          </select>
        ) : (
          <input
            aria-label={name}
            aria-invalid={wrong}
            value={text}
            inputMode={typeof value === 'number' ? 'decimal' : 'text'}
            maxLength={80}
            onChange={(event) => type(event.target.value)}
          />
        )}
      </label>
      {wrong && (
        <div className="wrong">{typeof value === 'number' ? 'a number is wanted' : 'a word is wanted'}</div>
      )}
      {leaf && <Differs leaf={leaf} />}
    </div>
  )
}

function Versions({ page }: { page: RulesPage }) {
  if (page.versions.length === 0) return null
  return (
    <section aria-label="Versions">
      <Heading>Versions</Heading>
      {page.versions.map((one) => (
        <div key={one.version} className="version" data-version={one.version}>
          <strong>{one.version}</strong> {when(one.at)}, {one.by}
          {one.changes.map((change) => (
            <div key={change.place}>{`${changeWords(change)}: ${change.why}`}</div>
          ))}
          {one.changes.length === 0 && <div>{`copied from ${page.base?.title ?? 'another'}`}</div>}
        </div>
      ))}
      <Heading aside="told at once of every version">{`Plans under it: ${page.plans.length}`}</Heading>
      {page.plans.map((plan) => (
        <div key={plan.id}>
          <Link to={`/plans/${plan.id}`}>{plan.title}</Link>
        </div>
      ))}
    </section>
  )
}

// One set: every value with its reason and its places; of the site's own, other figures are typed there.
export function RuleSet({ id }: { id: string }) {
  const may = useMay()
  const queries = useQueryClient()
  const set = useQuery({ queryKey: ['rules', id], queryFn: () => api.rules(id), refetchOnMount: 'always' })
  const [typed, setTyped] = useState<Record<string, string>>({})
  const [wanted, setWanted] = useState('')
  const [asking, setAsking] = useState(false)
  useTitle(set.data ? set.data.data.title : 'Rules')
  const page = set.data
  if (!page) return <Reading query={set} what="rules" pad={{ py: 3 }} />

  const open = page.own && may('planner', 'appointed')
  const at = new Map(page.leaves.map(({ place, value }) => [place, value]))
  const changes = Object.entries(typed).flatMap(([place, text]): [string, Value][] => {
    const value = valueOf(text, at.get(place) ?? null)
    return value === undefined || value === at.get(place) ? [] : [[place, value]]
  })
  const wrong = Object.entries(typed).filter(
    ([place, text]) => valueOf(text, at.get(place) ?? null) === undefined,
  ).length
  const take = (next: RulesPage) => {
    queries.setQueryData(['rules', id], next)
    void queries.invalidateQueries({ queryKey: ['rule_sets'] })
    setTyped({})
    setAsking(false)
  }
  const differs = new Map(page.differs.map((leaf) => [leaf.place, leaf]))
  const looser = page.differs.filter(({ way }) => way === 'looser').length
  const against = page.base
    ? `copied from ${page.base.title}: ${page.differs.length - looser} stricter, ${looser} looser`
    : 'as it ships'
  return (
    <div className="rule-set">
      <div>
        <h2>{`${page.data.title}, version ${page.data.version}`}</h2>
        <p>{`${page.data.about} (${against})`}</p>
        <input
          type="search"
          className="find"
          aria-label="Find a value"
          placeholder="value, reason or place"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
        {open && (changes.length > 0 || wrong > 0) && (
          <Box className="bar" role="status">
            <span>
              {`${changes.length} ${changes.length === 1 ? 'value differs' : 'values differ'}`}
              {wrong > 0 && `, ${wrong} cannot be read`}
            </span>
            <Button onClick={() => setTyped({})}>Take back</Button>
            <Button
              variant="contained"
              disabled={wrong > 0 || changes.length === 0}
              onClick={() => setAsking(true)}
            >
              Keep as version {page.data.version + 1}
            </Button>
          </Box>
        )}
        {groupsOf(page, wanted).map(({ name, reason, places }) => (
          <section key={name} aria-label={name.replaceAll('_', ' ')} className="value">
            <div>
              <strong>{name.replaceAll('_', ' ')}</strong>
              <div className="small">{reason}</div>
            </div>
            <div className="places">
              {places.map(({ place, value }) => (
                <Place
                  key={place}
                  place={place}
                  value={value}
                  typed={typed[place]}
                  leaf={differs.get(place)}
                  type={open ? (text) => setTyped((now) => ({ ...now, [place]: text })) : null}
                />
              ))}
            </div>
          </section>
        ))}
      </div>
      <Versions page={page} />
      {asking && (
        <KeepRules
          page={page}
          changes={changes}
          onClose={() => setAsking(false)}
          onDone={take}
          onOvertaken={() => void set.refetch()}
        />
      )}
    </div>
  )
}
