import type { CrewSet, DrillAnswered, DrillAsked, DrillTry } from './answers.generated'
import type { Plan } from './plan.generated'
import { send } from './wire'

export const practice = {
  // The next drill, of a kind where one is wanted; or the one of a kind and seed.
  ask: (wanted: { kind?: string; seed?: number }) => send<DrillAsked>('POST', '/drills', wanted),
  answer: (drill: { kind: string; seed: number }, answer: unknown) =>
    send<DrillAnswered>('POST', '/drill_answers', { kind: drill.kind, seed: drill.seed, answer }),
  tryLinks: (seed: number, links: number[]) => send<DrillTry>('POST', '/drill_tries', { seed, links }),
  crew: (document: Plan, asked?: { question: string; answer: string }) =>
    send<CrewSet>('POST', '/crew_questions', { document, ...asked }),
}
