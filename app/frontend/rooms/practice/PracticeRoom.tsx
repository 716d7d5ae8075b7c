import Button from '@mui/material/Button'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import type { DrillCourse } from '../../api/answers.generated'
import { practice } from '../../api/practice'
import { RoomBar } from '../../shell/RoomBar'
import { RoomMain } from '../../shell/RoomMain'
import { Reading } from '../../ui/Reading'
import { useTitle } from '../../ui/useTitle'
import { DrillCard } from './DrillCard'
import { KINDS, type Kind } from './words'
import { Kinds } from './Kinds'
import './practice.css'

// Drills: what comes back, what goes wrong, and of a kind where one is wanted. ?kind and ?seed ask one again.
export function PracticeRoom() {
  useTitle('Practice')
  const [asked, setAsked] = useSearchParams()
  const kind = KINDS.find((one) => one === asked.get('kind'))
  const seed = asked.get('seed')
  const [round, setRound] = useState(0)
  const [course, setCourse] = useState<DrillCourse | null>(null)
  const drill = useQuery({
    queryKey: ['drill', kind ?? null, seed, round],
    queryFn: () =>
      practice.ask({ ...(kind && { kind }), ...(kind && seed !== null && { seed: Number(seed) }) }),
    staleTime: Infinity,
    gcTime: 0,
    retry: false,
  })
  const standing = course ?? drill.data?.course ?? []
  const want = (one: Kind | null) => {
    setAsked(one ? { kind: one } : {})
    setRound((now) => now + 1)
  }
  const next = () => {
    if (seed !== null) setAsked(kind ? { kind } : {})
    setRound((now) => now + 1)
  }
  return (
    <>
      <RoomBar title="Practice">
        <Button component={Link} to="/" sx={{ color: 'inherit' }}>
          To the board
        </Button>
      </RoomBar>
      <RoomMain>
        <div className="practice">
          <Kinds standing={standing} kind={kind ?? null} onWant={want} />
          <div>
            <Reading query={drill} what="drill" pad={{ py: 3 }} />
            {drill.data && (
              <DrillCard
                key={`${drill.data.drill.kind}/${drill.data.drill.seed}/${round}`}
                drill={drill.data.drill}
                onAnswered={(answered) => setCourse(answered.course)}
                onNext={next}
              />
            )}
          </div>
        </div>
      </RoomMain>
    </>
  )
}
