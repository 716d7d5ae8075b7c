import type { RevisionLine } from '../../api/client'

// Which two revisions are compared: those that are asked for, else the newest with the one before it.
export function pairOf(
  all: Pick<RevisionLine, 'number'>[],
  from: string | null,
  to: string | null,
): { from: number | null; to: number | null } {
  const there = (text: string | null) => all.find(({ number }) => String(number) === text)?.number
  const last = there(to) ?? all[0]?.number ?? null
  const before = all.find(({ number }) => last !== null && number < last)?.number ?? last
  return { from: there(from) ?? before, to: last }
}
