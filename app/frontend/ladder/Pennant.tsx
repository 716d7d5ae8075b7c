import { COLOUR, type Verdict } from './verdict'

export const Pennant = ({ verdict, top }: { verdict: Verdict; top: number }) => (
  <svg className="pennant" style={{ top }} width={40} height={32} viewBox="0 0 40 32" aria-hidden>
    <path d="M0 0H27L37 16L27 32H0Z" fill={COLOUR[verdict]} />
    <path d="M16 8v13m-5 -5l5 6l5 -6" fill="none" stroke="var(--bone)" strokeWidth={2.5} />
  </svg>
)
