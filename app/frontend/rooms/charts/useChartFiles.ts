import { useEffect, useState } from 'react'
import { api, type ChartPart } from '../../api/client'

// What chart files say, chart by chart as they are read.
export function useChartFiles(files: File[]) {
  const [parts, setParts] = useState<ChartPart[]>([])
  const [done, setDone] = useState(false)
  const [error, setError] = useState<string | null>(null)
  useEffect(() => {
    const stop = new AbortController()
    let heard: ChartPart[] = []
    let waiting = false
    const show = () => {
      waiting = false
      if (!stop.signal.aborted) setParts(heard)
    }
    api
      .readCharts(
        files,
        (part) => {
          heard = [...heard, part]
          if (!waiting) requestAnimationFrame(show)
          waiting = true
        },
        stop.signal,
      )
      .then(
        () => {
          setParts(heard)
          setDone(true)
        },
        (fault: unknown) =>
          !stop.signal.aborted &&
          setError(fault instanceof Error ? fault.message : 'the files could not be read'),
      )
    return () => stop.abort()
  }, [files])
  return { parts, done, error, setError }
}
