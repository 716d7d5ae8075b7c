import { useEffect, useRef, useState } from 'react'
import type { Tailing } from '../../api/ladder.generated'

const FRAME_MS = 60
const STILL_MS = 700
// With motion reduced it goes in few steps.
const STILL_STEPS = 9

// The step at which more of either chart is used than at any other.
const governing = ({ worst }: Tailing) => {
  const [head, tail] = [worst.head, worst.tail]
  const share = (one: typeof head) => one?.use?.value ?? (one ? Infinity : -1)
  return share(tail) >= share(head) ? tail : head
}

const reduced = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches

// Which step of a turn is looked at: scrubbed, played, or the governing one.
// live: a step that is followed instead.
export function useScrub(view: Tailing, live: number | null = null) {
  const [at, setAt] = useState<number | null>(null)
  const [playing, setPlaying] = useState(false)
  const worst = governing(view)
  const wanted = live ?? at ?? worst?.at ?? view.from
  const near = view.steps.reduce(
    (best, step, index) =>
      Math.abs(step.at - wanted) < Math.abs(view.steps[best]!.at - wanted) ? index : best,
    0,
  )
  const last = view.steps.length - 1
  const now = useRef(near)
  const ats = useRef(view.steps)
  useEffect(() => {
    now.current = near
    ats.current = view.steps
  })
  useEffect(() => {
    if (!playing) return
    const still = reduced()
    const by = still ? Math.max(1, Math.round(last / STILL_STEPS)) : 1
    const timer = setInterval(
      () => {
        const next = now.current + by
        if (next >= ats.current.length) return setPlaying(false)
        setAt(ats.current[next]!.at)
      },
      still ? STILL_MS : FRAME_MS,
    )
    return () => clearInterval(timer)
  }, [playing, last])
  const to = (index: number) => {
    setPlaying(false)
    setAt(view.steps[Math.max(0, Math.min(last, index))]!.at)
  }
  const play = () => {
    if (!playing && near === last) setAt(view.steps[0]!.at)
    setPlaying(!playing)
  }
  return {
    index: near,
    last,
    to,
    playing,
    play,
    worst,
    toWorst: () => {
      setPlaying(false)
      setAt(null)
    },
  }
}
export type Scrub = ReturnType<typeof useScrub>
