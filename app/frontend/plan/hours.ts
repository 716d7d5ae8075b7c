// Times at the site, such as 2026-12-14T06:30; reckoned without any zone.
const WHOLE = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/
const asUtc = (at: string) => (WHOLE.test(at) ? Date.parse(`${at}:00Z`) : NaN)

// When a lift ends that now begins at another time, and takes as long as before. null where nothing was
// said; as it was where the hours cannot be read.
export function movedEnd(from: string | null, until: string | null, to: string | null): string | null {
  if (!from || !until || !to) return until
  const took = asUtc(until) - asUtc(from)
  if (Number.isNaN(took) || Number.isNaN(asUtc(to))) return until
  return new Date(asUtc(to) + took).toISOString().slice(0, 16)
}
