const two = (number: number) => String(number).padStart(2, '0')

// A time as every list here writes it, year first, so that no day is taken for a month: "2026-11-29 14:05".
export function when(iso: string) {
  const at = new Date(iso)
  const day = [at.getFullYear(), two(at.getMonth() + 1), two(at.getDate())].join('-')
  return `${day} ${two(at.getHours())}:${two(at.getMinutes())}`
}
