import Button from '@mui/material/Button'
import { Link } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { api } from '../../api/client'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { Reading } from '../../ui/Reading'
import { useTitle } from '../../ui/useTitle'
import '../../ui/tables.css'

// What others made that this is made of, with the licence that each gives.
export function Licences() {
  useTitle('Licences')
  const licences = useQuery({ queryKey: ['licences'], queryFn: api.licences, staleTime: Infinity })
  return (
    <>
      <RoomBar title="Licences">
        <Button component={Link} to="/account" sx={{ color: 'inherit' }}>
          To my account
        </Button>
      </RoomBar>
      <RoomMain>
        <p>Made by others and shipped with Dust Ladder, each under the licence that its maker tells.</p>
        <Reading query={licences} what="licences" pad={{ py: 3 }} />
        {licences.data && (
          <table className="grid">
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Version</th>
                <th scope="col">Licence</th>
                <th scope="col">Part of</th>
              </tr>
            </thead>
            <tbody>
              {licences.data.map((one) => (
                <tr key={`${one.of} ${one.name} ${one.version}`}>
                  <th scope="row">{one.name}</th>
                  <td>{one.version}</td>
                  <td>{one.licence}</td>
                  <td>{one.of}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </RoomMain>
    </>
  )
}
