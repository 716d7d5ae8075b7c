import type { PieceSheet } from '../../../api/client'
import { PASSED } from './verdicts'

const DAY = 86_400_000
const MOST = 6
const GONE = ['quarantined', 'scrapped', 'lost']

export const days = (iso: string) => Date.parse(`${iso.slice(0, 10)}T00:00:00Z`) / DAY

export interface Mark {
  day: string
  word: string
  bad: boolean
}

type Told = {
  now: { fields: Record<string, string> }
  looks: Pick<PieceSheet['looks'][number], 'day' | 'sort' | 'result'>[]
  acts: Pick<PieceSheet['acts'][number], 'at' | 'after'>[]
}

// Days on which something was found or done, the last ones, one mark a day: what is bad goes before what is
// not.
export function marksOf({ now, looks, acts }: Told): Mark[] {
  const marks: Mark[] = [
    ...looks.map(({ day, result }) => ({
      day,
      word: result === 'not_whole' ? 'looked at' : result,
      bad: !PASSED.includes(result) && result !== 'not_whole',
    })),
    ...acts
      .filter(({ after }) => GONE.includes(after))
      .map(({ at, after }) => ({ day: at.slice(0, 10), word: after, bad: true })),
  ]
  const { in_service, examined } = now.fields
  if (in_service) marks.push({ day: in_service, word: 'in service', bad: false })
  if (examined && !marks.some(({ day }) => day === examined))
    marks.push({ day: examined, word: 'examined', bad: false })
  const byDay = new Map<string, Mark>()
  marks.forEach((mark) => {
    if (mark.bad || !byDay.get(mark.day)?.bad) byDay.set(mark.day, mark)
  })
  return [...byDay.values()].sort((one, other) => (one.day < other.day ? -1 : 1)).slice(-MOST)
}

// Which of some places along a line go to the lower of two rows, so that words near one another do not meet.
export function rows(places: number[], apart: number): boolean[] {
  const low: boolean[] = []
  places.forEach((place, index) =>
    low.push(index > 0 && place - places[index - 1]! < apart && !low[index - 1]),
  )
  return low
}

// The look that is gone on to: the next one that nobody looked at, after this one and round again; the next
// one where none is left.
export function nextLook(looks: { id: string; verdict: string }[], at: string): string {
  const from = looks.findIndex((look) => look.id === at)
  const round = [...looks.slice(from + 1), ...looks.slice(0, from + 1)]
  return (round.find(({ verdict }) => verdict === 'not_looked') ?? round[0])?.id ?? at
}
