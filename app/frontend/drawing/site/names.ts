import type { SiteView } from '../../api/ladder.generated'
import { middleOf, siteScale, type Frame, type SiteScale } from '../scale/siteScale'

type Feature = SiteView['features'][number]

// Where a feature's name stands: in its middle, moved into the sheet; nowhere when it is out of it.
export const namePlace = (feature: Feature, scale: SiteScale) => {
  const places = feature.outline ?? feature.line ?? (feature.at ? [feature.at] : [])
  if (places.length === 0) return null
  const shown = places.map(([east, north]) => ({ x: scale.x(east!), y: scale.y(north!) }))
  const [xs, ys] = [shown.map(({ x }) => x), shown.map(({ y }) => y)]
  if (
    Math.max(...xs) < scale.left ||
    Math.min(...xs) > scale.right ||
    Math.max(...ys) < scale.top ||
    Math.min(...ys) > scale.bottom
  )
    return null
  const [east, north] = middleOf(places)
  const within = (value: number, least: number, most: number) => Math.max(least, Math.min(most, value))
  // What is stood or landed on is covered in its middle: its name stands at its northern edge.
  const covered = feature.kind === 'landing' || feature.kind === 'ground'
  return {
    x: within(scale.x(east), scale.left + 70, scale.right - 70),
    y: within(covered ? Math.min(...ys) + 20 : scale.y(north), scale.top + 24, scale.bottom - 40),
  }
}

// Half of what a letter takes, what a line of words takes over and under its baseline, and another line.
const HALF_LETTER = 3.8
const [OVER, UNDER, MORE] = [13, 5, 16]
// How far a name may be moved, down or up, nearest first.
const MOVES = [0, 18, -18, 36, -36, 54]
interface Named {
  x: number
  y: number
  half: number
  under: number
}
const overlie = (one: Named, other: Named) =>
  Math.abs(one.x - other.x) < one.half + other.half &&
  one.y - OVER < other.y + other.under &&
  other.y - OVER < one.y + one.under

// Where stations have their own names, beside them and away from the crane.
const stationNames = ({ crane, stations }: SiteView, scale: SiteScale): Named[] =>
  stations.map(({ at: [east, north] }) => {
    const left = crane && east! < crane.axis[0]!
    return { x: scale.x(east!) + (left ? -62 : 62), y: scale.y(north!) - 12, half: 46, under: UNDER }
  })

// What nobody strikes is named after what can be struck, never moved out of itself, and goes unnamed where
// there is no room.
const LESSER = ['ground', 'landing', 'escape', 'peg']

// The names, each moved off those before it, and the stations' own, that it would lie over.
export const namePlaces = (view: SiteView, scale: SiteScale) => {
  const taken = stationNames(view, scale)
  const lesser = ({ kind }: Feature) => LESSER.includes(kind)
  const ordered = [...view.features].sort((one, other) => Number(lesser(one)) - Number(lesser(other)))
  return ordered.reduce<(Named & { feature: Feature })[]>((placed, feature) => {
    const at = namePlace(feature, scale)
    if (!at) return placed
    const named = (y: number): Named => ({
      x: at.x,
      y,
      half: feature.name.length * HALF_LETTER,
      under: UNDER + (feature.words ? MORE : 0),
    })
    const free = MOVES.filter((move) => move >= 0 || !lesser(feature))
      .map((move) => named(at.y + move))
      .find((one) => ![...taken, ...placed].some((other) => overlie(one, other)))
    const found = free ?? (lesser(feature) ? null : named(at.y))
    return found ? [...placed, { ...found, feature }] : placed
  }, [])
}

// The same with the site drawn in a frame.
export const namesWithin = (view: SiteView, frame: Frame) =>
  namePlaces(view, siteScale(view, frame)).map(({ feature, x, y, half, under }) => ({
    name: feature.name,
    kind: feature.kind,
    x,
    top: y - OVER,
    bottom: y + under,
    half,
  }))
