import type { DayPhase, LiftDay } from '../../api/answers.generated'
import { WORD, type Verdict } from '../../ladder/verdict'

// Of a trial that is not ended, what came of the last try.
const lastTry = (phase: DayPhase, day: LiftDay) =>
  phase.trial && !phase.done && day.tried > 0 ? day.trial?.tries.at(-1)?.verdict : undefined

export const asVerdict = (phase: DayPhase, day: LiftDay): Verdict =>
  phase.no ? 'stop' : phase.done ? 'holds' : (lastTry(phase, day) ?? 'not_known')

// Legs by index as they lie in the plan, seen from above: row by row, the far side first.
export const asTheyLie = (day: LiftDay) =>
  day.names
    .map((_, leg) => ({ leg, x: day.points[leg]?.[0] ?? leg, y: day.points[leg]?.[1] ?? 0 }))
    .sort((one, other) => (Math.abs(one.y - other.y) > 0.01 ? other.y - one.y : one.x - other.x))
    .map(({ leg }) => leg)

// In a word how a phase stands.
export const stands = (phase: DayPhase, day: LiftDay) => {
  if (phase.no) return 'no'
  if (phase.done) return 'yes'
  const tried = lastTry(phase, day)
  if (tried) return WORD[tried]
  const open = phase.id === day.open
  if (!open) return 'not yet'
  const heard = phase.heard.filter(({ said }) => said?.answer === 'yes').length
  if (phase.heard.length > 0) return `${heard} of ${phase.heard.length} names`
  const yes = phase.items.filter(({ said }) => said?.answer === 'yes').length
  return `${yes} of ${phase.items.length}`
}

export const KINDS: Record<string, string> = {
  answered: 'answered',
  held: 'ended',
  heard: 'has heard the briefing',
  named: 'is named',
  signaller: 'is signaller now',
  stop: 'called stop',
  went_on: 'says it goes on',
  wind: 'wind',
  rigged: 'measured as rigged',
  tried: 'trial lift',
  finding: 'finding',
  note: 'note',
  lesson: 'learnt',
  closed: 'closed the day',
}

// What an event tells, in one line.
export const line = (kind: string, about: Record<string, unknown>, day: LiftDay) => {
  const text = (name: string) => (typeof about[name] === 'string' ? about[name] : '')
  const phase = day.phases.find(({ id }) => id === about['phase'])
  const item = phase?.items.find(({ id }) => id === about['item'])
  const words = [
    kind === 'tried' || kind === 'rigged' ? '' : (item?.ask ?? phase?.label ?? ''),
    text('role'),
    text('piece'),
    text('gust'),
    text('answer'),
    about['gut'] === 'yes' ? 'a gut feeling' : '',
    text('lifted') && `lifted: ${text('lifted')}`,
    text('why'),
    text('word'),
  ].filter(Boolean)
  return [KINDS[kind] ?? kind, words.join(', ')].filter(Boolean).join(': ')
}
