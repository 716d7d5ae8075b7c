import Button from '@mui/material/Button'
import { Link } from 'react-router'
import type { PanelProps } from '../shared/panel'

// Who has signed: told here, done in the plan's life.
export const SignaturesPanel = ({ editor }: PanelProps) => (
  <>
    <div className="small">
      Signatures say who has looked at it, not how the lift stands: the verdict above is without them, and no
      lift is issued without them.
    </div>
    <Button component={Link} to={`/plans/${editor.id}/life`} variant="outlined">
      Its life: who signs next
    </Button>
  </>
)
