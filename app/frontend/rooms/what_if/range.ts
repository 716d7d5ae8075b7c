import type { WhatIfPart } from '../../api/client'
import { FEET, POUNDS, type System } from '../../units/units'
import { rank, WORD } from '../../ladder/verdict'

export type Input = NonNullable<WhatIfPart['inputs']>[number]
export type Limit = NonNullable<WhatIfPart['limit']>
export type Band = NonNullable<WhatIfPart['strip']>['bands'][number]

const MPH = 0.44704
const round = (value: number, step: number) => Math.round(value / step) * step
const tidy = (value: number) => String(Number(value.toFixed(2)))

// A value of an input as one would type it.
export function written(kind: Input['kind'], value: number, system: System): string {
  const us = system === 'us'
  if (kind === 'mass') return us ? `${Math.round(value / POUNDS)} lb` : `${Math.round(value)} kg`
  if (kind === 'speed') return us ? `${tidy(value / MPH)} mph` : `${tidy(value)} m/s`
  return us ? `${tidy(value / FEET)} ft` : `${tidy(value)} m`
}

// What one of a kind is worth in the unit that it is typed in.
const worth = (kind: Input['kind'], system: System) =>
  system === 'metric' ? 1 : kind === 'mass' ? POUNDS : kind === 'speed' ? MPH : FEET

// From where to where it is asked first: about what it is now, in round figures of the system.
export function firstRange({ kind, now }: Input, system: System): [string, string] {
  const unit = worth(kind, system)
  const value = now.value / unit
  const write = (at: number) => written(kind, at * unit, system)
  if (kind === 'mass') {
    const step = value > 2000 ? 500 : value > 200 ? 50 : 5
    return [
      write(Math.max(step, round(value * 0.5, step))),
      write(Math.max(2 * step, round(value * 1.75, step))),
    ]
  }
  if (kind === 'speed') return [write(0), write(system === 'us' ? 30 : 15)]
  const half = kind === 'place' ? (system === 'us' ? 6 : 2) : Math.max(1, round(value * 0.5, 1))
  const least = kind === 'length' ? 0.5 : -500
  return [write(Math.max(least, round(value - half, 0.5))), write(round(value + half, 0.5))]
}

// The nearest value that can be typed in round figures of the system.
export function nearest(kind: Input['kind'], value: number, system: System): number {
  const us = system === 'us'
  if (kind === 'mass') return us ? round(value, POUNDS) : round(value, 1)
  if (kind === 'speed') return us ? round(value, MPH / 10) : round(value, 0.1)
  return us ? round(value, FEET / 100) : round(value, 0.01)
}

// The value of a strip that is looked at: the nearest that can be typed, within what was looked at.
export function lookedAt(values: number[] | null, kind: Input['kind'], at: number, system: System): number {
  const within = values ?? [0, 1]
  return Math.min(within.at(-1)!, Math.max(within[0]!, nearest(kind, at, system)))
}

// The rung and what of it: crane (set).
export const named = ({ label, subject }: { label: string | null; subject: string | null }) =>
  `${label?.toLowerCase() ?? ''}${subject ? ` (${subject})` : ''}`

// What a strip says of a value; between the last step of one band and the first of the next the worse.
export function bandAt(bands: Band[], value: number): Band | null {
  const near = bands.filter(({ from_value, to_value }, index) => {
    const from = bands[index - 1]?.to_value ?? from_value - 1e-6
    const to = bands[index + 1]?.from_value ?? to_value + 1e-6
    return value > from - 1e-9 && value < to + 1e-9 && (value >= from_value || value > from + 1e-9)
  })
  const inside = near.find((band) => value >= band.from_value - 1e-9 && value <= band.to_value + 1e-9)
  if (inside) return inside
  return near.reduce<Band | null>(
    (worst, band) => (worst && rank(worst.verdict) <= rank(band.verdict) ? worst : band),
    null,
  )
}

// What nobody knows of the plan, and what is therefore said of nothing; empty where all is known.
export function asideWords(aside: string[]): string {
  if (aside.length === 0) return ''
  const named = aside.slice(0, 3).map((label) => label.toLowerCase())
  const more = aside.length > 3 ? ` and ${aside.length - 3} more` : ''
  return `Not known, and left aside: ${named.join(', ')}${more}. Said is only what is known.`
}

// The whole strip in one sentence: how far each verdict goes, and what ends it.
export function bandWords(bands: Band[], system: System, aside: string[] = []): string {
  const told: string[] = []
  bands.forEach((band, index) => {
    const next = bands[index + 1]
    if (next?.verdict === band.verdict) return
    const word = WORD[band.verdict]
    const why = band.verdict === 'holds' ? '' : `: ${named(band)}`
    told.push(next ? `${word} to ${band.to[system]}${why}` : `${told.length ? 'then ' : ''}${word}${why}`)
  })
  const text = told.join(', ')
  if (!text) return ''
  return aside.length > 0 ? `What is known: ${text}.` : `${text[0]!.toUpperCase()}${text.slice(1)}.`
}

// Of one limit: how far, and what ends it.
export function limitWords(limit: Limit, system: System): string {
  const holds = limit.holds?.[system]
  if (limit.stops_now) return holds ? `stops no more ${limit.way === 'up' ? 'from' : 'up to'} ${holds}` : ''
  if (!limit.rung) return `as far as was looked, ${holds}`
  const word = limit.verdict === 'not_known' ? 'not known: ' : ''
  return `${holds}, then ${word}${named(limit)}`
}
