import type {
  CompetenceLine,
  DoorLink,
  PersonLine,
  RulesPage,
  ScriptName,
  SignedIn,
} from './answers.generated'
import { ask, send } from './wire'

// What an admin writes of somebody.
export interface Written {
  name: string
  roles: NonNullable<PersonLine['roles']>
  active: boolean
  competences: CompetenceLine[]
}

// Of the site's own rules: values by place, why each, and of which version.
export interface RulesAsked {
  changes: Record<string, number | string | boolean | null>
  why: Record<string, string>
  password: string
  version: number
}

export const rulesApi = {
  rules: (id: string) => ask<RulesPage>(`/rule_sets/${id}`),
  copyRules: (of: string, title: string) => send<RulesPage>('POST', '/rule_sets', { of, title }),
  changeRules: (id: string, asked: RulesAsked) => send<RulesPage>('PATCH', `/rule_sets/${id}`, asked),
}

// Who is here, how they come in, and what asks in their names.
export const peopleApi = {
  session: () => ask<SignedIn>('/session'),
  signIn: (given: { login: string; password: string } | { pick: number }) =>
    send<SignedIn>('POST', '/session', given),
  // everywhere: whatever one has open ends.
  signOut: (everywhere = false) => send<SignedIn>('DELETE', '/session', { everywhere }),
  setPassword: (password: string, next: string) =>
    send<SignedIn>('PATCH', '/session', { password, new: next }),
  // By a link that an admin gave.
  useLink: (link: string, password: string) =>
    send<{ login: string }>('POST', '/password', { link, password }),
  // Lifts, ends of competences, examinations.
  calendarAddress: '/api/calendar',
  people: () => ask<PersonLine[]>('/people'),
  addPerson: (login: string, written: Written) => send<PersonLine>('POST', '/people', { login, ...written }),
  changePerson: (id: number, written: Written, lock_version: number) =>
    send<PersonLine>('PATCH', `/people/${id}`, { ...written, lock_version }),
  giveLink: (id: number) => send<DoorLink>('POST', `/people/${id}/link`, {}),
  endSessions: (id: number) => send<PersonLine>('DELETE', `/people/${id}/sessions`, {}),
  scripts: () => ask<ScriptName[]>('/tokens'),
  addScript: (name: string, password: string) => send<ScriptName>('POST', '/tokens', { name, password }),
  removeScript: (id: number) => send<null>('DELETE', `/tokens/${id}`, {}),
}
