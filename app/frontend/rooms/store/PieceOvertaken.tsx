import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useEffect, useRef } from 'react'
import type { PieceFields } from '../../api/client'
import type { Overtaken } from './usePiece'
import { labelOf, useKinds } from './words'
import { Heads } from '../../ui/Heads'

// What somebody else wrote while this form was open. Theirs stands in the form; yours can be put back.
export function PieceOvertaken({
  overtaken,
  fields,
  set,
}: {
  overtaken: Overtaken[]
  fields: PieceFields
  set: (name: string) => (value: string) => void
}) {
  const place = useRef<HTMLDivElement>(null)
  const kinds = useKinds()
  // Whoever pressed the button below sees it.
  useEffect(() => {
    place.current?.scrollIntoView({ block: 'start' })
  }, [overtaken])
  if (overtaken.length === 0) return null

  return (
    <Box
      ref={place}
      role="alert"
      data-overtaken
      sx={{ borderLeft: '6px solid var(--stop)', pl: '12px', mb: 2 }}
    >
      <strong>Somebody changed this piece while the form was open. Nothing is kept yet: look at both.</strong>
      <table className="grid">
        <Heads of={['field', 'was', 'theirs', 'yours', '']} />
        <tbody>
          {overtaken.map(({ field, before, theirs, yours }) => (
            <tr key={field} data-field={field}>
              <th scope="row">{labelOf(kinds, field)}</th>
              <td>{before || 'empty'}</td>
              <td>
                <strong>{theirs || 'empty'}</strong>
              </td>
              <td>{yours === null ? 'not changed by you' : yours || 'empty'}</td>
              <td>
                {yours !== null && (
                  <Button
                    size="small"
                    variant="outlined"
                    onClick={() => set(field)(fields[field] === theirs ? yours : theirs)}
                  >
                    {fields[field] === theirs ? 'Take yours' : 'Take theirs'}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  )
}
