import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { refusal, Refused } from '../../api/wire'

const STILL_MS = 350

// What the core says of something that is still being typed, once the hand is still; with what is wrong,
// by its place. silent: nobody answers, so nothing is judged, and nothing of before is shown as if it
// were.
export function useJudged<Given, Told>(
  key: unknown[],
  given: Given | null,
  judge: (given: Given) => Promise<Told>,
) {
  const text = JSON.stringify(given)
  const [still, setStill] = useState(text)
  useEffect(() => {
    const timer = setTimeout(() => setStill(text), STILL_MS)
    return () => clearTimeout(timer)
  }, [text])
  const asked = useQuery({
    queryKey: [...key, still],
    queryFn: () => judge(JSON.parse(still) as Given),
    enabled: still !== 'null',
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
    networkMode: 'always',
  })
  const faults = asked.error instanceof Refused ? asked.error.faults : []
  const silent = asked.error instanceof Refused && (asked.error.status === 0 || asked.error.status >= 500)
  const settled = still === text && !asked.isPlaceholderData && !asked.isFetching
  return {
    told: asked.isError || still === 'null' ? undefined : asked.data,
    settled,
    silent,
    faults: silent ? [] : faults,
    words: asked.isError ? refusal(asked.error, 'no answer') : '',
  }
}
