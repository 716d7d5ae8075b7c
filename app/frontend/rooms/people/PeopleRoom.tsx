import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, type PersonLine } from '../../api/client'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { Reading } from '../../ui/Reading'
import { useWho } from '../../ui/who'
import { useTitle } from '../../ui/useTitle'
import '../../ui/tables.css'
import '../../ui/store.css'
import { dueIn, found, today } from './due'
import { PersonDialog } from './PersonDialog'

// The last days on which somebody counts as able, soonest first: what is over stands first.
function Able({ person }: { person: PersonLine }) {
  if (person.competences.length === 0) return <>none kept</>
  return (
    <>
      {[...person.competences]
        .sort((one, other) => one.until.localeCompare(other.until))
        .map((one, index) => {
          const due = dueIn(one.until, today())
          return (
            <Box
              key={index}
              component="span"
              sx={{ display: 'block', color: due.over ? 'var(--stop)' : undefined }}
            >
              {one.kind} until {one.until}
              {due.words && `, ${due.words}`}
            </Box>
          )
        })}
    </>
  )
}

// Who is here: what each may do, and what each was found able to do, until when. Written by their admin.
export function PeopleRoom() {
  const { who } = useWho()
  const admin = who?.roles.includes('admin') ?? false
  const queries = useQueryClient()
  const people = useQuery({ queryKey: ['people'], queryFn: api.people, refetchOnMount: 'always' })
  const [wanted, setWanted] = useState('')
  const [open, setOpen] = useState<PersonLine | 'new' | null>(null)
  useTitle('People')
  const listed = found(people.data ?? [], wanted)
  const over = listed.filter(
    (one) => one.active && one.competences.some(({ until }) => dueIn(until, today()).soon),
  ).length
  return (
    <>
      <RoomBar
        title="People"
        aside={
          people.data && `${listed.length} of ${people.data.length}, ${over} with a competence that ends soon`
        }
      >
        <Button component="a" href={api.calendarAddress} sx={{ color: 'inherit' }}>
          Calendar file
        </Button>
        {admin && (
          <Button variant="contained" onClick={() => setOpen('new')}>
            Add somebody
          </Button>
        )}
      </RoomBar>
      <RoomMain>
        <div className="store-find">
          <input
            type="search"
            aria-label="Find somebody"
            placeholder="name, role or competence"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
        </div>
        <Reading query={people} what="people" pad={{ py: 3 }} />
        {people.data && listed.length === 0 && (
          <Box sx={{ py: 3, typography: 'lead' }}>Nobody of {people.data.length} is like that.</Box>
        )}
        {listed.length > 0 && (
          <table className="grid">
            <thead>
              <tr>
                <th>name</th>
                <th>signs in as</th>
                {admin && <th>may, by role</th>}
                <th>found able to be</th>
                {admin && <th aria-label="what can be done" />}
              </tr>
            </thead>
            <tbody>
              {listed.map((one) => (
                <tr key={one.id} data-person={one.login}>
                  <td>
                    <strong>{one.name}</strong>
                    {!one.active && ', closed'}
                    {one.locked && ', locked for now'}
                  </td>
                  <td>{one.login}</td>
                  {admin && <td>{one.roles?.join(', ') || 'no role: looks only'}</td>}
                  <td>
                    <Able person={one} />
                  </td>
                  {admin && (
                    <td>
                      <Button size="small" variant="outlined" onClick={() => setOpen(one)}>
                        Open
                      </Button>
                    </td>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {!admin && <p className="small">Who is here and what they may do is written by an admin.</p>}
      </RoomMain>
      {open && (
        <PersonDialog
          person={open === 'new' ? null : open}
          onClose={() => setOpen(null)}
          onDone={(next) => {
            void queries.invalidateQueries({ queryKey: ['people'] })
            setOpen(next)
          }}
        />
      )}
    </>
  )
}
