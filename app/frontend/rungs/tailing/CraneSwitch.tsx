import Button from '@mui/material/Button'
import './tailing.css'

const NAMES = ['Head crane', 'Tail crane']

// Which of two cranes the fields below are of.
export const CraneSwitch = ({ crane, onCrane }: { crane: number; onCrane: (crane: number) => void }) => (
  <div className="crane-switch" role="group" aria-label="Which crane">
    {NAMES.map((name, index) => (
      <Button
        key={name}
        variant={crane === index ? 'contained' : 'outlined'}
        aria-pressed={crane === index}
        sx={{ borderRadius: 0, minHeight: 44 }}
        onClick={() => onCrane(index)}
      >
        {name}
      </Button>
    ))}
  </div>
)
