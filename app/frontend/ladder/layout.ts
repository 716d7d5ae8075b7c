// Where each rung's bar stands: level with what it checks, in the order of the load path, never closer than
// the pitch. wanted: foot first, page y of the thing itself. Answers with the tops of the rungs.
export const PITCH = 60
const BAR_BELOW_TOP = 28

export const layoutRungs = (
  wanted: { id: string; y: number }[],
  top: number,
  bottom: number,
): Record<string, number> => {
  const pitch = Math.min(PITCH, (bottom - top) / Math.max(1, wanted.length))
  const placed: number[] = []
  let limit = bottom - pitch
  wanted.forEach(({ y }, index) => {
    const room = top + (wanted.length - 1 - index) * pitch
    const place = Math.max(room, Math.min(y - BAR_BELOW_TOP, limit))
    placed.push(place)
    limit = place - pitch
  })
  return Object.fromEntries(wanted.map(({ id }, index) => [id, placed[index] ?? top]))
}

export const barOf = (top: number) => top + BAR_BELOW_TOP
