import type { PersonLine } from '../../api/client'
import type { Plan } from '../../api/plan.generated'

export type Named = NonNullable<Plan['crew']>[number]
export type Role = Named['role']
export const ROLES: Role[] = ['operator', 'slinger', 'signaller', 'supervisor']

// What somebody may do as one of a crew, as a choice says it.
export function able({ competences }: Pick<PersonLine, 'competences'>, role: Role): string {
  const until = competences
    .filter(({ kind }) => kind.toLowerCase() === role)
    .map((one) => one.until)
    .sort()
    .at(-1)
  return until ? `${role} until ${until}` : `no competence as ${role}`
}

// The crew with another one in a role, or with nobody; the others stay where they are.
export function renamed(crew: Named[], role: Role, next: Named | null): Named[] {
  const index = crew.findIndex((one) => one.role === role)
  if (!next) return crew.filter((one) => one.role !== role)
  return index < 0 ? [...crew, next] : crew.map((one, at) => (at === index ? next : one))
}
