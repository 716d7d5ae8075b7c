import type { ActName, PlanLife, RecordLine } from '../../api/answers.generated'

export type State = PlanLife['state']
export const STATES: State[] = ['draft', 'checked', 'issued', 'lifting', 'closed']

export const counted = (bars: number) => (bars === 1 ? '1 bar' : `${bars} bars`)

// What an act is called on its button.
export const DO: Record<ActName, string> = {
  wrote: 'Write it down',
  flight: 'Sign',
  second: 'Sign as engineer',
  deviation: 'Put a name under it',
  issued: 'Issue',
  began: 'Begin the lift',
  closed: 'Close',
  withdrawn: 'Withdraw',
  archived: 'Archive',
}

// What a record tells, in words.
export function told(record: RecordLine, flights: PlanLife['flights']): string {
  const { about, revision } = record
  const because = about['reason'] ? `: ${about['reason']}` : ''
  switch (record.act) {
    case 'wrote':
      return `wrote rev ${revision}`
    case 'flight':
      return `signed flight ${flights.find(({ id }) => id === about['flight'])?.label ?? about['flight']}`
    case 'second':
      return `signed rev ${revision}, second signature`
    case 'deviation':
      return `put a name under “${about['deviation']}”${because}`
    case 'issued':
      return `issued rev ${revision} for ${about['from']?.replace('T', ' ')}`
    case 'began':
      return 'began the lift'
    case 'closed':
      return about['lifted'] === 'yes' ? `lifted, closed${because}` : `closed, not lifted${because}`
    case 'withdrawn':
      return `withdrew it${because}`
    case 'archived':
      return 'put it away'
  }
}

// As what a plan stands unchanged; null where it may be changed.
export const frozenAs = ({ state, archived }: Pick<PlanLife, 'state' | 'archived'>) =>
  archived ? 'archived' : ['issued', 'lifting', 'closed'].includes(state) ? state : null
