import type { DayPhase, LiftDay } from '../../api/answers.generated'
import type { KeptEvent } from '../../plan/keptDays'

// What was said on this device and waits to be sent goes on from what the server knew last: without a
// network the day goes on too. Whether it counts is the server's to say once it has it.

// The last that was said here of a kind with these figures, and is not with the server yet.
export const keptOf = (kept: KeptEvent[], kind: string, about: Record<string, unknown>) =>
  kept.findLast(
    ({ event, refused }) =>
      !refused &&
      event.kind === kind &&
      Object.entries(about).every(([name, value]) => event.about[name] === value),
  )

const yes = (kept: KeptEvent | undefined) => kept?.event.about['answer'] === 'yes'

// Was its end said here, and not sent yet?
export const endedHere = (kept: KeptEvent[], phase: DayPhase) =>
  yes(keptOf(kept, 'held', { phase: phase.id }))

// The phase that is open for whoever holds this device.
export const openHere = (day: LiftDay, kept: KeptEvent[]) =>
  day.phases.find((phase) => !phase.done && !endedHere(kept, phase))?.id ?? null

// Items still to be answered with yes.
export const leftOf = (phase: DayPhase, kept: KeptEvent[]) =>
  phase.items.filter(({ id, said }) => {
    const here = keptOf(kept, 'answered', { phase: phase.id, item: id })
    return here ? !yes(here) : said?.answer !== 'yes'
  }).length

// Who signals now: who was told here last, where it is not sent yet.
export const signallerHere = (day: LiftDay, kept: KeptEvent[]) =>
  keptOf(kept, 'signaller', {})?.event.name ?? day.signaller ?? ''

// Everybody of the crew by name, each once: with the roles, and whether they have heard the briefing.
export const crewOf = (day: LiftDay, kept: KeptEvent[]) => {
  const all = day.phases.flatMap(({ heard }) => heard).filter(({ name }) => name !== '')
  return [...new Set(all.map(({ name }) => name))].map((name) => {
    const here = kept.findLast(
      ({ event, refused }) => !refused && event.kind === 'heard' && event.name === name,
    )
    return {
      name,
      roles: all.filter((one) => one.name === name).map(({ role }) => role),
      heard: here ? yes(here) : all.some((one) => one.name === name && one.said?.answer === 'yes'),
    }
  })
}

// Who is named for a role: of the plan, on the day, or here. Of signallers it is the one who signals now.
export const named = (day: LiftDay, role: string, kept: KeptEvent[] = []) =>
  (role === 'signaller' && signallerHere(day, kept)) ||
  (day.phases.flatMap(({ heard }) => heard).find((one) => one.role === role && one.name !== '')?.name ??
    keptOf(kept, 'named', { role })?.event.name ??
    '')
