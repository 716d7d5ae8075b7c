import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import type { CompetenceLine } from '../../api/client'

const KINDS = ['operator', 'slinger', 'signaller', 'supervisor']

interface Props {
  competences: CompetenceLine[]
  put: (competences: CompetenceLine[]) => void
  faultAt: (pointer: string) => string | undefined
}

// What somebody was found able to do: kind, by whom, until when.
export function Competences({ competences, put, faultAt }: Props) {
  const change = (index: number, one: Partial<CompetenceLine>) =>
    put(competences.map((old, at) => (at === index ? { ...old, ...one } : old)))
  const field = (index: number, name: keyof CompetenceLine, label: string, type = 'text') => {
    const fault = faultAt(`/competences/${index}/${name}`)
    return (
      <TextField
        variant="filled"
        fullWidth
        type={type}
        label={label}
        value={competences[index]![name]}
        error={!!fault}
        helperText={fault ?? ' '}
        slotProps={{
          inputLabel: type === 'date' ? { shrink: true } : {},
          htmlInput: {
            'aria-label': `${label} of competence ${index + 1}`,
            maxLength: name === 'kind' ? 80 : 200,
            ...(name === 'kind' && { list: 'competence-kinds' }),
          },
        }}
        onChange={(event) => change(index, { [name]: event.target.value })}
      />
    )
  }
  return (
    <>
      <datalist id="competence-kinds">
        {KINDS.map((kind) => (
          <option key={kind} value={kind} />
        ))}
      </datalist>
      {competences.map((_, index) => (
        <Box
          key={index}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '1fr 1.4fr 170px auto' },
            gap: 1,
            alignItems: 'start',
          }}
        >
          {field(index, 'kind', 'Able to be')}
          {field(index, 'by', 'Found so by')}
          {field(index, 'until', 'Until', 'date')}
          <Button
            aria-label={`Take competence ${index + 1} away`}
            onClick={() => put(competences.filter((__, at) => at !== index))}
          >
            Take away
          </Button>
        </Box>
      ))}
      <Button variant="outlined" onClick={() => put([...competences, { kind: '', by: '', until: '' }])}>
        Add a competence
      </Button>
    </>
  )
}
