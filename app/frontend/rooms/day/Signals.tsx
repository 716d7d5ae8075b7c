import Button from '@mui/material/Button'
import type { HandSignal } from '../../api/answers.generated'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'

const X = 46
const Y = 46

function Does({ signal, hand }: { signal: HandSignal; hand: [number, number] }) {
  const [x, y] = [X + hand[0], Y - hand[1]]
  const out = hand[0] < 0 ? -1 : 1
  const paths: Record<HandSignal['does'], string> = {
    circle: `M${x + 7} ${y}a7 7 0 1 1 -3 -6l-1 -4m1 4l-4 1`,
    up: `M${x + 7 * out} ${y}v-12m-4 4l4 -4l4 4`,
    down: `M${x + 7 * out} ${y}v12m-4 -4l4 4l4 -4`,
    left: `M${x} ${y + 9}h-12m4 -4l-4 4l4 4`,
    right: `M${x} ${y + 9}h12m-4 -4l4 4l-4 4`,
    across: `M${x - 9} ${y + 9}h18m-4 -4l4 4l-4 4m-10 -8l-4 4l4 4`,
    still: '',
  }
  return <path d={paths[signal.does]} fill="none" stroke="var(--mark)" strokeWidth={2} />
}

function Figure({ signal }: { signal: HandSignal }) {
  const hands = { left: signal.left, right: signal.right }
  return (
    <svg width={92} height={116} role="img" aria-label={`${signal.name}: ${signal.words}`}>
      <g fill="none" stroke="var(--ink)" strokeWidth={5} strokeLinecap="round">
        <path d={`M${X} ${Y}V82M${X} 82l-10 28M${X} 82l10 28`} />
        {Object.values(hands).map((hand, at) => (
          <path key={at} d={`M${X} ${Y}L${X + hand[0]} ${Y - hand[1]}`} />
        ))}
      </g>
      <circle cx={X} cy={Y - 16} r={9} fill="var(--ink)" />
      {(['left', 'right'] as const)
        .filter((side) => signal.at === 'both' || signal.at === side)
        .map((side) => (
          <Does key={side} signal={signal} hand={hands[side]} />
        ))}
    </svg>
  )
}

// The signals that the crew agrees on, to show and to print; what the site or the country has set goes
// before.
export function Signals({ signals, onClose }: { signals: HandSignal[]; onClose: () => void }) {
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="md"
      aria-labelledby="signals-title"
      className="signals"
    >
      <DialogTitle id="signals-title">Signals by hand</DialogTitle>
      <DialogContent>
        <p>
          One signaller at a time; a stop is for anybody. By radio: say who, what and how far, without a
          pause; silence means stop. Agree on each before the lift. Where the site or the country has set its
          own, those count.
        </p>
        <div className="signals-list">
          {signals.map((signal) => (
            <figure key={signal.name}>
              <Figure signal={signal} />
              <figcaption>
                <b>{signal.name}</b>
                <span className="small">{signal.words}</span>
              </figcaption>
            </figure>
          ))}
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => window.print()}>Print</Button>
        <Button variant="contained" onClick={onClose}>
          Back to the day
        </Button>
      </DialogActions>
    </Dialog>
  )
}
