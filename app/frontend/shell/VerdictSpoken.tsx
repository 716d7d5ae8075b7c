import { useEffect, useState } from 'react'
import type { Checked } from '../plan/useChecker'
import { useShown } from '../ui/preferences'

// Nobody listens to every step of a hand that drags or types.
const SETTLED_MS = 800

// The verdict for whoever listens instead of looking: said once it has changed and stands.
export function VerdictSpoken({ ladder, working }: Pick<Checked, 'ladder' | 'working'>) {
  const shown = useShown()
  const known = ladder && !working && !ladder.rungs.some((rung) => rung.pending)
  const headline = known ? shown(ladder.headline) : null
  const [spoken, speak] = useState('')
  useEffect(() => {
    if (headline === null) return
    const timer = setTimeout(() => speak(headline), SETTLED_MS)
    return () => clearTimeout(timer)
  }, [headline])
  return (
    <div className="hush" aria-live="polite" data-spoken>
      {spoken}
    </div>
  )
}
