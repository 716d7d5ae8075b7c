// How a foot is drawn, by how it is judged.
export const FOOT: Record<string, { fill: string; stroke: string; dash?: string }> = {
  holds: { fill: 'var(--mark)', stroke: 'var(--ink)' },
  tight: { fill: 'var(--tightFill)', stroke: 'var(--ink)' },
  stop: { fill: 'var(--stopGround)', stroke: 'var(--ink)' },
  not_known: { fill: 'var(--chalk)', stroke: 'var(--ink)', dash: '4 3' },
}
