import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, refusal, type KeptRules } from '../../api/client'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { Reading } from '../../ui/Reading'
import { useMay } from '../../ui/who'
import { useTitle } from '../../ui/useTitle'
import '../../ui/tables.css'
import { RuleSet } from './RuleSet'

const SHIPPED = ['strict', 'level-side', 'plumb-side']

const whose = (id: string) => (SHIPPED.includes(id) ? 'as it ships' : 'the site’s own')

// Copies a set under the site's own name.
function Copy({ sets }: { sets: KeptRules[] }) {
  const navigate = useNavigate()
  const [title, setTitle] = useState('')
  const [of, setOf] = useState('strict')
  const [fault, setFault] = useState('')
  const copy = () =>
    api.copyRules(of, title).then(
      ({ data }) => void navigate(`/rules/${data.id}`),
      (error: unknown) => setFault(refusal(error, 'no answer from the server')),
    )
  return (
    <Box
      component="form"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 2, maxWidth: 720, alignItems: 'start' }}
      onSubmit={(event) => {
        event.preventDefault()
        void copy()
      }}
    >
      <TextField
        variant="filled"
        label="Name of a set of the site’s own"
        value={title}
        error={fault !== ''}
        helperText={fault || ' '}
        autoComplete="off"
        slotProps={{ htmlInput: { maxLength: 120 } }}
        sx={{ flex: '1 1 260px' }}
        onChange={(event) => setTitle(event.target.value)}
      />
      <TextField
        variant="filled"
        select
        label="Copied from"
        value={of}
        slotProps={{ select: { native: true } }}
        onChange={(event) => setOf(event.target.value)}
      >
        {sets.map(({ data }) => (
          <option key={data.id} value={data.id}>
            {data.title}
          </option>
        ))}
      </TextField>
      <Button type="submit" variant="outlined" disabled={title.trim() === ''} sx={{ height: 52 }}>
        Copy it
      </Button>
    </Box>
  )
}

function Library() {
  const may = useMay()
  const sets = useQuery({ queryKey: ['rule_sets'], queryFn: api.ruleSets, refetchOnMount: 'always' })
  useTitle('Rules')
  return (
    <>
      <Reading query={sets} what="rules" pad={{ py: 3 }} />
      {sets.data?.map(({ data }) => (
        <Box key={data.id} sx={{ py: '10px', borderBottom: '1px solid var(--line)' }}>
          <Link to={`/rules/${data.id}`}>{data.title}</Link>
          {' · '}
          <Link to={`/rules/${data.id}/tables`}>tables of the trade</Link>
          <div className="small">{`version ${data.version}, ${whose(data.id)}: ${data.about}`}</div>
        </Box>
      ))}
      {sets.data && may('planner', 'appointed') && <Copy sets={sets.data} />}
      <p className="small">
        Shipped sets stay as they are. A copy can be made stricter by whoever plans; an appointed person alone
        makes it looser, and every plan under it says so.
      </p>
    </>
  )
}

// The rule sets, those that ship and the site's own; and one of them, value by value.
export function RulesRoom() {
  const { id } = useParams()
  return (
    <>
      <RoomBar title="Rules">
        {id && (
          <>
            <Button component={Link} to={`/rules/${id}/tables`} sx={{ color: 'inherit' }}>
              Tables of the trade
            </Button>
            <Button component={Link} to="/rules" sx={{ color: 'inherit' }}>
              All sets
            </Button>
          </>
        )}
      </RoomBar>
      <RoomMain>{id ? <RuleSet key={id} id={id} /> : <Library />}</RoomMain>
    </>
  )
}
