import { useState } from 'react'
import { api, faultWords, Refused, type PersonLine, type Written } from '../../api/client'

const BLANK: Written = { name: '', roles: [], active: true, competences: [] }
const writtenOf = ({ name, roles, active, competences }: PersonLine): Written => ({
  name,
  roles: roles ?? [],
  active,
  competences,
})

// Somebody as they are being written: what was typed stays when it is refused.
export function usePerson(person: PersonLine | null, done: (next: PersonLine | null) => void) {
  const [login, setLogin] = useState(person?.login ?? '')
  const [written, setWritten] = useState<Written>(person ? writtenOf(person) : BLANK)
  const [faults, setFaults] = useState<{ pointer: string; words: string }[]>([])
  const [busy, setBusy] = useState(false)
  const set = (change: Partial<Written>) => setWritten((now) => ({ ...now, ...change }))

  async function asked(act: () => Promise<void>) {
    if (busy) return
    setBusy(true)
    setFaults([])
    try {
      await act()
    } catch (error) {
      const refused = error instanceof Refused ? error : new Refused(0, [])
      const told = refused.faults.map((one) => ({ pointer: one.pointer, words: faultWords(one) }))
      setFaults(told.length > 0 ? told : [{ pointer: '', words: 'no answer from the server' }])
    } finally {
      setBusy(false)
    }
  }

  const save = () =>
    asked(async () => {
      if (person) {
        await api.changePerson(person.id, written, person.lock_version!)
        done(null)
      } else done(await api.addPerson(login, written))
    })
  const faultAt = (pointer: string) => faults.find((fault) => fault.pointer === pointer)?.words
  return { login, setLogin, written, set, faults, faultAt, busy, save, asked }
}
