import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react'
import type { SignedIn, Somebody } from '../api/answers.generated'

const Context = createContext<{ who: Somebody | null; pick: Somebody[]; gone: boolean }>({
  who: null,
  pick: [],
  gone: false,
})

// As the page came with it.
const came = (): SignedIn => {
  try {
    return JSON.parse(document.getElementById('app')?.dataset['signedIn'] ?? '') as SignedIn
  } catch {
    return { person: null, pick: [] }
  }
}

// Who is signed in; gone once the server said that it knows nobody here any more.
export function WhoProvider({ children }: { children: ReactNode }) {
  const [{ person, pick }] = useState(came)
  const [gone, setGone] = useState(false)
  useEffect(() => {
    const out = () => setGone(true)
    window.addEventListener('signed-out', out)
    return () => window.removeEventListener('signed-out', out)
  }, [])
  const value = useMemo(() => ({ who: person, pick, gone }), [person, pick, gone])
  return <Context.Provider value={value}>{children}</Context.Provider>
}

export const useWho = () => useContext(Context)

// May whoever is signed in do what is for any of these roles? The server has the last word.
export function useMay() {
  const { who } = useWho()
  return (...roles: Somebody['roles']) => roles.some((role) => who?.roles.includes(role))
}

export const ROLES = ['reader', 'rigger', 'planner', 'keeper', 'appointed', 'engineer', 'admin'] as const

// What each role may do here, as the server lets it.
export const MAY: Record<Somebody['roles'][number], string> = {
  reader: 'reads everything, checks what if',
  rigger: 'signs flights, begins and closes lifts, adds photos',
  planner: 'writes plans, sites and charts',
  keeper: 'keeps the gear store',
  appointed: 'issues and withdraws plans, withdraws charts',
  engineer: 'second signatures, reads charts against their paper',
  admin: 'writes who is here, and gives them their way in',
}
