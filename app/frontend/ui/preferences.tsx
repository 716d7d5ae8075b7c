import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react'
import type { Figure, Sentence } from '../api/ladder.generated'
import type { System } from '../units/units'

// name: of whoever sits here, for what is signed by name. help: is it told what each rung asks?
export interface Preferences {
  system: System
  night: boolean
  keys: boolean
  help: boolean
  name: string
}

const START: Preferences = { system: 'metric', night: false, keys: true, help: false, name: '' }
const PLACE = 'dust-ladder-preferences'

const Context = createContext<{ preferences: Preferences; prefer: (change: Partial<Preferences>) => void }>({
  preferences: START,
  prefer: () => {},
})

const stored = (): Preferences => {
  try {
    return { ...START, ...(JSON.parse(localStorage.getItem(PLACE) ?? '{}') as Partial<Preferences>) }
  } catch {
    return START
  }
}

export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [preferences, setPreferences] = useState(stored)
  useEffect(() => localStorage.setItem(PLACE, JSON.stringify(preferences)), [preferences])
  const value = useMemo(
    () => ({
      preferences,
      prefer: (change: Partial<Preferences>) => setPreferences((now) => ({ ...now, ...change })),
    }),
    [preferences],
  )
  return <Context.Provider value={value}>{children}</Context.Provider>
}

export const usePreferences = () => useContext(Context)

// Shows a figure or sentence of the core in the system of units that was chosen; in the other until an answer
// in that one has come.
export const useShown = () => {
  const { system } = useContext(Context).preferences
  return (told: Figure | Sentence | null | undefined) => told?.[system] ?? told?.metric ?? told?.us ?? ''
}
