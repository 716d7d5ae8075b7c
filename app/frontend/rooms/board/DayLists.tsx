import { Link } from 'react-router'
import type { DaysPage } from '../../api/client'
import { COLOUR, WORD } from '../../ladder/verdict'
import { useShown } from '../../ui/preferences'
import { PosturedLadder } from './PosturedLadder'
import { dayName, standing } from './words'

// On a phone: the days one below the other, each with its lifts.
export function DayLists({ page, mine }: { page: DaysPage; mine: Map<number, number> }) {
  const shown = useShown()
  return (
    <div className="day-lists">
      {page.days.map((day) => {
        const lifts = page.lifts.filter(
          (lift) => lift.lift_at.slice(0, 10) <= day && lift.ends > `${day}T00:00`,
        )
        return (
          lifts.length > 0 && (
            <section key={day} aria-label={dayName(day)}>
              <h2>{dayName(day, { month: 'short' })}</h2>
              {lifts.map((lift) => {
                const both = lift.twice[0]
                return (
                  <Link key={lift.id} to={`/plans/${lift.id}`} data-lift={lift.id}>
                    <PosturedLadder lift={lift} />
                    <span>
                      <strong>{lift.title}</strong>
                      <br />
                      {standing(lift, day)}, {lift.cranes.map(({ name }) => name).join(', ') || 'no crane'}
                      <br />
                      <b style={{ color: COLOUR[lift.verdict] }}>
                        {lift.working ? 'working' : `${WORD[lift.verdict]} ${shown(lift.percent)}`}
                      </b>{' '}
                      {lift.said}
                      {both && <span className="twice"> {both.crane} twice</span>}
                      {mine.has(lift.id) && <span className="mine"> waits for you: {mine.get(lift.id)}</span>}
                    </span>
                  </Link>
                )
              })}
            </section>
          )
        )
      })}
    </div>
  )
}
