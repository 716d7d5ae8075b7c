import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useState } from 'react'
import { wordsOf } from '../rungs/shared/places'
import type { Conflict, Editor } from '../plan/usePlanEditor'

// What is in it, as it was typed.
const within = (value: object) =>
  Object.values(value)
    .filter((one) => typeof one === 'string' && one !== '')
    .join(', ')
    .slice(0, 80)

const written = (value: unknown) =>
  value === null || value === undefined || value === ''
    ? 'nothing'
    : Array.isArray(value)
      ? `${value.length} in the list`
      : typeof value === 'object'
        ? within(value) || 'there, nothing given yet'
        : String(value)

// The plan was saved elsewhere since it was opened here. Both values are shown; nothing is thrown away
// unseen.
export function ConflictDialog({ conflict, resolve }: { conflict: Conflict; resolve: Editor['resolve'] }) {
  const [mine, setMine] = useState<Record<string, boolean>>({})
  const open = conflict.clashes.filter((clash) => mine[clash.pointer] === undefined)
  return (
    <Dialog open fullWidth maxWidth="md" aria-labelledby="clash-title">
      <DialogTitle id="clash-title">This plan was changed elsewhere</DialogTitle>
      <DialogContent>
        <p>
          {`Revision ${conflict.theirs.revision} was saved in another window or by someone else `}
          {'while you worked. '}
          {conflict.clashes.length > 0
            ? 'Choose for each value that both changed.'
            : 'Nothing was changed by both; the two can stand together.'}
        </p>
        <Box
          component="table"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            '& td, & th': { borderBottom: '1px solid var(--line)', textAlign: 'left', p: '6px' },
          }}
        >
          <thead>
            <tr>
              <th>What</th>
              <th>Yours</th>
              <th>Theirs</th>
            </tr>
          </thead>
          <tbody>
            {conflict.clashes.map((clash) => (
              <tr key={clash.pointer}>
                <td>{wordsOf(clash.pointer)}</td>
                {[true, false].map((own) => (
                  <td key={String(own)}>
                    <Button
                      variant={mine[clash.pointer] === own ? 'contained' : 'outlined'}
                      aria-pressed={mine[clash.pointer] === own}
                      onClick={() => setMine({ ...mine, [clash.pointer]: own })}
                    >
                      {written(own ? clash.mine : clash.theirs)}
                    </Button>
                  </td>
                ))}
              </tr>
            ))}
            {conflict.taken.map((pointer) => (
              <tr key={pointer}>
                <td>{wordsOf(pointer)}</td>
                <td colSpan={2}>only they changed it; theirs is taken</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => setMine(Object.fromEntries(conflict.clashes.map((clash) => [clash.pointer, true])))}
        >
          All mine
        </Button>
        <Button
          onClick={() => setMine(Object.fromEntries(conflict.clashes.map((clash) => [clash.pointer, false])))}
        >
          All theirs
        </Button>
        <Button
          variant="contained"
          disabled={open.length > 0}
          onClick={() =>
            resolve(
              conflict,
              Object.keys(mine).filter((pointer) => mine[pointer]),
            )
          }
        >
          Put together
        </Button>
      </DialogActions>
    </Dialog>
  )
}
