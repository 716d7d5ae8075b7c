import type { Crane, Plan } from '../api/plan.generated'
import { craneOf } from './crane'

type Stand = NonNullable<Crane['stand']>

// Nothing is said yet of how the crane stands.
export const BLANK_STAND: Stand = {
  east: null,
  north: null,
  ground: null,
  bearing: null,
  mat: null,
  carried: null,
  load_turned: null,
  load_axis: null,
  watcher: '',
  dunnage: null,
}

export const standOf = (plan: Plan): Stand | undefined => craneOf(plan).stand

// Which site the plan takes place on, as it has it.
export const siteOf = (plan: Plan) =>
  plan.site_document ? plan.snapshots.sites?.[plan.site_document]?.data : undefined

interface Taken {
  identifier: string
  snapshot: { digest: string; data: unknown }
}
// What changes in a plan that takes a site, or another version of it; the crane stays where it stands.
export const takingSite = (plan: Plan, site: Taken) => ({
  '/site_document': site.identifier,
  '/snapshots/sites': { [site.identifier]: site.snapshot },
  ...(standOf(plan) ? {} : { '/cranes/0/stand': BLANK_STAND }),
})
